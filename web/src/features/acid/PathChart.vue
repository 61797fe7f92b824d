<script setup lang="ts">
import { figures } from '../../shared/chart/scales.ts'
import { formatDecimals } from '@spudder/core/base/writing'
import { addDays, dayToDate } from '@spudder/core/base/calendar'
import { computed } from 'vue'
import { useStandCase } from '../../shared/case/stand-case.ts'
import type { Chart } from '../../shared/chart/chart.ts'
import ChartFrame from '../../shared/chart/ChartFrame.vue'
import { ribbonModel } from '../../shared/ribbon/ribbon-model.ts'
import RibbonBand from '../../shared/ribbon/RibbonBand.vue'
import { timeScale } from '../../shared/ribbon/time-axis.ts'
import TimeAxis from '../../shared/ribbon/TimeAxis.vue'
import { useWidth } from '../../shared/ribbon/use-width.ts'
import { dayWords, today } from '../../shared/units/today.ts'
import { useAcidStore } from './acid-store.ts'
import StepHandles from './StepHandles.vue'

/** The path of pH with its band under the leaf's own ribbon, on one time axis; steps hang from it. */
const { forecast, start, measured, retests, band } = useAcidStore()
const { story, known } = useStandCase()
const width = useWidth('chart')
const margin = { left: 34, right: 6, top: 8, bottom: 20 }
const wide = computed(() => Math.max(260, width.value - margin.left - margin.right))
const points = computed(() =>
  (forecast.value?.points ?? []).map((point) => ({ ...point, x: dayToDate(point.day) })),
)
const window = computed(() => {
  const from = start.value?.startsOn ?? today()
  return { from: addDays(from, -20), to: points.value.at(-1)?.day ?? addDays(from, 365) }
})
const scale = computed(() => timeScale(window.value, wide.value))
const y = computed(() => {
  const low = Math.min(band.value.low, ...points.value.map((each) => Math.min(each.low, each.top)))
  const high = Math.max(
    band.value.high,
    ...points.value.map((each) => Math.max(each.high, each.top)),
  )
  return figures(low - 0.15, high + 0.15)
})
const model = computed(
  () => story.value && ribbonModel(story.value, known.value, today(), addDays(today(), 60)),
)
const pHWords = (pH: number) => formatDecimals(pH, 1)
const description = computed(() => {
  const end = points.value.at(-1)
  const from = start.value ? pHWords(start.value.pH) : ''
  return end
    ? `pH from ${from} to ${pHWords(end.low)}-${pHWords(end.high)} on ${dayWords(end.day)}`
    : 'path of pH'
})
const chart = computed<Chart>(() => ({
  label: description.value,
  height: 236,
  margin,
  // Days are written over the ribbon.
  x: { scale: scale.value, ticks: [] },
  y: { scale: y.value, ticks: 5, words: pHWords, hasGrid: true },
  marks: [
    {
      kind: 'stretch',
      y: [band.value.low, band.value.high],
      ink: 'sunken',
      opacity: 0.7,
      words: `wanted: ${pHWords(band.value.low)}-${pHWords(band.value.high)}`,
      wordsIn: 'ink',
    },
    { kind: 'band', points: points.value, ink: 'strong-line', opacity: 0.55 },
    {
      kind: 'line',
      points: points.value.map(({ x, top }) => ({ x, y: top })),
      ink: 'slate',
      width: 1.6,
      dash: '1.5 4',
    },
    {
      kind: 'line',
      name: 'usual',
      points: points.value.map(({ x, usual }) => ({ x, y: usual })),
      ink: 'ink',
      width: 2.2,
    },
    {
      kind: 'points',
      size: 4.5,
      points: measured.value.map(({ day, pH, doubt }) => ({
        x: dayToDate(day),
        y: pH,
        low: pH - doubt,
        high: pH + doubt,
        text: pHWords(pH),
        words: `${dayWords(day)}: pH ${pHWords(pH)} measured`,
      })),
    },
    ...retests.value.map((day) => ({
      kind: 'rule' as const,
      x: dayToDate(day),
      ink: 'slate' as const,
      dash: '4 4',
      words: 'test',
      side: 'bottom' as const,
    })),
    { kind: 'rule', x: dayToDate(today()), ink: 'ink', width: 1.25 },
  ],
}))
</script>

<template>
  <div ref="chart" class="chart shrinks">
    <div :style="{ marginLeft: `${margin.left}px` }">
      <TimeAxis :scale="scale" :today="today()" />
      <RibbonBand
        v-if="model"
        :model="{ ...model, marks: [], jobs: [] }"
        :scale="scale"
        :today="today()"
        :band-height="16"
        label="Leaf colour"
        class="leaf"
      />
      <StepHandles :scale="scale" />
    </div>
    <ChartFrame :chart="chart" name="Path of pH" :least-width="300" />
  </div>
</template>

<style scoped>
.chart {
  overflow: hidden;
}
.leaf {
  margin-top: -10px;
}
</style>
