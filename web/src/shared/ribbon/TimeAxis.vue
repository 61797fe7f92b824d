<script setup lang="ts">
import type { Day } from '@spudder/core/base/calendar'
import { utcFormat } from 'd3-time-format'
import { computed } from 'vue'
import { xOf, type TimeScale } from './time-axis.ts'

const props = defineProps<{ scale: TimeScale; today: Day }>()

const width = computed(() => props.scale.range()[1] ?? 0)
const wide = 86
const asDay = utcFormat('%-d %b')
const asMonth = utcFormat('%b')
const asYear = utcFormat('%Y')
const asHour = utcFormat('%-H h')
const dayMs = 864e5

const xToday = computed(() => xOf(props.scale, props.today))
/** A view of a day or two is told by its hours. */
const isByHour = computed(() => {
  const [from, to] = props.scale.domain()
  return from !== undefined && to !== undefined && to.getTime() - from.getTime() <= 2 * dayMs
})
const ticks = computed(() => {
  if (isByHour.value) {
    return props.scale
      .ticks(12)
      .map((date) => ({ x: props.scale(date), words: asHour(date), isYear: false }))
      .filter(({ x }) => x > 60 && x < width.value - 12)
  }
  const dates = props.scale.ticks(Math.max(2, Math.floor(width.value / wide)))
  return dates
    .map((date) => {
      const isMonth = date.getUTCDate() === 1
      const isYear = isMonth && date.getUTCMonth() === 0
      const words = isYear ? asYear(date) : isMonth ? asMonth(date) : asDay(date)
      return { x: props.scale(date), words, isYear }
    })
    .filter(({ x }) => x > 16 && x < width.value - 24 && Math.abs(x - xToday.value) > 40)
})
</script>

<template>
  <svg :width="width" height="24" class="axis" aria-hidden="true">
    <g v-for="tick in ticks" :key="tick.x" :transform="`translate(${tick.x} 0)`">
      <line y1="18" y2="24" />
      <text y="14" :class="{ year: tick.isYear }">{{ tick.words }}</text>
    </g>
    <g :transform="`translate(${xToday} 0)`">
      <text y="14" class="today text-heavy" :class="{ edge: xToday < 18 }">today</text>
      <line y1="17" y2="24" class="today-line" />
    </g>
  </svg>
</template>

<style scoped>
.axis {
  display: block;
}
line {
  stroke: var(--strong-line);
}
text {
  font-size: 11.5px;
  text-anchor: middle;
  fill: var(--slate);
}
.year {
  font-weight: 650;
  fill: var(--ink);
}
.today {
  fill: var(--ink);
}
.edge {
  text-anchor: start;
}
.today-line {
  stroke: var(--ink);
}
</style>
