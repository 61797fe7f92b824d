<script setup lang="ts">
import { percent } from '@spudder/core/base/quantity'
import type { PHBelief } from '@spudder/core/material/persistence'
import { scaleLinear } from 'd3-scale'
import { area, line } from 'd3-shape'
import { computed } from 'vue'
import { useWidth } from '../../shared/ribbon/use-width.ts'
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

const width = useWidth('box')
const bracketRow = 15
function bracketWords({ name, from, to, isOpen }: Bracket): string {
  if (isOpen) return `${name}: ${from} and over`
  return from === to ? `${name}: to ${to}` : `${name}: ${from} to ${to}, by school`
}
const left = 44
const right = 62
const bottom = 30
const plotHeight = 205
const top = computed(() => (props.hasBrackets ? brackets.length * bracketRow + 22 : 12))
const height = computed(() => top.value + plotHeight + bottom)
const wide = computed(() => Math.max(280, width.value))
const x = computed(() => scaleLinear([4, lastPH], [left, wide.value - right]))
const y = computed(() => scaleLinear([0, 1], [top.value + plotHeight, top.value]))

const lastPH = 10
const shown = curvePHs.map((pH, index) => ({ pH, index })).filter(({ pH }) => pH <= lastPH + 0.001)
type Point = (typeof shown)[number]
const lineOf = (shares: readonly number[]): string =>
  line<Point>()
    .x(({ pH }) => x.value(pH))
    .y(({ index }) => y.value(shares[index] ?? 0))(shown) ?? ''
const bandOf = ({ low, high }: Curve): string =>
  area<Point>()
    .x(({ pH }) => x.value(pH))
    .y0(({ index }) => y.value(low[index] ?? 0))
    .y1(({ index }) => y.value(high[index] ?? 0))(shown) ?? ''

/** Height of a line of names [px]. */
const nameHeight = 13
const drawn = computed(() => {
  const names = nameCurves(props.curves, lastPH)
  // Names of curves that hold to the end stand at the right, the highest first, none on another.
  const ends = new Map<Curve['id'], number>()
  let lowest = -Infinity
  for (const { id, share } of names
    .filter(({ holds }) => holds)
    .toSorted((a, b) => b.share - a.share)) {
    lowest = Math.max(y.value(share) + 4, lowest + nameHeight)
    ends.set(id, lowest)
  }
  return props.curves.map((curve, index) => {
    const name = names[index]
    return {
      curve,
      path: lineOf(curve.usual),
      nameX: x.value(name?.pH ?? lastPH) + 5,
      nameY: ends.get(curve.id) ?? y.value(name?.share ?? 1) - 3,
    }
  })
})
const chosen = computed(() => props.curves.find(({ id }) => id === props.chosenId))
const here = computed(() => {
  if (!props.pH) return undefined
  const { pH, doubt } = props.pH
  const within = (value: number) => Math.min(10, Math.max(4, value))
  return {
    at: x.value(within(pH)),
    from: x.value(within(pH - doubt)),
    to: x.value(within(pH + doubt)),
    words: `pH ${pH.toFixed(1)} here`,
  }
})
const shareHere = (curve: Curve): number => {
  const pH = props.pH?.pH ?? 7
  const index = Math.round((Math.min(11, Math.max(4, pH)) - 4) / 0.05)
  return curve.usual[index] ?? 0
}
const description = computed(
  () =>
    `Share of iron that stays dissolved, by pH. At pH ${(props.pH?.pH ?? 7).toFixed(1)}: ${props.curves
      .map((curve) => `${curve.name} ${percent(shareHere(curve))}`)
      .join(', ')}`,
)
const label = computed(() => (props.hasBrackets ? 'schools use it in soil up to pH' : undefined))
</script>

<template>
  <div ref="box" class="box">
    <svg :width="wide" :height="height" role="img" :aria-label="description">
      <g v-if="hasBrackets">
        <text :x="left" :y="11" class="small">{{ label }}</text>
        <g
          v-for="(bracket, row) in brackets"
          :key="bracket.id"
          :transform="`translate(0 ${22 + row * bracketRow})`"
          :class="{ on: bracket.id === chosenId }"
        >
          <title>
            {{ bracketWords(bracket) }}
          </title>
          <line
            :x1="x(bracket.from)"
            :x2="bracket.isOpen ? x(10) : x(bracket.to)"
            y1="4"
            y2="4"
            class="bracket"
          />
          <line :x1="x(bracket.from)" :x2="x(bracket.from)" y1="0" y2="8" class="bracket" />
          <line
            v-if="!bracket.isOpen"
            :x1="x(bracket.to)"
            :x2="x(bracket.to)"
            y1="0"
            y2="8"
            class="bracket"
          />
          <text :x="x(bracket.from) - 5" y="8" class="bracket-name">{{ bracket.name }}</text>
        </g>
      </g>
      <g v-for="tick in [0, 0.25, 0.5, 0.75, 1]" :key="tick">
        <line :x1="left" :x2="x(10)" :y1="y(tick)" :y2="y(tick)" class="grid" />
        <text :x="left - 6" :y="y(tick) + 4" class="tick-y">
          {{ tick * 100 }}{{ tick === 1 ? ' %' : '' }}
        </text>
      </g>
      <g v-for="tick in [4, 5, 6, 7, 8, 9, 10]" :key="`x${tick}`">
        <text :x="x(tick)" :y="height - 14" class="tick-x">{{ tick }}</text>
      </g>
      <text :x="x(10) + 16" :y="height - 14" class="small">pH</text>
      <rect
        v-if="here"
        :x="here.from"
        :width="Math.max(1, here.to - here.from)"
        :y="top"
        :height="plotHeight"
        class="doubt"
      />
      <path v-if="chosen" :d="bandOf(chosen)" class="band" />
      <g v-for="each in drawn" :key="each.curve.id" :class="{ on: each.curve.id === chosenId }">
        <path :d="each.path" class="curve" :stroke-dasharray="each.curve.dash" />
        <text :x="each.nameX" :y="each.nameY" class="name">{{ each.curve.name }}</text>
      </g>
      <g v-if="here">
        <line :x1="here.at" :x2="here.at" :y1="top" :y2="top + plotHeight" class="here" />
        <text :x="here.at" :y="height - 1" class="here-name">{{ here.words }}</text>
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
.small {
  font-size: 10.5px;
}
.grid {
  stroke: var(--line);
}
.tick-y {
  text-anchor: end;
}
.tick-x {
  text-anchor: middle;
}
.curve {
  fill: none;
  stroke: var(--slate);
  stroke-width: 1.4;
}
.name {
  font-weight: 560;
  paint-order: stroke;
  stroke: var(--paper);
  stroke-width: 3px;
}
.on .curve {
  stroke: var(--ink);
  stroke-width: 3;
}
.on .name,
.on .bracket-name {
  fill: var(--ink);
  font-weight: 700;
}
.band {
  fill: var(--strong-line);
  opacity: 0.4;
}
.bracket {
  stroke: var(--slate);
  stroke-width: 1.3;
}
.on .bracket {
  stroke: var(--ink);
  stroke-width: 2.2;
}
.bracket-name {
  text-anchor: end;
  font-size: 10.5px;
}
.doubt {
  fill: var(--rust);
  opacity: 0.12;
}
.here {
  stroke: var(--rust);
  stroke-width: 2;
}
.here-name {
  text-anchor: middle;
  fill: var(--rust);
  font-weight: 640;
}
</style>
