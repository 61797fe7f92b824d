<script setup lang="ts">
import { percent } from '@spudder/core/base/quantity'
import type { RankedHypothesis } from '@spudder/core/verdict/diagnosis'
import { Button } from 'ant-design-vue'
import { midSentence } from '@spudder/core/base/writing'
import ConfirmButton from '../../ui/ConfirmButton.vue'
import ProblemNote from '../../ui/ProblemNote.vue'

/** What a look points to so far, and what can be done with it; one line, for a thumb too. */
defineProps<{
  soFar: RankedHypothesis | undefined
  isBegun: boolean
  canUndo: boolean
  canSave: boolean
  isSaving: boolean
  problem: Error | null | undefined
}>()
const emit = defineEmits<{ undo: []; clear: []; save: [] }>()
</script>

<template>
  <div class="bar all-columns lined gap-10 items-center">
    <p v-if="soFar" class="so-far" aria-live="polite">
      <span class="of">So far </span
      ><b>{{ midSentence(soFar.name) }}, {{ percent(soFar.probability) }}</b>
    </p>
    <ProblemNote :problem="problem" />
    <Button :disabled="!canUndo" @click="emit('undo')">Undo</Button>
    <ConfirmButton
      v-if="isBegun"
      words="Start over"
      question="Clear this look?"
      about="What is painted and said since the last saved look goes. The saved looks stay."
      sure="Clear it"
      @confirm="emit('clear')"
    />
    <Button type="primary" :disabled="!canSave" :loading="isSaving" @click="emit('save')">
      Save look
    </Button>
  </div>
</template>

<style scoped>
.bar {
  justify-content: flex-end;
  position: sticky;
  bottom: 0;
  margin: 12px -20px -32px;
  padding: 8px 20px;
  background: var(--paper);
  border-top: 1px solid var(--strong-line);
}
.so-far {
  margin-right: auto;
  line-height: 1.25;
}
@media (width < 700px) {
  .bar {
    flex-wrap: wrap;
    gap: 6px;
    margin: 0 -10px -32px;
    padding: 6px 10px;
  }
  /* What is likely so far has a line to itself: beside three buttons there is no room to read it. */
  .so-far {
    flex: 1 0 100%;
    font-size: var(--text-small);
  }
}
</style>
