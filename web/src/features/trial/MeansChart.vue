<script setup lang="ts">
import { figures, groups } from '../../shared/chart/scales.ts'
import { formatNumber } from '@spudder/core/base/writing'
import type { Comparison } from '@spudder/core/outcome/trial'
import { computed } from 'vue'
import type { Chart } from '../../shared/chart/chart.ts'
import ChartFrame from '../../shared/chart/ChartFrame.vue'

/** Means with their error bars and letters: two that share a letter are not apart. */
const props = defineProps<{
  comparison: Comparison
  bounds: { readonly min: number; readonly max: number }
  colourOf: (value: number) => string
}>()
const rowHeight = 30
const x = computed(() => {
  const reach = props.comparison.means.flatMap(({ mean, deviation }) => [
    mean - 2.2 * (deviation || 0),
    mean + 2.2 * (deviation || 0),
  ])
  const from = Math.max(props.bounds.min, Math.min(...reach))
  const to = Math.min(props.bounds.max, Math.max(...reach))
  return figures(from, to === from ? from + 1 : to).nice()
})
const chart = computed<Chart>(() => {
  const { means } = props.comparison
  const said = means.map((each) => ({
    ...each,
    words: `${formatNumber(each.mean)} ${each.letters}`,
  }))
  return {
    label: said.map(({ group, words }) => `${group} ${words}`).join(', '),
    height: means.length * rowHeight + 38,
    margin: { left: 190, right: 64, top: 14, bottom: 24 },
    x: { scale: x.value, ticks: 5, words: (at: number) => formatNumber(at), hasGrid: true },
    y: {
      // The first stands on top.
      scale: groups(means.map(({ group }) => group).toReversed()),
      ticks: means.map(({ group }) => group),
    },
    marks: [
      {
        kind: 'points',
        size: 7,
        points: said.map(({ group, mean, deviation, words }) => ({
          x: mean,
          y: group,
          ...(deviation > 0 ? { low: mean - deviation, high: mean + deviation } : {}),
          isDoubtAlong: true,
          fill: props.colourOf(mean),
          words: `${group}: ${words}`,
        })),
      },
      {
        kind: 'names',
        names: said.map(({ group, words }) => ({ y: group, words, isStrong: true })),
      },
    ],
  }
})
</script>

<template>
  <ChartFrame :chart="chart" name="Means of the treatments" :least-width="320" />
</template>
