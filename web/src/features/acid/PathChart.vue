<script setup lang="ts">
import { addDays, type Day } from '@spudder/core/base/calendar'
import type { PathPoint } from '@spudder/core/soil/pH-path'
import { scaleLinear } from 'd3-scale'
import { area, line } from 'd3-shape'
import { computed } from 'vue'
import { useStandCase } from '../../shared/case/stand-case.ts'
import { ribbonModel } from '../../shared/ribbon/ribbon-model.ts'
import RibbonBand from '../../shared/ribbon/RibbonBand.vue'
import { timeScale, xOf } from '../../shared/ribbon/time-axis.ts'
import TimeAxis from '../../shared/ribbon/TimeAxis.vue'
import { useWidth } from '../../shared/ribbon/use-width.ts'
import { dayWords, today } from '../../shared/units/today.ts'
import { useAcidStore } from './acid-store.ts'
import StepHandles from './StepHandles.vue'

/** The path of pH with its band under the leaf's own ribbon, on one time axis; steps hang from it. */
const { forecast, start, measured, retests, band } = useAcidStore()
const { story } = useStandCase()
const width = useWidth('chart')
const left = 34
const height = 236
const room = { top: 8, bottom: 20 }
const wide = computed(() => Math.max(260, width.value - left - 6))
const points = computed<readonly PathPoint[]>(() => forecast.value?.points ?? [])
const window = computed(() => {
  const from = start.value?.startsOn ?? today()
  return { from: addDays(from, -20), to: points.value.at(-1)?.day ?? addDays(from, 365) }
})
const scale = computed(() => timeScale(window.value, wide.value))
const y = computed(() => {
  const all = points.value
  const low = Math.min(band.value.low, ...all.map((each) => Math.min(each.low, each.top)))
  const high = Math.max(band.value.high, ...all.map((each) => Math.max(each.high, each.top)))
  return scaleLinear([low - 0.15, high + 0.15], [height - room.bottom, room.top])
})
const x = (day: Day) => xOf(scale.value, day)
const shape = computed(
  () =>
    area<PathPoint>()
      .x(({ day }) => x(day))
      .y0(({ low }) => y.value(low))
      .y1(({ high }) => y.value(high))([...points.value]) ?? '',
)
const lineOf = (value: (point: PathPoint) => number) =>
  line<PathPoint>()
    .x(({ day }) => x(day))
    .y((point) => y.value(value(point)))([...points.value]) ?? ''
const middle = computed(() => lineOf(({ usual }) => usual))
const top = computed(() => lineOf((point) => point.top))
const model = computed(() => story.value && ribbonModel(story.value, today(), addDays(today(), 60)))
const description = computed(() => {
  const end = points.value.at(-1)
  return end
    ? `pH from ${start.value?.pH.toFixed(1)} to ${end.low.toFixed(1)}-${end.high.toFixed(1)} on ${dayWords(end.day)}`
    : 'path of pH'
})
</script>

<template>
  <div ref="chart" class="chart">
    <div :style="{ marginLeft: `${left}px` }">
      <TimeAxis :scale="scale" :today="today()" />
      <RibbonBand
        v-if="model"
        :model="{ ...model, marks: [], jobs: [] }"
        :scale="scale"
        :today="today()"
        :band-height="16"
        label="Leaf colour"
        class="leaf"
      />
      <StepHandles :scale="scale" />
    </div>
    <svg :width="wide + left + 6" :height="height" role="img" :aria-label="description">
      <g :transform="`translate(${left} 0)`">
        <rect
          x="0"
          :width="wide"
          :y="y(band.high)"
          :height="Math.max(0, y(band.low) - y(band.high))"
          class="target"
        />
        <g v-for="tick in y.ticks(5)" :key="tick">
          <line x1="0" :x2="wide" :y1="y(tick)" :y2="y(tick)" class="grid" />
          <text x="-6" :y="y(tick) + 4" text-anchor="end">{{ tick.toFixed(1) }}</text>
        </g>
        <path :d="shape" class="band" />
        <path :d="top" class="top" />
        <path :d="middle" class="middle" />
        <text x="4" :y="y(band.high) + 13" class="aim">
          wanted: {{ band.low.toFixed(1) }}-{{ band.high.toFixed(1) }}
        </text>
        <g v-for="test in measured" :key="test.day">
          <line
            :x1="x(test.day)"
            :x2="x(test.day)"
            :y1="y(test.pH - test.doubt)"
            :y2="y(test.pH + test.doubt)"
            class="doubt"
          />
          <circle :cx="x(test.day)" :cy="y(test.pH)" r="4.5" class="measured" />
          <text :x="x(test.day) + 8" :y="y(test.pH) - 6" class="figure">
            {{ test.pH.toFixed(1) }}
          </text>
        </g>
        <g v-for="day in retests" :key="day">
          <line
            :x1="x(day)"
            :x2="x(day)"
            :y1="room.top"
            :y2="height - room.bottom"
            class="retest"
          />
          <text :x="x(day)" :y="height - 5" text-anchor="middle">test</text>
        </g>
        <line :x1="x(today())" :x2="x(today())" y1="0" :y2="height - room.bottom" class="today" />
      </g>
    </svg>
  </div>
</template>

<style scoped>
.chart {
  min-width: 0;
  overflow: hidden;
}
svg {
  display: block;
}
.leaf {
  margin-top: -10px;
}
text {
  font-size: 11.5px;
  fill: var(--slate);
}
.grid {
  stroke: var(--line);
}
.target {
  fill: var(--sunken);
}
.aim {
  fill: var(--ink);
}
.band {
  fill: var(--strong-line);
  opacity: 0.55;
}
.middle {
  fill: none;
  stroke: var(--ink);
  stroke-width: 2.2;
}
.top {
  fill: none;
  stroke: var(--slate);
  stroke-width: 1.6;
  stroke-dasharray: 1.5 4;
  stroke-linecap: round;
}
.doubt {
  stroke: var(--ink);
  stroke-width: 1.4;
}
.measured {
  fill: var(--sheet);
  stroke: var(--ink);
  stroke-width: 2;
}
.figure {
  fill: var(--ink);
  font-weight: 600;
}
.retest {
  stroke: var(--slate);
  stroke-dasharray: 4 4;
}
.today {
  stroke: var(--ink);
  stroke-width: 1.25;
}
</style>
