<script setup lang="ts">
import { addDays, daysBetween } from '@spudder/core/base/calendar'
import { storyOf } from '@spudder/core/verdict/diagnosis'
import { findPlant } from '@spudder/core/stand/plant'
import { doubtOf, pHOn, waterPH } from '@spudder/core/seen/reading'
import { scaleLinear } from 'd3-scale'
import { area, line } from 'd3-shape'
import { computed } from 'vue'
import { useStandCase } from '../../shared/case/stand-case.ts'
import { timeScale, xOf } from '../../shared/ribbon/time-axis.ts'
import { useWidth } from '../../shared/ribbon/use-width.ts'
import { dayWords, today } from '../../shared/units/today.ts'

/** pH through time with its doubt, and the days in which the pale leaves grew. */
const { story, stand, verdict, look, openCase } = useStandCase()
const width = useWidth('chart')
const height = 176
const room = { top: 14, bottom: 24, left: 30 }

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
const scale = computed(() =>
  timeScale({ from: from.value, to: addDays(today(), 5) }, Math.max(200, width.value - room.left)),
)
const y = computed(() => {
  const { low: from = 5.5, high: to = 8.5 } = plant.value?.pHRange ?? {}
  const values = [...points.value.map(waterPH), from, to]
  const [low, high] = [Math.min(5.5, ...values), Math.max(8.5, ...values)]
  return scaleLinear([low - 0.2, high + 0.2], [height - room.bottom, room.top])
})
const stepDays = computed(() => Math.max(1, Math.round(daysBetween(from.value, today()) / 160)))
const estimates = computed(() => {
  const known = history.value
  if (!known) return []
  const days = Math.floor(daysBetween(from.value, today()) / stepDays.value)
  return Array.from({ length: days + 1 }, (_, index) => {
    const day = addDays(from.value, index * stepDays.value)
    return { day, known: pHOn(day, known) }
  }).flatMap(({ day, known: at }) => (at ? [{ x: xOf(scale.value, day), ...at }] : []))
})
const band = computed(() =>
  area<(typeof estimates.value)[number]>()
    .x(({ x }) => x)
    .y0(({ pH, doubt }) => y.value(pH - doubt))
    .y1(({ pH, doubt }) => y.value(pH + doubt))(estimates.value),
)
const middle = computed(() =>
  line<(typeof estimates.value)[number]>()
    .x(({ x }) => x)
    .y(({ pH }) => y.value(pH))(estimates.value),
)
const window = computed(() => (openCase.value ? verdict.value?.window : undefined))
const ironWords = { efficient: 'good', medium: 'middling', inefficient: 'poor' } as const
/** Where the plant keeps its colour. */
const plant = computed(() => (stand.value ? findPlant(stand.value.plantId) : undefined))
const ticks = computed(() => y.value.ticks(5))
const timeTicks = computed(() => scale.value.ticks(5))
const tickWords = (date: Date) => dayWords(date.toISOString().slice(0, 10))
</script>

<template>
  <section aria-label="pH through time">
    <h3>pH through time</h3>
    <p v-if="plant" class="faint-note">
      {{ plant.name }} keeps its colour at pH {{ plant.pHRange.low }} to {{ plant.pHRange.high }},
      between the dashed lines; it is {{ ironWords[plant.ironEfficiency] }} at getting iron out of
      the soil ({{ plant.source }}).
    </p>
    <div ref="chart" class="chart">
      <svg
        v-if="points.length > 0"
        :width="width"
        :height="height"
        role="img"
        :aria-label="`pH from ${dayWords(from)} to today, ${points.length} readings`"
      >
        <g :transform="`translate(${room.left} 0)`">
          <rect
            v-if="window"
            :x="xOf(scale, window.from)"
            :width="Math.max(2, xOf(scale, window.to) - xOf(scale, window.from))"
            :y="room.top - 8"
            :height="height - room.bottom - room.top + 8"
            class="window"
          />
          <text v-if="window" :x="xOf(scale, window.from) + 3" :y="room.top + 3" class="words">
            these leaves grew
          </text>
          <template v-if="plant">
            <line
              v-for="edge in [plant.pHRange.low, plant.pHRange.high]"
              :key="edge"
              x1="0"
              :x2="width"
              :y1="y(edge)"
              :y2="y(edge)"
              class="range"
            />
          </template>
          <g v-for="tick in ticks" :key="tick">
            <line x1="0" :x2="width" :y1="y(tick)" :y2="y(tick)" class="grid" />
            <text x="-5" :y="y(tick) + 4" text-anchor="end">{{ tick }}</text>
          </g>
          <text
            v-for="tick in timeTicks"
            :key="tick.getTime()"
            :x="scale(tick)"
            :y="height - 6"
            text-anchor="middle"
          >
            {{ tickWords(tick) }}
          </text>
          <path :d="band ?? ''" class="band" />
          <path :d="middle ?? ''" class="middle" />
          <g v-for="(point, index) in points" :key="index">
            <line
              :x1="xOf(scale, point.takenOn)"
              :x2="xOf(scale, point.takenOn)"
              :y1="y(waterPH(point) - doubtOf(point))"
              :y2="y(waterPH(point) + doubtOf(point))"
              class="whisker"
            />
            <circle :cx="xOf(scale, point.takenOn)" :cy="y(waterPH(point))" r="3.6" class="point">
              <title>{{ dayWords(point.takenOn) }}: pH {{ point.value }}</title>
            </circle>
          </g>
        </g>
      </svg>
      <p v-else class="faint-note">
        No pH yet. The pH that counts is the one the pale leaves grew in.
      </p>
    </div>
  </section>
</template>

<style scoped>
section {
  display: grid;
  gap: 4px;
}
.chart {
  overflow: hidden;
}
text {
  font-size: 11px;
  fill: var(--slate);
}
.grid {
  stroke: var(--line);
}
.window {
  fill: var(--rust-wash);
}
.range {
  stroke: var(--slate);
  stroke-dasharray: 5 4;
}
.words {
  fill: var(--rust);
  font-weight: 560;
}
.band {
  fill: var(--slate);
  opacity: 0.16;
}
.middle {
  fill: none;
  stroke: var(--slate);
  stroke-width: 1.6;
}
.whisker {
  stroke: var(--ink);
}
.point {
  fill: var(--sheet);
  stroke: var(--ink);
  stroke-width: 1.6;
}
</style>
