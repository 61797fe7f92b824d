<script setup lang="ts">
import { addDays, daysBetween } from '@spudder/core/base/calendar'
import { expectedGain, type FittedRecovery } from '@spudder/core/outcome/regreening'
import {
  acceptableGreenness,
  greennessWords,
  leafColour,
  type SeenGreenness,
} from '@spudder/core/seen/colour'
import { scaleLinear } from 'd3-scale'
import { area, line } from 'd3-shape'
import { computed } from 'vue'
import type { TreatmentJudgement } from '../../shared/case/judgement.ts'
import { useWidth } from '../../shared/ribbon/use-width.ts'
import { dayWords } from '../../shared/units/today.ts'

/** Colour since a treatment against the colour to be expected. */
const props = defineProps<{
  judged: TreatmentJudgement
  seen: readonly SeenGreenness[]
  /** The course that fits what was seen, where anything was. */
  fitted?: FittedRecovery | undefined
  /** Last day looked at: today, or that on which the case was closed. */
  until: string
}>()

const width = useWidth('box')
const height = 250
const margin = { left: 82, right: 14, top: 12, bottom: 40 }

const appliedOn = computed(() => props.judged.entry.happenedOn)
const lastDay = computed(() => {
  const { fades, full } = props.judged.response
  const sinceApplied = daysBetween(appliedOn.value, props.until)
  return Math.min(Math.max(full.high * 1.6, fades.low, sinceApplied + 4), fades.high * 2)
})
const firstDay = computed(() => -Math.round(lastDay.value * 0.16) - 2)
const x = computed(() =>
  scaleLinear(
    [firstDay.value, lastDay.value],
    [margin.left, Math.max(200, width.value) - margin.right],
  ),
)
const y = scaleLinear([0, 1], [height - margin.bottom, margin.top])

const band = computed(() => {
  const { response, before } = props.judged
  const count = Math.ceil(lastDay.value)
  return Array.from({ length: count + 1 }, (_, day) => {
    const { low, usual, high } = expectedGain(response, before.greenness, day)
    const at = (gain: number) => Math.min(1, before.greenness + gain)
    return { day, low: at(low), usual: at(usual), high: at(high) }
  })
})
type Expected = (typeof band.value)[number]
const bandPath = computed(
  () =>
    area<Expected>()
      .x(({ day }) => x.value(day))
      .y0(({ low }) => y(low))
      .y1(({ high }) => y(high))(band.value) ?? '',
)
const usualPath = computed(
  () =>
    line<Expected>()
      .x(({ day }) => x.value(day))
      .y(({ usual }) => y(usual))(band.value) ?? '',
)
/** The fitted course with the middle 80 of 100, up to a little beyond the last look. */
const fit = computed(() => {
  const last = props.judged.judgement.gains.at(-1)?.days
  if (!props.fitted || last === undefined) return undefined
  const end = Math.min(lastDay.value, Math.max(last * 1.15, last + 3))
  const { before } = props.judged
  const at = (gain: number) => Math.min(1, Math.max(0, before.greenness + gain))
  const rows = Array.from({ length: 61 }, (_, index) => {
    const day = (end * index) / 60
    const { low = 0, usual = 0, high = 0 } = props.fitted?.at(day) ?? {}
    return { day, low: at(low), usual: at(usual), high: at(high) }
  })
  const edges = (which: 'low' | 'high') =>
    line<Expected>()
      .x(({ day }) => x.value(day))
      .y((row) => y(row[which]))(rows) ?? ''
  const middle = line<Expected>()
    .x(({ day }) => x.value(day))
    .y(({ usual }) => y(usual))(rows)
  return { low: edges('low'), high: edges('high'), middle: middle ?? '' }
})
const strips = computed(() =>
  props.judged.untreated
    .map((each) => ({ ...each, days: daysBetween(appliedOn.value, each.day) }))
    .filter(({ days }) => days >= firstDay.value && days <= lastDay.value),
)
const points = computed(() =>
  props.seen
    .map((each) => ({ ...each, days: daysBetween(appliedOn.value, each.day) }))
    .filter(({ days }) => days >= firstDay.value && days <= lastDay.value),
)
const ticks = computed(() => x.value.ticks(8).filter((tick) => Number.isInteger(tick)))
const levels = [0.1, 0.3, 0.5, 0.7, 0.9]
const description = computed(() => {
  const last = points.value.at(-1)
  const colour = last
    ? `last seen ${greennessWords(last.greenness)} on ${dayWords(last.day)}`
    : 'not seen since'
  return `Leaf colour since the treatment: ${props.judged.judgement.word}, ${colour}`
})
</script>

