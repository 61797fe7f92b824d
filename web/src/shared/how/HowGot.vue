<script setup lang="ts">
import FoldBox from '../../ui/FoldBox.vue'
import { computed } from 'vue'
import { inUnits, said, storedInUnits } from '../units/said.ts'
import { sourceWords, type Derivation } from '@spudder/core/base/reference'

/** Opens a computed figure to how it was got. */
const props = defineProps<{
  derivation: Derivation
  /** Said in place of "how" where two stand side by side. */
  words?: string
  /** Worked out when it was planned, in the writing of the store. */
  isStored?: boolean
}>()
const line = computed(() => (props.isStored ? storedInUnits : inUnits))
</script>

<template>
  <FoldBox class="how" tone="word" :words="words ?? 'how'">
    <dl>
      <dt>{{ derivation.figure }}</dt>
      <dd>{{ said(derivation.formula) }}</dd>
      <template v-for="input in derivation.inputs" :key="input.label">
        <dt>{{ said(input.label) }}</dt>
        <dd>{{ line(input.value) }}</dd>
      </template>
      <dt>gives</dt>
      <dd>{{ line(derivation.result) }}</dd>
      <dt>source</dt>
      <dd>
        <cite>{{ sourceWords(derivation) }}</cite>
      </dd>
    </dl>
  </FoldBox>
</template>

<style scoped>
dl {
  display: grid;
  grid-template-columns: auto 1fr;
  gap: 2px 12px;
  font-size: var(--text-small);
  padding: 8px 10px;
  margin-top: 6px;
  background: var(--sunken);
  border-radius: var(--radius);
}
dt {
  color: var(--slate);
}
</style>
