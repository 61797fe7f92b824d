<script setup lang="ts">
import { sourceWords, type Derivation } from '@spudder/core/base/reference'

/** Opens a computed figure to how it was got. */
defineProps<{
  derivation: Derivation
  /** Said in place of "how" where two stand side by side. */
  words?: string
}>()
</script>

<template>
  <details class="how">
    <summary>{{ words ?? 'how' }}</summary>
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
  </details>
</template>

<style scoped>
summary {
  cursor: pointer;
  font-size: 0.84rem;
  color: var(--rust);
  text-decoration: underline;
  text-underline-offset: 3px;
  list-style: none;
  display: inline-block;
}
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
