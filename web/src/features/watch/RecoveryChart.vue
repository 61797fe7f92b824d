<script setup lang="ts">
import { figures } from '../../shared/chart/scales.ts'
import { addDays, daysBetween } from '@spudder/core/base/calendar'
import { expectedGain, type FittedRecovery } from '@spudder/core/outcome/regreening'
import {
  acceptableGreenness,
  greennessWords,
  leafColour,
  type SeenGreenness,
} from '@spudder/core/seen/colour'
import { computed } from 'vue'
import type { TreatmentJudgement } from '../../shared/case/judgement.ts'
import type { Chart, ChartPoint, Mark } from '../../shared/chart/chart.ts'
import ChartFrame from '../../shared/chart/ChartFrame.vue'
import { dayWords } from '../../shared/units/today.ts'

type Seen = SeenGreenness & { readonly isSimulated?: boolean }

/** Colour since a treatment against the colour to be expected. */
const props = defineProps<{
  judged: TreatmentJudgement
  seen: readonly Seen[]
  /** The course that fits what was seen, where anything was. */
  fitted?: FittedRecovery | undefined
  /** Last day looked at: today, or that on which the case was closed. */
  until: string
}>()

const appliedOn = computed(() => props.judged.entry.happenedOn)
const lastDay = computed(() => {
  const { fades, full } = props.judged.response
  const sinceApplied = daysBetween(appliedOn.value, props.until)
  return Math.min(Math.max(full.high * 1.6, fades.low, sinceApplied + 4), fades.high * 2)
})
const firstDay = computed(() => -Math.round(lastDay.value * 0.16) - 2)
const within = (greenness: number) => Math.min(1, Math.max(0, greenness))
const from = (day: number, { low = 0, usual = 0, high = 0 } = {}) => {
  const { greenness } = props.judged.before
  const at = (gain: number) => within(greenness + gain)
  return { x: day, low: at(low), y: at(usual), high: at(high) }
}
const expected = computed(() =>
  Array.from({ length: Math.ceil(lastDay.value) + 1 }, (_, day) =>
    from(day, expectedGain(props.judged.response, props.judged.before.greenness, day)),
  ),
)
/** The fitted course with the middle 80 of 100, up to a little beyond the last look. */
const fit = computed<readonly Mark[]>(() => {
  const last = props.judged.judgement.gains.at(-1)?.days
  if (!props.fitted || last === undefined) return []
  const end = Math.min(lastDay.value, Math.max(last * 1.15, last + 3))
  const rows = Array.from({ length: 61 }, (_, index) => {
    const day = (end * index) / 60
    return from(day, props.fitted?.at(day))
  })
  const edge = { kind: 'line', ink: 'ink', width: 0.9, dash: '1.5 3' } as const
  return [
    { ...edge, points: rows.map(({ x, low }) => ({ x, y: low })) },
    { ...edge, points: rows.map(({ x, high }) => ({ x, y: high })) },
    { kind: 'line', ink: 'ink', width: 2, points: rows },
  ]
})
const pointsOf = (seen: readonly Seen[], what = ''): ChartPoint[] =>
  seen
    .map(({ day, greenness, doubt, isSimulated = false }) => ({
      x: daysBetween(appliedOn.value, day),
      y: greenness,
      low: within(greenness - doubt),
      high: within(greenness + doubt),
      fill: leafColour(greenness),
      isMadeUp: isSimulated,
      words: `${isSimulated ? 'made up: ' : ''}${what}${dayWords(day)}: ${greennessWords(greenness)}`,
    }))
    .filter(({ x }) => x >= firstDay.value && x <= lastDay.value)
const points = computed(() => pointsOf(props.seen))
const levels = [0.1, 0.3, 0.5, 0.7, 0.9]
const description = computed(() => {
  const last = props.seen.findLast(({ day }) => day >= addDays(appliedOn.value, firstDay.value))
  const colour = last
    ? `last seen ${greennessWords(last.greenness)} on ${dayWords(last.day)}`
    : 'not seen since'
  return `Leaf colour since the treatment: ${props.judged.judgement.word}, ${colour}`
})
const chart = computed<Chart>(() => ({
  label: description.value,
  height: 250,
  margin: { left: 82, right: 14, top: 12, bottom: 40 },
  x: {
    scale: figures(firstDay.value, lastDay.value),
    ticks: 8,
    words: (day: number) => (day === 0 ? 'day 0' : String(day)),
  },
  y: {
    scale: figures(0, 1),
    ticks: levels,
    words: greennessWords,
    colours: levels.map((level) => ({
      from: level - 0.1,
      to: level + 0.1,
      fill: leafColour(level),
    })),
  },
  marks: [
    { kind: 'rule', y: acceptableGreenness.value, ink: 'line' },
    { kind: 'band', points: expected.value, ink: 'strong-line', opacity: 0.42 },
    { kind: 'line', points: expected.value, ink: 'slate', width: 1.5, dash: '5 3' },
    ...fit.value,
    { kind: 'rule', x: 0, ink: 'rust', width: 1.5, words: 'treated' },
    { kind: 'points', points: points.value, size: 6.5 },
    {
      kind: 'points',
      points: pointsOf(props.judged.untreated, 'untreated, '),
      size: 5,
      shape: 'square',
    },
    { kind: 'end', words: dayWords(addDays(appliedOn.value, lastDay.value)) },
  ],
}))
</script>

<template>
  <ChartFrame :chart="chart" name="Colour since the treatment" :least-width="200" />
</template>
