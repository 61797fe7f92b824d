<script setup lang="ts">
import { percent } from '@spudder/core/base/quantity'
import type { FigureRange } from '@spudder/core/base/reference'
import { scaleLinear } from 'd3-scale'
import { area, line } from 'd3-shape'
import { computed } from 'vue'
import { useWidth } from '../../shared/ribbon/use-width.ts'

/** How much of the chosen iron is still at work in the days after it went out. */
const props = defineProps<{
  name: string
  /** Ranges on days from the first on. */
  course: readonly (FigureRange & { readonly day: number })[]
  /** Day of the next application; none where one has to last. */
  again: number | undefined
}>()
const width = useWidth('box')
const height = 118
const margin = { left: 40, right: 14, top: 12, bottom: 24 }
const wide = computed(() => Math.max(240, width.value))
const last = computed(() => Math.max(1, props.course.at(-1)?.day ?? 1))
const x = computed(() => scaleLinear([0, last.value], [margin.left, wide.value - margin.right]))
const y = scaleLinear([0, 1], [height - margin.bottom, margin.top])
type Day = (typeof props.course)[number]
const band = computed(
  () =>
    area<Day>()
      .x(({ day }) => x.value(day))
      .y0(({ low }) => y(low))
      .y1(({ high }) => y(high))([...props.course]) ?? '',
)
const usual = computed(
  () =>
    line<Day>()
      .x(({ day }) => x.value(day))
      .y((each) => y(each.usual))([...props.course]) ?? '',
)
const ticks = computed(() => x.value.ticks(6))
const description = computed(() => {
  const [first, end] = [props.course[0], props.course.at(-1)].map((day) => percent(day?.usual ?? 0))
  return `Iron of ${props.name} at work: ${first} on the day, ${end} after ${last.value} days`
})
</script>

<template>
  <div ref="box" class="box">
    <svg :width="wide" :height="height" role="img" :aria-label="description">
      <g v-for="tick in [0, 0.5, 1]" :key="tick">
        <line :x1="margin.left" :x2="x(last)" :y1="y(tick)" :y2="y(tick)" class="grid" />
        <text :x="margin.left - 6" :y="y(tick) + 4" class="tick-y">{{ tick * 100 }}</text>
      </g>
      <path :d="band" class="band" />
      <path :d="usual" class="usual" />
      <text v-for="tick in ticks" :key="`d${tick}`" :x="x(tick)" :y="height - 8" class="tick-x">
        {{ tick === 0 ? 'day 0' : tick }}
      </text>
      <g v-if="again !== undefined && again < last">
        <line :x1="x(again)" :x2="x(again)" :y1="y(1)" :y2="y(0)" class="again" />
        <text :x="x(again) + 5" :y="y(1) + 9" class="again-name">again</text>
      </g>
    </svg>
  </div>
</template>

<style scoped>
.box {
  min-width: 0;
  overflow: hidden;
}
svg {
  display: block;
}
text {
  font-size: 11.5px;
  fill: var(--slate);
}
.grid {
  stroke: var(--line);
}
.band {
  fill: var(--strong-line);
  opacity: 0.45;
}
.usual {
  fill: none;
  stroke: var(--ink);
  stroke-width: 2.2;
}
.tick-y {
  text-anchor: end;
}
.tick-x {
  text-anchor: middle;
}
.again {
  stroke: var(--rust);
  stroke-dasharray: 3 3;
}
.again-name {
  fill: var(--rust);
}
</style>
