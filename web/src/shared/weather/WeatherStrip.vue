<script setup lang="ts">
import type { OutlookDayDto, WeatherDayDto } from '@spudder/contract/weather'
import type { UnitSystem } from '@spudder/core/base/quantity'
import { weatherWords } from '@spudder/core/days/weather'
import { area, curveMonotoneX } from 'd3-shape'
import { computed } from 'vue'
import { xOf, type TimeScale } from '../ribbon/time-axis.ts'
import { dayWords } from '../units/today.ts'
import { groundY as ground, shownWorks, stripHeight } from './strip-rows.ts'
import { skyOf } from './outlook-words.ts'
import { workLines } from './work-lines.ts'

/** Weather over the ribbons, and under it a line a kind of work, thick where it can be done. */
const props = defineProps<{
  days: readonly WeatherDayDto[]
  outlook: readonly OutlookDayDto[]
  scale: TimeScale
  today: string
  system: UnitSystem
}>()

const width = computed(() => props.scale.range()[1] ?? 0)
const dayWidth = computed(() => {
  const [from, to] = props.scale.domain()
  const days = from && to ? (to.getTime() - from.getTime()) / 864e5 : 1
  return width.value / Math.max(1, days)
})
const isInView = ({ x }: { x: number }) => x > -dayWidth.value && x < width.value
const inView = computed(() =>
  props.days.map((day) => ({ ...day, x: xOf(props.scale, day.day) })).filter(isInView),
)

const warmTop = 4
const warmBottom = 34
const yOf = (celsius: number) =>
  warmBottom - ((Math.min(35, Math.max(-8, celsius)) + 8) / 43) * (warmBottom - warmTop)

/** Days too narrow to see one by one are drawn a week at a time. */
const smoothed = computed(() => {
  const step = Math.max(1, Math.round(3 / Math.max(0.2, dayWidth.value)))
  return inView.value.filter((_, index) => index % step === 0)
})
type Drawn = (typeof inView.value)[number]
/** A day's warmth stands in its middle. */
const warmth = computed(
  () =>
    area<Drawn>()
      .x(({ x }) => x + dayWidth.value / 2)
      .y0(({ minC }) => yOf(minC))
      .y1(({ maxC }) => yOf(maxC))
      .curve(curveMonotoneX)(smoothed.value) ?? '',
)
const rainHeight = (millimetres: number) => Math.min(20, millimetres * 1.1)

const coming = computed(() =>
  props.outlook
    .filter(({ day }) => day >= props.today)
    .map((day) => ({ day, x: xOf(props.scale, day.day) }))
    .filter(isInView),
)
const lines = computed(() =>
  shownWorks.flatMap((work, row) =>
    workLines(coming.value, work, { row, dayWidth: dayWidth.value }),
  ),
)

function titleOf({ day, x }: (typeof coming.value)[number]): string {
  const weather = inView.value.find((each) => each.x === x)
  const said = weather && weatherWords(weather, props.system)
  const sky = said ? `: ${said.coolest} to ${said.warmest}, rain ${said.rain}` : ''
  return [`${dayWords(day.day)}${sky}`, ...skyOf(day, shownWorks)].join('\n')
}
const fitWords = computed(() => {
  if (coming.value.every(({ day }) => day.basis === 'unknown')) return 'none is known here'
  const fit = coming.value
    .filter(({ day }) =>
      day.works.some(({ work, fitHours }) => work === 'leaf' && fitHours.length > 0),
    )
    .map(({ day }) => dayWords(day.day))
  return fit.length === 0
    ? 'no day fit for a leaf spray in sight'
    : `fit for a leaf spray: ${fit.join(', ')}`
})
</script>

<template>
  <svg
    :width="width"
    :height="stripHeight"
    class="weather"
    role="img"
    :aria-label="`Weather; ${fitWords}`"
  >
    <path :d="warmth" class="warmth" />
    <rect
      v-for="day in inView"
      :key="day.day"
      :x="day.x"
      :y="ground - rainHeight(day.rainMm)"
      :width="Math.max(1, dayWidth - 0.6)"
      :height="rainHeight(day.rainMm)"
      class="rain"
    />
    <line x1="0" :x2="width" :y1="ground" :y2="ground" class="ground" />
    <path v-for="line in lines" :key="line.key" :d="line.path" :class="['line', line.kind]" />
    <rect
      v-for="each in coming"
      :key="`day${each.day.day}`"
      :x="each.x"
      y="0"
      :width="Math.max(1, dayWidth)"
      :height="stripHeight"
      class="hover"
    >
      <title>{{ titleOf(each) }}</title>
    </rect>
  </svg>
</template>

<style scoped>
.weather {
  display: block;
}
.warmth {
  fill: var(--strong-line);
  opacity: 0.55;
}
.rain {
  fill: var(--slate);
}
.ground {
  stroke: var(--strong-line);
  stroke-width: 0.75;
}
.line {
  fill: var(--ink);
}
.usual {
  fill: var(--strong-line);
}
.hover {
  fill: transparent;
}
</style>
