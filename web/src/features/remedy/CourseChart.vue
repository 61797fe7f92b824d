<script setup lang="ts">
import { figures } from '../../shared/chart/scales.ts'
import { percent } from '@spudder/core/base/quantity'
import type { FigureRange } from '@spudder/core/base/reference'
import { computed } from 'vue'
import type { Chart } from '../../shared/chart/chart.ts'
import ChartFrame from '../../shared/chart/ChartFrame.vue'

/** How much of the chosen iron is still at work in the days after it went out. */
const props = defineProps<{
  name: string
  /** Ranges on days from the first on. */
  course: readonly (FigureRange & { readonly day: number })[]
  /** Day of the next application; none where one has to last. */
  again: number | undefined
}>()
const last = computed(() => Math.max(1, props.course.at(-1)?.day ?? 1))
const description = computed(() => {
  const [first, end] = [props.course[0], props.course.at(-1)].map((day) => percent(day?.usual ?? 0))
  return `Iron of ${props.name} at work: ${first} on the day, ${end} after ${last.value} days`
})
const points = computed(() =>
  props.course.map(({ day, low, usual, high }) => ({ x: day, y: usual, low, high })),
)
const chart = computed<Chart>(() => ({
  label: description.value,
  height: 118,
  margin: { left: 40, right: 14, top: 12, bottom: 24 },
  x: {
    scale: figures(0, last.value),
    ticks: 6,
    words: (day: number) => (day === 0 ? 'day 0' : String(day)),
  },
  y: {
    scale: figures(0, 1),
    ticks: [0, 0.5, 1],
    words: (share: number) => `${share * 100}`,
    hasGrid: true,
  },
  marks: [
    { kind: 'band', points: points.value, ink: 'strong-line', opacity: 0.45 },
    { kind: 'line', points: points.value, ink: 'ink', width: 2.2 },
    ...(props.again !== undefined && props.again < last.value
      ? [{ kind: 'rule', x: props.again, ink: 'rust', dash: '3 3', words: 'again' } as const]
      : []),
  ],
}))
</script>

<template>
  <ChartFrame :chart="chart" :name="`Iron at work, ${name}`" />
</template>
