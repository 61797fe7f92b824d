<script setup lang="ts">
import { findingVocabulary, type Paint } from '@spudder/core/seen/finding'
import { paintFigure } from '@spudder/core/seen/painter'
import { contexts, findPlant, type Context } from '@spudder/core/stand/plant'
import { computed, useTemplateRef } from 'vue'
import { vDrag, type Drag } from '../../ui/drag.ts'
import ShapeGroup from './ShapeGroup.vue'

/** The drawn plant; every leaf can be painted by pointer or key. */
const props = defineProps<{
  context: Context
  plantId: string
  paint: Paint
  roots?: string | undefined
  isPaintable?: boolean
}>()
const emit = defineEmits<{ paint: [leafId: string]; roots: [] }>()

const figure = computed(() =>
  paintFigure({
    kind: contexts[props.context].figure,
    leafForm: findPlant(props.plantId).leafForm,
    paint: props.paint,
    roots: props.roots,
  }),
)

function leafWords(id: string, label: string): string {
  const leaf = props.paint[id]
  if (!leaf || leaf.severity === 0) return `${label}: green`
  const { severity, pattern } = findingVocabulary
  return `${label}: ${severity.values[leaf.severity]}; ${pattern.values[leaf.pattern]}`
}

const svg = useTemplateRef<SVGSVGElement>('svg')
let last: string | undefined
/** The leaf under the pointer is painted once for each time that the pointer comes onto it. */
function over({ target }: Event): void {
  const leaf = target instanceof Element ? target.closest('[data-leaf]') : null
  const id =
    leaf instanceof SVGElement && svg.value?.contains(leaf) ? leaf.dataset['leaf'] : undefined
  if (id !== undefined && id !== last && props.isPaintable) emit('paint', id)
  last = id
}
/** A thumb paints by tapping, since it scrolls by dragging; a mouse or pen may draw over leaves. */
const brush: Drag = {
  within: (drawn) => drawn.parentElement,
  isByThumb: false,
  start: (_, pressed) => {
    last = undefined
    over(pressed)
  },
  move: (_, moved) => over(moved),
}
/** A screen reader activates without pressing. */
function activated({ detail }: MouseEvent, id: string): void {
  if (props.isPaintable && detail === 0) emit('paint', id)
}
const rootsY = computed(() => figure.value.groundY + 8)
</script>

<template>
  <svg
    ref="svg"
    v-drag="brush"
    :viewBox="`0 ${figure.top} ${figure.width} ${figure.height - figure.top}`"
    class="figure full-width"
    role="group"
    :aria-label="`Drawn ${findPlant(plantId).name.toLowerCase()}`"
  >
    <ShapeGroup :shapes="figure.ground" />
    <g
      v-if="isPaintable"
      class="roots"
      role="button"
      tabindex="0"
      aria-label="Roots: look closer"
      @click="emit('roots')"
      @keydown.enter.prevent="emit('roots')"
    >
      <rect x="90" :y="rootsY" width="300" :height="figure.height - rootsY" fill="transparent" />
      <ShapeGroup :shapes="figure.roots" />
    </g>
    <ShapeGroup v-else :shapes="figure.roots" />
    <ShapeGroup :shapes="figure.stem" />
    <g
      v-for="leaf in figure.leaves"
      :key="leaf.id"
      :data-leaf="leaf.id"
      :class="['leaf', { paintable: isPaintable }]"
      :role="isPaintable ? 'button' : 'img'"
      :tabindex="isPaintable ? 0 : undefined"
      :aria-label="leafWords(leaf.id, leaf.label)"
      @click="activated($event, leaf.id)"
      @keydown.enter.prevent="emit('paint', leaf.id)"
      @keydown.space.prevent="emit('paint', leaf.id)"
    >
      <ShapeGroup :shapes="leaf.shapes" />
    </g>
  </svg>
</template>

<style scoped>
.figure {
  display: block;
  touch-action: manipulation;
}
.paintable,
.roots {
  cursor: pointer;
}
.leaf:focus-visible,
.roots:focus-visible {
  outline: none;
}
.leaf:focus-visible :deep(path:first-child) {
  stroke: var(--rust);
  stroke-width: 5;
}
.roots:focus-visible :deep(path) {
  stroke-width: 4;
}
</style>
