<script setup lang="ts">
import { figures, days } from '../../shared/chart/scales.ts'
import { formatAtMost, typedNumber } from '@spudder/core/base/writing'
import { addDays, dateToDay, daysBetween, dayToDate } from '@spudder/core/base/calendar'
import { storyOf } from '@spudder/core/verdict/diagnosis'
import { plantOf } from '@spudder/core/stand/plant'
import { doubtOf, pHOn, waterPH } from '@spudder/core/seen/reading'
import { computed } from 'vue'
import { useStandCase } from '../../shared/case/stand-case.ts'
import type { Chart, ChartPoint, Mark } from '../../shared/chart/chart.ts'
import ChartFrame from '../../shared/chart/ChartFrame.vue'
import { dayWords, today } from '../../shared/units/today.ts'

/** pH through time with its doubt, and the days in which the pale leaves grew. */
const { story, stand, verdict, look, openCase } = useStandCase()
const lookedOn = computed(() => look.value.lookedOn)
const history = computed(() =>
  story.value
    ? storyOf(lookedOn.value, story.value.readings, story.value.events).pHHistory
    : undefined,
)
const points = computed(() => (history.value?.readings ?? []).filter(({ kind }) => kind === 'pH'))
const from = computed(() => {
  const oldest = points.value[0]?.takenOn ?? addDays(today(), -120)
  const window = verdict.value?.window.from ?? oldest
  return addDays(oldest < window ? oldest : window, -10)
})
const y = computed(() => {
  const { low: from = 5.5, high: to = 8.5 } = plant.value?.pHRange ?? {}
  const values = [...points.value.map(waterPH), from, to]
  const [low, high] = [Math.min(5.5, ...values), Math.max(8.5, ...values)]
  return figures(low - 0.2, high + 0.2)
})
const stepDays = computed(() => Math.max(1, Math.round(daysBetween(from.value, today()) / 160)))
const estimates = computed(() => {
  const known = history.value
  if (!known) return []
  const days = Math.floor(daysBetween(from.value, today()) / stepDays.value)
  return Array.from({ length: days + 1 }, (_, index) => {
    const day = addDays(from.value, index * stepDays.value)
    return { day, known: pHOn(day, known) }
  }).flatMap(({ day, known: at }) => (at ? [{ x: dayToDate(day), ...at }] : []))
})
const window = computed(() => (openCase.value ? verdict.value?.window : undefined))
const ironWords = { efficient: 'good', medium: 'middling', inefficient: 'poor' } as const
/** Where the plant keeps its colour. */
const plant = computed(() => (stand.value ? plantOf(stand.value) : undefined))
const values = computed<readonly ChartPoint[]>(() =>
  points.value.map((point) => {
    const [pH, doubt] = [waterPH(point), doubtOf(point)]
    return {
      x: dayToDate(point.takenOn),
      y: pH,
      low: pH - doubt,
      high: pH + doubt,
      words: `${dayWords(point.takenOn)}: pH ${formatAtMost(point.value, 2)}`,
    }
  }),
)
const grewIn = computed<readonly Mark[]>(() => {
  if (!window.value) return []
  const x = [dayToDate(window.value.from), dayToDate(window.value.to)] as const
  const words = 'these leaves grew'
  return [{ kind: 'stretch', x, ink: 'rust-wash', words, wordsIn: 'rust' }]
})
const liked = computed<readonly Mark[]>(() => {
  const { low, high } = plant.value?.pHRange ?? {}
  return [low, high].flatMap((y): Mark[] =>
    y === undefined ? [] : [{ kind: 'rule', y, ink: 'slate', dash: '5 4' }],
  )
})
const chart = computed<Chart>(() => ({
  label: `pH from ${dayWords(from.value)} to today, ${points.value.length} readings`,
  height: 192,
  margin: { top: 30, right: 10, bottom: 24, left: 30 },
  x: {
    scale: days(from.value, addDays(today(), 5)),
    ticks: 5,
    words: (date: Date) => dayWords(dateToDay(date)),
  },
  y: { scale: y.value, ticks: 5, words: (pH: number) => typedNumber(pH), hasGrid: true },
  marks: [
    ...grewIn.value,
    ...liked.value,
    {
      kind: 'band',
      points: estimates.value.map(({ x, pH, doubt }) => ({ x, low: pH - doubt, high: pH + doubt })),
      ink: 'slate',
      opacity: 0.16,
    },
    {
      kind: 'line',
      points: estimates.value.map(({ x, pH }) => ({ x, y: pH })),
      ink: 'slate',
      width: 1.6,
    },
    { kind: 'points', points: values.value, size: 3.6 },
  ],
}))
</script>

<template>
  <section aria-label="pH through time">
    <h2 class="minor">pH through time</h2>
    <p v-if="plant" class="faint-note">
      {{ plant.name }} keeps its colour at pH {{ typedNumber(plant.pHRange.low) }} to
      {{ typedNumber(plant.pHRange.high) }}, between the dashed lines; it is
      {{ ironWords[plant.ironEfficiency] }} at getting iron out of the soil ({{ plant.source }}).
    </p>
    <ChartFrame v-if="points.length > 0" :chart="chart" name="pH through time" :least-width="230" />
    <p v-else class="faint-note">
      No pH yet. The pH that counts is the one the pale leaves grew in.
    </p>
  </section>
</template>

<style scoped>
section {
  display: grid;
  gap: 4px;
}
</style>
