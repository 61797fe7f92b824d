<script setup lang="ts">
import type { OutlookDayDto, WeatherDayDto } from '@spudder/contract/weather'
import type { UnitSystem } from '@spudder/core/base/quantity'
import { weatherWords, workWindows, type WeatherWork } from '@spudder/core/days/weather'
import { area, curveMonotoneX } from 'd3-shape'
import { computed } from 'vue'
import { xOf, type TimeScale } from '../ribbon/time-axis.ts'
import { dayWords } from '../units/today.ts'
import { groundY as ground, rowTop, shownWorks, stripHeight } from './strip-rows.ts'
import { hourSpans, outlookWords } from './outlook-words.ts'

/** Weather over the ribbons, and under it the hours that are fit for each kind of work. */
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

const barHeight = 7

interface Bar {
  readonly key: string
  readonly x: number
  readonly y: number
  readonly width: number
  readonly height: number
  readonly kind: 'fit' | 'usual'
}

/** Fit hours as they lie in the day; a day that nobody foretells as tall as such days are often fit. */
function barsOf(day: OutlookDayDto, x: number, work: WeatherWork, row: number): Bar[] {
  const outlook = day.works.find((each) => each.work === work)
  if (!outlook) return []
  const key = `${day.day}${work}`
  if (day.basis === 'usual') {
    const height = outlook.chance * barHeight
    const y = rowTop(row) + barHeight - height
    return [{ key, x, y, width: Math.max(1, dayWidth.value - 0.8), height, kind: 'usual' }]
  }
  return hourSpans(outlook.fitHours).map(([from, to]) => ({
    key: `${key}${from}`,
    x: x + (from / 24) * dayWidth.value,
    y: rowTop(row),
    width: Math.max(1.2, ((to - from) / 24) * dayWidth.value),
    height: barHeight,
    kind: 'fit',
  }))
}

const coming = computed(() =>
  props.outlook
    .filter(({ day }) => day >= props.today)
    .map((day) => ({ day, x: xOf(props.scale, day.day) }))
    .filter(isInView),
)
const bars = computed(() =>
  coming.value.flatMap(({ day, x }) =>
    shownWorks.flatMap((work, row) => barsOf(day, x, work, row)),
  ),
)
const xFrom = computed(() => Math.max(0, xOf(props.scale, props.today)))

function titleOf({ day, x }: (typeof coming.value)[number]): string {
  const weather = inView.value.find((each) => each.x === x)
  const said = weather && weatherWords(weather, props.system)
  const sky = said ? `: ${said.coolest} to ${said.warmest}, rain ${said.rain}` : ''
  return [`${dayWords(day.day)}${sky}`, ...shownWorks.map((work) => outlookWords(day, work))].join(
    '\n',
  )
}
const fitWords = computed(() => {
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
    <line
      v-for="(work, row) in shownWorks"
      :key="work"
      :x1="xFrom"
      :x2="width"
      :y1="rowTop(row) + barHeight"
      :y2="rowTop(row) + barHeight"
      class="row"
    >
      <title>{{ workWindows[work].label }}</title>
    </line>
    <rect
      v-for="bar in bars"
      :key="bar.key"
      :x="bar.x"
      :y="bar.y"
      :width="bar.width"
      :height="bar.height"
      :class="bar.kind"
    />
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
.row {
  stroke: var(--line);
  stroke-width: 0.75;
}
.fit {
  fill: var(--ink);
}
.usual {
  fill: var(--strong-line);
}
.hover {
  fill: transparent;
}
</style>
