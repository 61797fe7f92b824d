<script setup lang="ts">
import FoldBox from '../../ui/FoldBox.vue'
import { sourceWords, type Derivation } from '@spudder/core/base/reference'

/** Opens a computed figure to how it was got. */
defineProps<{
  derivation: Derivation
  /** Said in place of "how" where two stand side by side. */
  words?: string
}>()
</script>

<template>
  <FoldBox class="how" tone="word" :words="words ?? 'how'">
    <dl>
      <dt>{{ derivation.figure }}</dt>
      <dd>{{ derivation.formula }}</dd>
      <template v-for="input in derivation.inputs" :key="input.label">
        <dt>{{ input.label }}</dt>
        <dd>{{ input.value }}</dd>
      </template>
      <dt>gives</dt>
      <dd>{{ derivation.result }}</dd>
      <dt>source</dt>
      <dd>{{ sourceWords(derivation) }}</dd>
    </dl>
  </FoldBox>
</template>

<style scoped>
dl {
  display: grid;
  grid-template-columns: auto 1fr;
  gap: 2px 12px;
  font-size: 0.84rem;
  padding: 8px 10px;
  margin-top: 6px;
  background: var(--sunken);
  border-radius: var(--radius);
}
dt {
  color: var(--slate);
}
</style>
