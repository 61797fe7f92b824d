<script setup lang="ts">
import type { WeatherDayDto } from '@spudder/contract/weather'
import type { UnitSystem } from '@spudder/core/quantity'
import { judgeSprayDay, weatherWords } from '@spudder/core/weather'
import { area, curveMonotoneX } from 'd3-shape'
import { computed } from 'vue'
import { xOf, type TimeScale } from '../../shared/ribbon/time-axis.ts'
import { dayWords } from '../../shared/units/today.ts'

const props = defineProps<{
  days: readonly WeatherDayDto[]
  scale: TimeScale
  today: string
  system: UnitSystem
}>()

const width = computed(() => props.scale.range()[1] ?? 0)
const dayWidth = computed(() => {
  const [first, second] = props.days
  return first && second ? xOf(props.scale, second.day) - xOf(props.scale, first.day) : 2
})
const inView = computed(() =>
  props.days
    .map((day) => ({
      ...day,
      x: xOf(props.scale, day.day),
      spray: judgeSprayDay(day, props.system),
    }))
    .filter(({ x }) => x > -dayWidth.value && x < width.value),
)

const warmTop = 6
const warmBottom = 38
const yOf = (celsius: number) =>
  warmBottom - ((Math.min(35, Math.max(-8, celsius)) + 8) / 43) * (warmBottom - warmTop)

/** Days too narrow to see one by one are drawn a week at a time. */
const smoothed = computed(() => {
  const step = Math.max(1, Math.round(3 / Math.max(0.2, dayWidth.value)))
  return inView.value.filter((_, index) => index % step === 0)
})
type Drawn = (typeof inView.value)[number]
const warmth = computed(
  () =>
    area<Drawn>()
      .x(({ x }) => x)
      .y0(({ minC }) => yOf(minC))
      .y1(({ maxC }) => yOf(maxC))
      .curve(curveMonotoneX)(smoothed.value) ?? '',
)
/** Hours fit for spraying matter from today on, as far as anybody foretells. */
const windows = computed(() => inView.value.filter(({ day }) => day >= props.today))
const rainHeight = (millimetres: number) => Math.min(20, millimetres * 1.1)

function titleOf(day: Drawn): string {
  const { coolest, warmest, rain, wind } = weatherWords(day, props.system)
  const verdict = day.spray.fit ? 'Fit for a leaf spray' : day.spray.against.join('; ')
  return `${dayWords(day.day)}: ${coolest} to ${warmest}, rain ${rain}, wind ${wind}. ${verdict}.`
}

const fitWords = computed(() => {
  const fit = windows.value.filter(({ spray }) => spray.fit).map(({ day }) => dayWords(day))
  return fit.length === 0
    ? 'no day fit for spraying in sight'
    : `fit for spraying: ${fit.join(', ')}`
})
</script>

<template>
  <svg
    :width="width"
    height="66"
    class="weather"
    role="img"
    :aria-label="`Simulated weather; ${fitWords}`"
  >
    <path :d="warmth" class="warmth" />
    <rect
      v-for="day in inView"
      :key="day.day"
      :x="day.x"
      :y="48 - rainHeight(day.rainMm)"
      :width="Math.max(1, dayWidth - 0.6)"
      :height="rainHeight(day.rainMm)"
      class="rain"
    />
    <line x1="0" :x2="width" y1="48" y2="48" class="ground" />
    <g v-for="day in windows" :key="`fit${day.day}`">
      <title>
        {{ titleOf(day) }}
      </title>
      <rect
        :x="day.x + 0.5"
        y="53"
        :width="Math.max(1.5, dayWidth - 1)"
        height="9"
        :class="day.spray.fit ? 'fit' : 'unfit'"
      />
    </g>
  </svg>
</template>

<style scoped>
.weather {
  display: block;
}
.warmth {
  fill: var(--strong-line);
  opacity: 0.55;
}
.rain {
  fill: var(--slate);
}
.ground {
  stroke: var(--strong-line);
  stroke-width: 0.75;
}
.fit {
  fill: var(--ink);
}
.unfit {
  fill: none;
  stroke: var(--strong-line);
  stroke-width: 0.8;
}
</style>
