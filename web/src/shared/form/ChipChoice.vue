<script setup lang="ts" generic="Value extends string">
import { useId } from 'vue'

/** A few values side by side, one or none of them chosen. */
defineProps<{
  label: string
  options: readonly { readonly value: Value; readonly words: string }[]
  /** Whether choosing the chosen one again takes it back to "not looked". */
  isOptional?: boolean
}>()
const chosen = defineModel<Value | undefined>({ required: true })
const name = useId()
</script>

<template>
  <fieldset>
    <legend>{{ label }}</legend>
    <div class="chips">
      <label v-for="option in options" :key="option.value" :class="{ on: chosen === option.value }">
        <input
          v-model="chosen"
          type="radio"
          :name="name"
          :value="option.value"
          class="visually-hidden"
        />
        {{ option.words }}
      </label>
      <button
        v-if="isOptional && chosen !== undefined"
        type="button"
        class="clear"
        :aria-label="`${label}: not looked`"
        @click="chosen = undefined"
      >
        not looked
      </button>
    </div>
  </fieldset>
</template>

<style scoped>
.chips {
  display: flex;
  flex-wrap: wrap;
  gap: 5px;
  margin-top: 4px;
}
label,
.clear {
  border: 1px solid var(--strong-line);
  border-radius: 999px;
  padding: 3px 11px;
  font-size: 0.86rem;
  cursor: pointer;
  background: var(--sheet);
  line-height: 1.35;
}
label:focus-within {
  outline: 2.5px solid var(--rust);
  outline-offset: 1px;
}
.on {
  background: var(--ink);
  color: var(--paper);
  border-color: var(--ink);
}
.clear {
  border-style: dashed;
  color: var(--slate);
  background: none;
}
@media (width < 700px) {
  label,
  .clear {
    padding: 9px 15px;
    font-size: 0.95rem;
  }
}
</style>
