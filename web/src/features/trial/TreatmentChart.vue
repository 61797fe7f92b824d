<script setup lang="ts">
import { figures, days } from '../../shared/chart/scales.ts'
import { dateToDay, dayToDate } from '@spudder/core/base/calendar'
import { formatNumber } from '@spudder/core/base/writing'
import type { TreatmentPoint } from '@spudder/core/outcome/trial'
import { computed } from 'vue'
import type { Chart, Mark } from '../../shared/chart/chart.ts'
import ChartFrame from '../../shared/chart/ChartFrame.vue'
import { dayWords, today } from '../../shared/units/today.ts'

/** Means of the treatments from date to date, with one deviation of each. */
const props = defineProps<{
  treatments: readonly { readonly treatment: string; readonly points: readonly TreatmentPoint[] }[]
  colourOf: (value: number) => string
}>()
const all = computed(() => props.treatments.flatMap(({ points }) => points))
const looks = computed(() => [...new Set(all.value.map(({ day }) => day))].toSorted())
/** Dashes tell the lines apart where colours do not. */
const dashes = ['none', '7 4', '2 3', '10 3 2 3', '4 2', '1 2', '12 4', '6 2 1 2']
const lines = computed(() =>
  props.treatments.flatMap(({ treatment, points }, index): Mark[] => {
    const means = points.map(({ day, mean, deviation }) => ({
      x: dayToDate(day),
      y: mean,
      low: mean - deviation,
      high: mean + deviation,
      fill: props.colourOf(mean),
      words: `${treatment}, ${dayWords(day)}: ${formatNumber(mean)}`,
    }))
    const dash = dashes[index % dashes.length] ?? 'none'
    return [
      { kind: 'line', points: means, ink: 'slate', width: 1.6, dash },
      { kind: 'points', points: means, size: 5 },
    ]
  }),
)
const chart = computed<Chart>(() => {
  const [first = today(), last = first] = [looks.value[0], looks.value.at(-1)]
  const low = Math.min(...all.value.map(({ mean, deviation }) => mean - deviation))
  const high = Math.max(...all.value.map(({ mean, deviation }) => mean + deviation))
  return {
    label: `Greenness by day of ${props.treatments.map(({ treatment }) => treatment).join(', ')}`,
    height: 190,
    margin: { left: 34, right: 132, top: 10, bottom: 26 },
    x: {
      scale: days(first, last),
      ticks: looks.value.map(dayToDate),
      words: (date: Date) => dayWords(dateToDay(date)),
    },
    y: {
      scale: figures(low, high).nice(),
      ticks: 4,
      words: (at: number) => formatNumber(at),
      hasGrid: true,
    },
    marks: [
      ...lines.value,
      {
        kind: 'names',
        names: props.treatments.map(({ treatment, points }) => ({
          y: points.at(-1)?.mean ?? low,
          words: treatment.slice(0, 20),
        })),
      },
    ],
  }
})
</script>

<template>
  <ChartFrame :chart="chart" name="Treatments from date to date" :least-width="300" />
</template>
