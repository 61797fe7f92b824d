<script setup lang="ts">
import { dateToDay, type Day } from '@spudder/core/base/calendar'
import { computed, useId } from 'vue'
import { dayWords } from '../units/today.ts'
import type { RibbonModel } from './ribbon-model.ts'
import { expectedThreads, seenStops } from './ribbon-paint.ts'
import RibbonGradient from './RibbonGradient.vue'
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
  /** The days in which the affected leaves grew, bracketed below the band. */
  grewIn?: { readonly from: Day; readonly to: Day } | undefined
  /** Whether a day can be picked by pointing at it. */
  isPickable?: boolean
}>()
const emit = defineEmits<{ pick: [day: Day] }>()

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
const threads = computed(() => expectedThreads(props.model.expected, props.scale, props.bandHeight))
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
const bracket = computed(() => {
  const { grewIn } = props
  if (!grewIn) return undefined
  const [from, to] = [xOf(props.scale, grewIn.from), xOf(props.scale, grewIn.to)]
  return to > 0 && from < width.value ? { from: Math.max(1, from), to } : undefined
})
const bracketWords = 'these leaves grew'
const bracketY = computed(() => markRoom.value + props.bandHeight + 5)

function pick(event: MouseEvent): void {
  if (!props.isPickable || !(event.currentTarget instanceof Element)) return
  const { left } = event.currentTarget.getBoundingClientRect()
  const day = dateToDay(props.scale.invert(event.clientX - left))
  if (day <= props.today) emit('pick', day)
}
const span = (from: number, to: number) => ({ x: from, width: Math.max(0, to - from) })
</script>

<template>
  <svg
    :width="width"
    :height="height"
    :class="['ribbon', { pickable: isPickable }]"
    role="img"
    :aria-label="description"
    @click="pick"
  >
    <defs>
      <RibbonGradient v-if="seen.length > 0" :gradient-id="`${id}-seen`" :stops="seen" />
      <RibbonGradient
        v-for="(thread, index) in threads"
        :key="index"
        :gradient-id="`${id}-thread-${index}`"
        :stops="thread.stops"
      />
      <pattern
        :id="`${id}-hatch`"
        width="6"
        height="6"
        patternUnits="userSpaceOnUse"
        patternTransform="rotate(52)"
      >
        <line x1="0" y1="0" x2="0" y2="6" class="hatch-line" />
      </pattern>
    </defs>

    <g :transform="`translate(0 ${markRoom})`">
      <rect v-bind="span(0, xFirst)" :height="bandHeight" class="unknown" />
      <rect
        v-bind="span(0, xFirst)"
        :height="bandHeight"
        :fill="`url(#${id}-hatch)`"
        opacity="0.5"
      />
      <rect
        v-if="seen.length > 0"
        v-bind="span(xFirst, Math.min(xToday, Math.max(xLast, xFirst)))"
        :height="bandHeight"
        :fill="`url(#${id}-seen)`"
      />
      <path
        v-for="(thread, index) in threads"
        :key="index"
        :d="thread.d"
        :fill="`url(#${id}-thread-${index})`"
      />
      <rect
        v-for="stretch in unseen"
        :key="stretch.x"
        v-bind="span(stretch.x, stretch.to)"
        :height="bandHeight"
        :fill="`url(#${id}-hatch)`"
      />
      <line :x1="0" :x2="xLast" :y1="0" :y2="0" class="edge" />
      <line :x1="0" :x2="xLast" :y1="bandHeight" :y2="bandHeight" class="edge" />
      <circle v-if="model.now" :cx="xLast" :cy="bandHeight / 2" r="3.2" class="last-look" />
    </g>
    <line :x1="xToday" :x2="xToday" :y1="isLarge ? 4 : 0" :y2="height" class="today" />
    <g v-if="bracket" class="bracket">
      <path :d="`M${bracket.from},${bracketY - 4}v6H${bracket.to}v-6`" />
      <text :x="Math.max(bracket.to, 100)" :y="bracketY + 14" text-anchor="end">
        {{ bracketWords }}
      </text>
    </g>
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
.pickable {
  cursor: crosshair;
}
.bracket path {
  fill: none;
  stroke: var(--slate);
  stroke-width: 1.2;
}
.bracket text {
  font-size: 11px;
  fill: var(--slate);
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
