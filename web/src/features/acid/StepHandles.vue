<script setup lang="ts">
import { addDays, dateToDay } from '@spudder/core/base/calendar'
import { amountWords } from '@spudder/core/base/quantity'
import { findSource } from '@spudder/core/material/source'
import { computed, ref } from 'vue'
import { xOf, type TimeScale } from '../../shared/ribbon/time-axis.ts'
import { dayWords, today } from '../../shared/units/today.ts'
import { vDrag, type Drag } from '../../ui/drag.ts'
import { useAcidStore } from './acid-store.ts'

/** Steps hanging from the ribbon: dragged along it by hand or moved by arrow keys. */
const props = defineProps<{ scale: TimeScale }>()
const { steps, done, put, stepProblems, isDragging, groundM2, system } = useAcidStore()
const height = 34
const dragged = ref<number>()

const amount = (kgPerM2: number) =>
  amountWords('mass', kgPerM2 * (groundM2.value ?? 1), system.value, 2)
const handles = computed(() =>
  steps.value.map((step, index) => ({
    ...step,
    index,
    x: xOf(props.scale, step.day),
    isWrong: stepProblems.value.some((each) => each.index === index && each.isHard),
    words: `${findSource(step.sourceId).name}, ${amount(step.kgPerM2)}, ${dayWords(step.day)}`,
  })),
)
/** Near ones would write over each other: they stand in two rows. */
const rowOf = (index: number) => {
  const [here, before] = [handles.value[index], handles.value[index - 1]]
  return here && before && here.x - before.x < 58 && index % 2 === 1 ? 1 : 0
}

const drag = (index: number): Drag => ({
  within: (handle) => handle.closest('svg'),
  at: () => ({ x: handles.value[index]?.x ?? 0, y: 0 }),
  start: () => {
    dragged.value = index
    isDragging.value = true
  },
  move: ({ x }) => {
    const day = dateToDay(props.scale.invert(x))
    const held = day < today() ? today() : day
    if (steps.value[index]?.day !== held) put(index, { day: held })
  },
  end: () => {
    dragged.value = undefined
    isDragging.value = false
  },
})
const week = 7
function nudge(index: number, days: number): void {
  const step = steps.value[index]
  if (!step) return
  const day = addDays(step.day, days)
  put(index, { day: day < today() ? today() : day })
}
</script>

<template>
  <svg :width="scale.range()[1]" :height="height" class="steps" role="group" aria-label="Steps">
    <g v-for="step in done" :key="`${step.day}${step.sourceId}`">
      <path :d="`M${xOf(scale, step.day)},0v12`" class="string" />
      <circle :cx="xOf(scale, step.day)" cy="16" r="4.5" class="done" />
    </g>
    <!-- Strings first: what a step weighs is written over them. -->
    <path
      v-for="handle in handles"
      :key="`string ${handle.index}`"
      :d="`M${handle.x},0v${6 + rowOf(handle.index) * 12}`"
      class="string"
    />
    <g
      v-for="handle in handles"
      :key="handle.index"
      v-drag="drag(handle.index)"
      :class="['handle', { wrong: handle.isWrong, held: dragged === handle.index }]"
      tabindex="0"
      role="slider"
      :aria-label="`Step ${handle.index + 1}`"
      :aria-valuetext="handle.words"
      aria-valuemin="0"
      :aria-valuemax="Math.round(scale.range()[1] ?? 0)"
      :aria-valuenow="Math.round(handle.x)"
      @keydown.left.prevent="nudge(handle.index, -week)"
      @keydown.right.prevent="nudge(handle.index, week)"
    >
      <title>{{ handle.words }}: drag it, or move it by arrow keys</title>
      <rect
        :x="handle.x - 7"
        :y="6 + rowOf(handle.index) * 12"
        width="14"
        height="14"
        rx="3"
        class="block"
      />
      <text :x="handle.x + 10" :y="17 + rowOf(handle.index) * 12">
        {{ amount(handle.kgPerM2) }}
      </text>
    </g>
  </svg>
</template>

<style scoped>
.steps {
  display: block;
  margin-top: -6px;
  overflow: visible;
}
.string {
  stroke: var(--ink);
  stroke-width: 1.4;
}
.block {
  fill: var(--ink);
}
.done {
  fill: var(--slate);
}
.handle {
  cursor: grab;
}
.held {
  cursor: grabbing;
}
.handle:focus-visible {
  outline: 2.5px solid var(--rust);
  outline-offset: 2px;
}
.wrong .block {
  fill: var(--rust);
}
text {
  font-size: 11.5px;
  fill: var(--ink);
  paint-order: stroke;
  stroke: var(--paper);
  stroke-width: 3px;
}
.wrong text {
  fill: var(--rust);
}
</style>
