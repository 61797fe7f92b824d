<script setup lang="ts">
import { figures } from '../../shared/chart/scales.ts'
import { formatDecimals, typedNumber } from '@spudder/core/base/writing'
import { percent } from '@spudder/core/base/quantity'
import type { PHBelief } from '@spudder/core/material/persistence'
import { computed } from 'vue'
import type { Chart, Mark } from '../../shared/chart/chart.ts'
import ChartFrame from '../../shared/chart/ChartFrame.vue'
import { brackets, curvePHs, nameCurves, type Bracket, type Curve } from './curve-chart.ts'

/** How much of each form's iron stays dissolved at a pH, with the pH of this stand across it. */
const props = defineProps<{
  curves: readonly Curve[]
  pH: PHBelief | undefined
  /** The curve of what is chosen. */
  chosenId: Curve['id'] | undefined
  /** Schools speak of soil only. */
  hasBrackets: boolean
}>()

const [firstPH, lastPH] = [4, 10]
const shown = curvePHs.map((pH, index) => ({ pH, index })).filter(({ pH }) => pH <= lastPH + 0.001)
const chosen = computed(() => props.curves.find(({ id }) => id === props.chosenId))
const shareHere = (curve: Curve): number => {
  const pH = props.pH?.pH ?? 7
  const index = Math.round((Math.min(11, Math.max(firstPH, pH)) - firstPH) / 0.05)
  return curve.usual[index] ?? 0
}
const description = computed(
  () =>
    `Share of iron that stays dissolved, by pH. At pH ${formatDecimals(props.pH?.pH ?? 7, 1)}: ${props.curves
      .map((curve) => `${curve.name} ${percent(shareHere(curve))}`)
      .join(', ')}`,
)
const within = (pH: number) => Math.min(lastPH, Math.max(firstPH, pH))
/** Where this stand is, with its doubt. */
const here = computed<readonly Mark[]>(() => {
  if (!props.pH) return []
  const { pH, doubt } = props.pH
  const words = `pH ${formatDecimals(pH, 1)} here`
  return [
    { kind: 'stretch', x: [within(pH - doubt), within(pH + doubt)], ink: 'rust', opacity: 0.12 },
    { kind: 'rule', x: within(pH), ink: 'rust', width: 2, words, side: 'bottom' },
  ]
})
function bracketWords({ name, from, to, isOpen }: Bracket): string {
  if (isOpen) return `${name}: ${typedNumber(from)} and over`
  const upTo = typedNumber(to)
  return from === to ? `${name}: to ${upTo}` : `${name}: ${typedNumber(from)} to ${upTo}, by school`
}
const schools = computed<readonly Mark[]>(() => {
  const rows = brackets.map((bracket) => ({
    ...bracket,
    isStrong: bracket.id === props.chosenId,
    words: bracketWords(bracket),
  }))
  const title = 'schools use it in soil up to pH'
  return props.hasBrackets ? [{ kind: 'brackets', title, rows }] : []
})
const curves = computed<readonly Mark[]>(() =>
  props.curves.map(({ id, usual, dash }) => ({
    kind: 'line',
    points: shown.map(({ pH, index }) => ({ x: pH, y: usual[index] ?? 0 })),
    ...(id === props.chosenId ? { ink: 'ink', width: 3 } : { ink: 'slate', width: 1.4 }),
    dash,
  })),
)
const band = computed<readonly Mark[]>(() => {
  const { low, high } = chosen.value ?? {}
  if (!low || !high) return []
  const points = shown.map(({ pH, index }) => ({
    x: pH,
    low: low[index] ?? 0,
    high: high[index] ?? 0,
  }))
  return [{ kind: 'band', points, ink: 'strong-line', opacity: 0.4 }]
})
const names = computed(() =>
  nameCurves(props.curves, lastPH).map(({ id, pH, share, holds }) => ({
    ...(holds ? {} : { x: pH }),
    y: share,
    words: props.curves.find((curve) => curve.id === id)?.name ?? '',
    isStrong: id === props.chosenId,
  })),
)
const chart = computed<Chart>(() => {
  const top = props.hasBrackets ? brackets.length * 15 + 22 : 12
  return {
    label: description.value,
    height: top + 205 + 30,
    margin: { left: 44, right: 62, top, bottom: 30 },
    x: { scale: figures(firstPH, lastPH), ticks: [4, 5, 6, 7, 8, 9, 10], unit: 'pH' },
    y: {
      scale: figures(0, 1),
      ticks: [0, 0.25, 0.5, 0.75, 1],
      words: (share: number) => `${share * 100}${share === 1 ? ' %' : ''}`,
      hasGrid: true,
    },
    marks: [
      ...schools.value,
      ...here.value,
      ...band.value,
      ...curves.value,
      { kind: 'names', names: names.value },
    ],
  }
})
</script>

<template>
  <ChartFrame :chart="chart" name="Iron that stays dissolved, by pH" :least-width="280" />
</template>
