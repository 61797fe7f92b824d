<script setup lang="ts">
import type { Day } from '@spudder/core/base/calendar'
import { computed } from 'vue'
import { dayWords } from '../units/today.ts'
import MarkGlyph from './MarkGlyph.vue'
import { markWords } from './mark-words.ts'
import type { RibbonModel } from './ribbon-model.ts'
import { xOf, type TimeScale } from './time-axis.ts'

const props = defineProps<{
  model: RibbonModel
  scale: TimeScale
  today: Day
  bandTop: number
  bandHeight: number
  isLarge: boolean
}>()

const width = computed(() => props.scale.range()[1] ?? 0)
const inView = (x: number) => x > -8 && x < width.value + 8

const marks = computed(() =>
  props.model.marks
    .map((mark) => ({ ...mark, x: xOf(props.scale, mark.day) }))
    .filter(({ x }) => inView(x)),
)

/** Jobs of one day share a stem; a job whose day is past waits on the today line. */
const jobs = computed(() =>
  props.model.jobs
    .map((job) => ({
      ...job,
      x: xOf(props.scale, job.dueOn < props.today ? props.today : job.dueOn),
    }))
    .filter(({ x }) => inView(x)),
)

const roomForWords = 118
/** A job's words are written where the next job leaves room for them. */
const jobWords = computed(() =>
  jobs.value.map((job, index) => {
    const next = jobs.value[index + 1]?.x ?? Number.POSITIVE_INFINITY
    const room = next - job.x > roomForWords && job.x < width.value - 70
    return { ...job, words: room ? job.title : '' }
  }),
)
const markY = computed(() => props.bandTop - (props.isLarge ? 9 : 6))
const jobY = computed(() => props.bandTop + props.bandHeight + (props.isLarge ? 13 : 6))
</script>

<template>
  <g>
    <g v-for="mark in marks" :key="`${mark.kind}${mark.day}${mark.words}`" class="mark">
      <title>{{ dayWords(mark.day) }}, {{ markWords[mark.kind] }}: {{ mark.words }}</title>
      <line :x1="mark.x" :x2="mark.x" :y1="markY" :y2="bandTop + 4" class="stem" />
      <MarkGlyph :kind="mark.kind" :x="mark.x" :y="markY" :size="isLarge ? 6 : 4.4" />
    </g>
    <g v-for="job in jobWords" :key="job.id" class="job">
      <title>{{ dayWords(job.dueOn) }}: {{ job.title }}</title>
      <line :x1="job.x" :x2="job.x" :y1="bandTop" :y2="jobY" class="stem" />
      <MarkGlyph :kind="job.kind" :x="job.x" :y="jobY" :size="isLarge ? 6 : 4.4" is-planned />
      <text v-if="isLarge && job.words" :x="job.x + 10" :y="jobY + 4">{{ job.words }}</text>
    </g>
  </g>
</template>

<style scoped>
.stem {
  stroke: var(--ink);
  stroke-width: 1;
}
.job .stem {
  stroke: var(--rust);
  stroke-dasharray: 3 2;
}
.job text {
  font-size: 12px;
  fill: var(--rust);
  font-weight: 600;
}
</style>
