<script setup lang="ts">
import { inOwn } from '../shared/units/said.ts'
import { computed, ref, useId, watch } from 'vue'
import { lineStart } from '@spudder/core/base/writing'
import { checkCount } from './form-checks.ts'

/** A labelled field with its hint and what is wrong with it, tied together for screen readers. */
const props = defineProps<{
  label: string
  isLabelHidden?: boolean
  hint?: string | undefined
  message?: string | undefined
  /** What is in it: what was said of it goes once it is typed in again, until it is checked again. */
  value?: unknown
}>()

const id = useId()
const isMended = ref(false)
watch(
  () => props.value,
  () => (isMended.value = true),
)
watch([() => props.message, checkCount], () => (isMended.value = false))
const said = computed(() => (isMended.value ? undefined : props.message))
</script>

<template>
  <div class="field stack gap-4 shrinks">
    <label :for="id" :class="{ 'visually-hidden': isLabelHidden }">{{ lineStart(label) }}</label>
    <slot
      :id="id"
      :described-by="said ? `${id}-message` : hint ? `${id}-hint` : undefined"
      :invalid="said !== undefined"
    />
    <p
      v-if="said"
      :id="`${id}-message`"
      class="message text-rust text-small text-strong"
      role="alert"
    >
      {{ inOwn(said) }}
    </p>
    <p v-else-if="hint" :id="`${id}-hint`" class="text-slate text-tiny">{{ inOwn(hint) }}</p>
  </div>
</template>

<style scoped>
/* A long choice is cut, and never widens the page. */
.field {
  grid-template-columns: minmax(0, 1fr);
}
label {
  font-size: var(--text-tiny);
  font-weight: 600;
  color: var(--slate);
}
</style>
