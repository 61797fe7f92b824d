<script setup lang="ts">
import type { Day } from '@spudder/core/calendar'
import { computed, useId } from 'vue'
import { dayWords } from '../units/today.ts'
import type { RibbonModel } from './ribbon-model.ts'
import { expectedLevels, expectedStops, seenStops } from './ribbon-paint.ts'
import RibbonMarks from './RibbonMarks.vue'
import { xOf, type TimeScale } from './time-axis.ts'

const props = defineProps<{
  model: RibbonModel
  scale: TimeScale
  today: Day
  /** Height of the painted band; marks stand above it [px]. */
  bandHeight: number
  /** Said to those who do not see it. */
  label: string
  /** Words beside the marks and jobs. */
  isLarge?: boolean
}>()

const id = useId()
const markRoom = computed(() => (props.isLarge ? 30 : 13))
const height = computed(() => markRoom.value + props.bandHeight + (props.isLarge ? 26 : 12))
const width = computed(() => props.scale.range()[1] ?? 0)
const xToday = computed(() => xOf(props.scale, props.today))
const seen = computed(() => seenStops(props.model.seen, props.scale))
const xFirst = computed(() => Math.max(0, seen.value[0]?.x ?? xToday.value))
const xLast = computed(() => {
  const { now } = props.model
  return now ? xOf(props.scale, now.day) : xToday.value
})
const strips = computed(() =>
  expectedLevels.map((level) => expectedStops(props.model.expected, props.scale, level)),
)
const stripHeight = computed(() => props.bandHeight / expectedLevels.length)
const unseen = computed(() =>
  props.model.unseen
    .map(({ from, to }) => ({ x: xOf(props.scale, from), to: xOf(props.scale, to) }))
    .filter(({ x, to }) => to > 0 && x < width.value),
)
const description = computed(() => {
  const { now } = props.model
  const colour = now ? `${now.words}, ${now.figure} on ${dayWords(now.day)}` : 'not looked at yet'
  return `${props.label}: ${colour}`
})
const span = (from: number, to: number) => ({ x: from, width: Math.max(0, to - from) })
</script>

<template>
  <svg :width="width" :height="height" class="ribbon" role="img" :aria-label="description">
    <defs>
      <linearGradient
        v-if="seen.length > 0"
        :id="`${id}-seen`"
        gradientUnits="userSpaceOnUse"
        :x1="seen[0]!.x"
        :x2="Math.max(seen[0]!.x + 1, seen.at(-1)!.x)"
        y1="0"
        y2="0"
      >
        <stop
          v-for="stop in seen"
          :key="stop.x"
          :offset="(stop.x - seen[0]!.x) / Math.max(1, seen.at(-1)!.x - seen[0]!.x)"
          :stop-color="stop.colour"
        />
      </linearGradient>
      <template v-for="(strip, index) in strips" :key="index">
        <linearGradient
          v-if="strip.length > 1"
          :id="`${id}-level-${index}`"
          gradientUnits="userSpaceOnUse"
          :x1="strip[0]!.x"
          :x2="strip.at(-1)!.x"
          y1="0"
          y2="0"
        >
          <stop
            v-for="stop in strip"
            :key="stop.x"
            :offset="(stop.x - strip[0]!.x) / (strip.at(-1)!.x - strip[0]!.x)"
            :stop-color="stop.colour"
            :stop-opacity="stop.opacity"
          />
        </linearGradient>
      </template>
      <pattern :id="`${id}-hatch`" width="6" height="6" patternUnits="userSpaceOnUse" patternTransform="rotate(52)">
        <line x1="0" y1="0" x2="0" y2="6" class="hatch-line" />
      </pattern>
    </defs>

    <g :transform="`translate(0 ${markRoom})`">
      <rect v-bind="span(0, xFirst)" :height="bandHeight" class="unknown" />
      <rect v-bind="span(0, xFirst)" :height="bandHeight" :fill="`url(#${id}-hatch)`" opacity="0.5" />
      <rect
        v-if="seen.length > 0"
        v-bind="span(xFirst, Math.min(xToday, Math.max(xLast, xFirst)))"
        :height="bandHeight"
        :fill="seen.length > 1 ? `url(#${id}-seen)` : seen[0]!.colour"
      />
      <template v-for="(strip, index) in strips" :key="index">
        <rect
          v-if="strip.length > 1"
          v-bind="span(xLast, width)"
          :y="index * stripHeight"
          :height="stripHeight + 0.4"
          :fill="`url(#${id}-level-${index})`"
        />
      </template>
      <rect
        v-for="stretch in unseen"
        :key="stretch.x"
        v-bind="span(stretch.x, stretch.to)"
        :height="bandHeight"
        :fill="`url(#${id}-hatch)`"
      />
      <line :x1="0" :x2="width" :y1="0" :y2="0" class="edge" />
      <line :x1="0" :x2="width" :y1="bandHeight" :y2="bandHeight" class="edge" />
      <circle v-if="model.now" :cx="xLast" :cy="bandHeight / 2" r="3.2" class="last-look" />
    </g>
    <line :x1="xToday" :x2="xToday" :y1="isLarge ? 4 : 0" :y2="height" class="today" />
    <RibbonMarks
      :model="model"
      :scale="scale"
      :today="today"
      :band-top="markRoom"
      :band-height="bandHeight"
      :is-large="isLarge ?? false"
    />
  </svg>
</template>

<style scoped>
.ribbon {
  display: block;
  overflow: hidden;
}
.unknown {
  fill: var(--sunken);
}
.hatch-line {
  stroke: var(--hatch);
  stroke-width: 2.4;
}
.edge {
  stroke: var(--strong-line);
  stroke-width: 0.75;
}
.today {
  stroke: var(--ink);
  stroke-width: 1.25;
}
.last-look {
  fill: var(--sheet);
  stroke: var(--ink);
  stroke-width: 1.4;
}
</style>
