<script setup lang="ts">
import type { JobKind } from '@spudder/core/days/plan'
import type { MarkKind } from './ribbon-model.ts'
import { computed } from 'vue'

const props = defineProps<{
  kind: MarkKind | JobKind
  x: number
  y: number
  size: number
  /** Still to come: an outline in the accent instead of ink. */
  isPlanned?: boolean
}>()

type Outline = 'drop' | 'ring' | 'lens' | 'block' | 'crossed'
const outlines: Readonly<Record<MarkKind | JobKind, Outline>> = {
  applied: 'drop',
  apply: 'drop',
  tested: 'ring',
  test: 'ring',
  look: 'lens',
  check: 'lens',
  told: 'block',
  madeUp: 'crossed',
  buy: 'block',
  strip: 'block',
  partner: 'drop',
  practice: 'block',
}
const outline = computed(() => outlines[props.kind])
const transform = computed(() => `translate(${props.x} ${props.y}) scale(${props.size / 6})`)
</script>

<template>
  <g :transform="transform" :class="['glyph', { planned: isPlanned }]">
    <path
      v-if="outline === 'drop'"
      d="M0-7.5C3.4-2.6 5 0 5 2.4A5 5 0 0 1-5 2.4C-5 0-3.4-2.6 0-7.5Z"
    />
    <circle v-else-if="outline === 'ring'" r="4.6" class="hollow" />
    <g v-else-if="outline === 'crossed'">
      <circle r="5" class="hollow" />
      <path d="M-3.5-3.5L3.5 3.5M3.5-3.5L-3.5 3.5" />
    </g>
    <path
      v-else-if="outline === 'lens'"
      d="M-7 0C-3.5-5.4 3.5-5.4 7 0 3.5 5.4-3.5 5.4-7 0Z"
      class="hollow"
    />
    <rect v-else x="-4" y="-4" width="8" height="8" />
  </g>
</template>

<style scoped>
.glyph {
  fill: var(--ink);
  stroke: var(--ink);
  stroke-width: 1.4;
}
.hollow {
  fill: var(--sheet);
}
.planned,
.planned .hollow {
  fill: var(--sheet);
  stroke: var(--rust);
  stroke-width: 1.8;
}
</style>
