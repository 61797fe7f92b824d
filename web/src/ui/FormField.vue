<script setup lang="ts">
import { useId } from 'vue'
import { lineStart } from '../shared/words/sentence.ts'

/** A labelled field with its hint and what is wrong with it, tied together for screen readers. */
defineProps<{
  label: string
  isLabelHidden?: boolean
  hint?: string | undefined
  message?: string | undefined
}>()

const id = useId()
</script>

<template>
  <div class="field">
    <label :for="id" :class="{ 'visually-hidden': isLabelHidden }">{{ lineStart(label) }}</label>
    <slot
      :id="id"
      :described-by="message ? `${id}-message` : hint ? `${id}-hint` : undefined"
      :invalid="message !== undefined"
    />
    <p v-if="message" :id="`${id}-message`" class="message" role="alert">{{ message }}</p>
    <p v-else-if="hint" :id="`${id}-hint`" class="hint">{{ hint }}</p>
  </div>
</template>

<style scoped>
/* A long choice is cut, and never widens the page. */
.field {
  display: grid;
  grid-template-columns: minmax(0, 1fr);
  gap: 3px;
  min-width: 0;
}
label {
  font-size: 0.8rem;
  font-weight: 600;
  color: var(--slate);
}
.message {
  color: var(--rust);
  font-size: 0.84rem;
  font-weight: 540;
}
.hint {
  color: var(--slate);
  font-size: 0.8rem;
}
</style>
