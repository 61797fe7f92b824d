<script setup lang="ts">
import { formatNumber } from '@spudder/core/base/writing'
import { greennessOf, leafColour } from '@spudder/core/seen/colour'
import { biasAt, eyeScales, ratingsOf, type Eye, type KeptSitting } from '@spudder/core/seen/eye'
import { readingKinds } from '@spudder/core/seen/reading'
import { computed } from 'vue'
import type { Chart } from '../../shared/chart/chart.ts'
import ChartFrame from '../../shared/chart/ChartFrame.vue'
import { figures } from '../../shared/chart/scales.ts'

/** What a person said over what was shown: an eye without fault lies on the thin line. */
const props = defineProps<{ eye: Eye; sittings: readonly KeptSitting[] }>()

const bounds = computed(() => readingKinds[props.eye.scale])
const rated = computed(() =>
  props.sittings
    .filter(({ scale, createdBy }) => scale === props.eye.scale && createdBy === props.eye.person)
    .flatMap(({ shown, said }) => ratingsOf(shown, said)),
)
const line = computed(() => {
  const { min, max } = bounds.value
  return Array.from({ length: 33 }, (_, part) => {
    const truth = min + ((max - min) * part) / 32
    const { mean, low, high } = biasAt(props.eye, truth)
    const within = (value: number) => Math.min(max, Math.max(min, value))
    return {
      x: truth,
      y: within(truth + mean),
      low: within(truth + low),
      high: within(truth + high),
    }
  })
})
const chart = computed<Chart>(() => {
  const { min, max } = bounds.value
  const number = (value: number) => formatNumber(value, 2)
  const ticks = Array.from({ length: max - min + 1 }, (_, step) => min + step)
  return {
    label: `${eyeScales[props.eye.scale].label}: what ${props.eye.person} said over what was shown`,
    height: 300,
    margin: { left: 30, right: 56, top: 30, bottom: 26 },
    x: { scale: figures(min, max), ticks, words: number, unit: 'shown' },
    y: { scale: figures(min, max), ticks, words: number, hasGrid: true },
    marks: [
      { kind: 'band', points: line.value, ink: 'slate', opacity: 0.18 },
      {
        kind: 'line',
        points: [
          { x: min, y: min },
          { x: max, y: max },
        ],
        ink: 'slate',
        width: 1,
        dash: '3 3',
      },
      { kind: 'line', name: 'eye', points: line.value, ink: 'ink', width: 2 },
      {
        kind: 'points',
        size: 4,
        points: rated.value.map(({ truth, said }) => ({
          x: truth,
          y: said,
          fill: leafColour(greennessOf(props.eye.scale, truth)),
          words: `drawn as ${number(truth)}, said ${number(said)}`,
        })),
      },
    ],
  }
})
</script>

<template>
  <ChartFrame :chart="chart" :name="`Eye of ${eye.person}`" :least-width="300" />
</template>
