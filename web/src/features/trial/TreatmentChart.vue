<script setup lang="ts">
import { daysBetween } from '@spudder/core/base/calendar'
import type { TreatmentPoint } from '@spudder/core/outcome/trial'
import { scaleLinear } from 'd3-scale'
import { line } from 'd3-shape'
import { computed } from 'vue'
import { useWidth } from '../../shared/ribbon/use-width.ts'
import { dayWords } from '../../shared/units/today.ts'

/** Means of the treatments from date to date, with one deviation of each. */
const props = defineProps<{
  treatments: readonly { readonly treatment: string; readonly points: readonly TreatmentPoint[] }[]
  colourOf: (value: number) => string
}>()
const width = useWidth('box')
const height = 190
const margin = { left: 34, right: 132, top: 10, bottom: 26 }
const all = computed(() => props.treatments.flatMap(({ points }) => points))
const days = computed(() => [...new Set(all.value.map(({ day }) => day))].toSorted())
const first = computed(() => days.value[0] ?? '')
const x = computed(() =>
  scaleLinear(
    [0, Math.max(1, daysBetween(first.value, days.value.at(-1) ?? first.value))],
    [margin.left, Math.max(margin.left + 80, width.value - margin.right)],
  ),
)
const y = computed(() =>
  scaleLinear(
    [
      Math.min(...all.value.map(({ mean, deviation }) => mean - deviation)),
      Math.max(...all.value.map(({ mean, deviation }) => mean + deviation)),
    ],
    [height - margin.bottom, margin.top],
  ).nice(),
)
const at = (day: string) => x.value(daysBetween(first.value, day))
const pathOf = (points: readonly TreatmentPoint[]): string =>
  line<TreatmentPoint>()
    .x(({ day }) => at(day))
    .y(({ mean }) => y.value(mean))([...points]) ?? ''
/** Dashes tell the lines apart where colours do not. */
const dashes = ['none', '7 4', '2 3', '10 3 2 3', '4 2', '1 2', '12 4', '6 2 1 2']
/** Names at the right end, moved apart where they would lie on each other. */
const labels = computed(() => {
  const ends = props.treatments
    .map(({ treatment, points }) => ({ treatment, y: y.value(points.at(-1)?.mean ?? 0) + 4 }))
    .toSorted((a, b) => a.y - b.y)
  return ends.reduce<typeof ends>((placed, each) => {
    const above = placed.at(-1)
    return [...placed, { ...each, y: above ? Math.max(each.y, above.y + 14) : each.y }]
  }, [])
})
</script>

<template>
  <div ref="box">
    <svg
      :width="Math.max(300, width)"
      :height="height"
      role="img"
      :aria-label="`Greenness by day of ${treatments.map(({ treatment }) => treatment).join(', ')}`"
    >
      <g v-for="tick in y.ticks(4)" :key="tick">
        <line :x1="margin.left" :x2="x.range()[1]" :y1="y(tick)" :y2="y(tick)" class="grid" />
        <text :x="margin.left - 8" :y="y(tick) + 4" class="tick end">{{ tick }}</text>
      </g>
      <text v-for="day in days" :key="day" :x="at(day)" :y="height - 8" class="tick middle">
        {{ dayWords(day) }}
      </text>
      <g v-for="(each, index) in treatments" :key="each.treatment">
        <path :d="pathOf(each.points)" class="line" :stroke-dasharray="dashes[index % 8]" />
        <template v-for="point in each.points" :key="point.day">
          <line
            :x1="at(point.day)"
            :x2="at(point.day)"
            :y1="y(point.mean - point.deviation)"
            :y2="y(point.mean + point.deviation)"
            class="bar"
          />
          <circle :cx="at(point.day)" :cy="y(point.mean)" r="5" :fill="colourOf(point.mean)" />
        </template>
      </g>
      <text
        v-for="label in labels"
        :key="label.treatment"
        :x="(x.range()[1] ?? 0) + 10"
        :y="label.y"
      >
        {{ label.treatment.slice(0, 20) }}
      </text>
    </svg>
  </div>
</template>

<style scoped>
svg {
  display: block;
}
.grid {
  stroke: var(--line);
}
.line {
  fill: none;
  stroke: var(--slate);
  stroke-width: 1.6;
}
.bar,
circle {
  stroke: var(--ink);
  stroke-width: 1.2;
}
text {
  font-size: 12px;
  fill: var(--ink);
}
.tick {
  fill: var(--slate);
  font-size: 11px;
}
.end {
  text-anchor: end;
}
.middle {
  text-anchor: middle;
}
</style>
