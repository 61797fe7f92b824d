<script setup lang="ts">
import { Button } from 'ant-design-vue'
import { computed } from 'vue'
import MarkGlyph from '../../shared/ribbon/MarkGlyph.vue'
import { markWords } from '../../shared/ribbon/mark-words.ts'
import { dayWords } from '../../shared/units/today.ts'
import type { PlacedJob } from './lay-out-jobs.ts'

/** A job as a handle: its mark, and its words where there is room. */
const props = defineProps<{
  placed: PlacedJob
  lineHeight: number
  isDue: boolean
  isChosen: boolean
  isPending: boolean
  isDragged: boolean
}>()
const words = computed(() => {
  const { job, day } = props.placed
  const hour = job.startsAt === null ? '' : ` at ${job.startsAt}`
  const held = job.isLocked ? ', held' : ''
  return `${job.title}, ${markWords[job.kind]}, ${dayWords(day)}${hour}${held}`
})
</script>

<template>
  <Button
    type="text"
    :class="['chip', { due: isDue, chosen: isChosen, pending: isPending, dragged: isDragged }]"
    :style="{
      left: `${placed.x}px`,
      top: `${placed.line * lineHeight}px`,
      width: `${placed.width}px`,
    }"
    :aria-label="words"
    :aria-pressed="isChosen"
    :title="`${words}. Drag it, or arrow keys and Enter.`"
  >
    <svg width="16" height="20" aria-hidden="true">
      <MarkGlyph :kind="placed.job.kind" :x="8" :y="11" :size="5" is-planned />
    </svg>
    <span v-if="placed.hasWords" class="words one-line">
      <b v-if="placed.job.startsAt">{{ placed.job.startsAt }}</b> {{ placed.job.title }}
    </span>
    <span v-if="placed.job.isLocked" class="pin" aria-hidden="true" />
  </Button>
</template>

<style scoped>
.chip {
  position: absolute;
  height: 24px;
  padding: 0 2px;
  display: flex;
  align-items: center;
  gap: 4px;
  border: 1px solid transparent;
  border-radius: 5px;
  background: none;
  cursor: grab;
  text-align: left;
  font-size: var(--text-tiny);
}
.words {
  overflow: hidden;
  text-overflow: ellipsis;
}
.chip:has(.words) {
  background: var(--sheet);
  border-color: var(--line);
}
.chip:hover {
  border-color: var(--strong-line);
}
.due {
  color: var(--rust);
  font-weight: 600;
}
.chosen {
  background: var(--rust-wash);
  border-color: var(--rust);
  z-index: 1;
}
.pending {
  border-style: dashed;
  border-color: var(--rust);
}
.dragged {
  cursor: grabbing;
}
svg {
  flex: none;
}
/* A held job stands on a nail. */
.pin {
  position: absolute;
  left: 7px;
  bottom: -1px;
  width: 5px;
  height: 5px;
  border-radius: 50%;
  background: var(--ink);
}
.chip:has(.words) .pin {
  left: auto;
  right: 4px;
  bottom: 9px;
}
</style>