<template>
  <div ref="box">
    <svg :width="Math.max(200, width)" :height="height" role="img" :aria-label="description">
      <g v-for="level in levels" :key="level">
        <rect
          :x="margin.left - 12"
          :y="y(level + 0.1)"
          width="8"
          :height="y(level - 0.1) - y(level + 0.1)"
          :fill="leafColour(level)"
        />
        <text :x="margin.left - 16" :y="y(level) + 4" class="level">
          {{ greennessWords(level) }}
        </text>
      </g>
      <line
        :x1="margin.left"
        :x2="x(lastDay)"
        :y1="y(acceptableGreenness.value)"
        :y2="y(acceptableGreenness.value)"
        class="acceptable"
      />
      <path :d="bandPath" class="band" />
      <path :d="usualPath" class="usual" />
      <template v-if="fit">
        <path :d="fit.low" class="fit-edge" />
        <path :d="fit.high" class="fit-edge" />
        <path :d="fit.middle" class="fit" />
      </template>
      <line :x1="x(0)" :x2="x(0)" :y1="margin.top" :y2="height - margin.bottom" class="treated" />
      <text :x="x(0) + 5" :y="margin.top + 9" class="note">treated</text>
      <g v-for="point in points" :key="point.day + point.greenness">
        <title>{{ dayWords(point.day) }}: {{ greennessWords(point.greenness) }}</title>
        <line
          :x1="x(point.days)"
          :x2="x(point.days)"
          :y1="y(Math.min(1, point.greenness + point.doubt))"
          :y2="y(Math.max(0, point.greenness - point.doubt))"
          class="doubt"
        />
        <circle
          :cx="x(point.days)"
          :cy="y(point.greenness)"
          r="6.5"
          :fill="leafColour(point.greenness)"
          class="point"
        />
      </g>
      <g v-for="strip in strips" :key="`strip ${strip.day}`">
        <title>untreated, {{ dayWords(strip.day) }}: {{ greennessWords(strip.greenness) }}</title>
        <rect
          :x="x(strip.days) - 5"
          :y="y(strip.greenness) - 5"
          width="10"
          height="10"
          :fill="leafColour(strip.greenness)"
          class="strip"
        />
      </g>
      <g
        v-for="tick in ticks"
        :key="tick"
        :transform="`translate(${x(tick)} ${height - margin.bottom})`"
      >
        <line y2="5" class="tick" />
        <text y="18" class="day">{{ tick === 0 ? 'day 0' : tick }}</text>
      </g>
      <text :x="x(lastDay)" :y="height - 2" class="end">
        {{ dayWords(addDays(appliedOn, lastDay)) }}
      </text>
    </svg>
  </div>
</template>

<style scoped>
svg {
  display: block;
}
.band {
  fill: var(--strong-line);
  opacity: 0.42;
}
.usual {
  fill: none;
  stroke: var(--slate);
  stroke-width: 1.5;
  stroke-dasharray: 5 3;
}
.acceptable {
  stroke: var(--line);
}
.treated {
  stroke: var(--rust);
  stroke-width: 1.5;
}
.point {
  stroke: var(--ink);
  stroke-width: 1.5;
}
.doubt {
  stroke: var(--ink);
  stroke-width: 1.2;
}
.fit {
  fill: none;
  stroke: var(--ink);
  stroke-width: 2;
}
.fit-edge {
  fill: none;
  stroke: var(--ink);
  stroke-width: 0.9;
  stroke-dasharray: 1.5 3;
}
.strip {
  stroke: var(--ink);
  stroke-width: 1.2;
  stroke-dasharray: 2 1.5;
}
.tick {
  stroke: var(--strong-line);
}
text {
  font-size: 11.5px;
  fill: var(--slate);
}
.level {
  text-anchor: end;
  font-size: 10.5px;
}
.day {
  text-anchor: middle;
}
.end {
  text-anchor: end;
}
.note {
  fill: var(--rust);
}
</style>
