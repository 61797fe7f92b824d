<script setup lang="ts">
/** A line with a box to tick, large enough for a glove and drawn empty on paper. */
defineProps<{ value: number }>()
const ticked = defineModel<number[]>({ required: true })
</script>

<template>
  <label>
    <input v-model="ticked" type="checkbox" :value="value" />
    <span><slot /></span>
  </label>
</template>

<style scoped>
label {
  display: grid;
  grid-template-columns: 24px 1fr;
  gap: 8px;
  padding: 4px 0;
  cursor: pointer;
}
input {
  width: 20px;
  height: 20px;
  margin: 1px 0 0;
  accent-color: var(--ink);
}
label:has(input:checked) span {
  color: var(--slate);
}
@media (width < 700px) {
  label {
    grid-template-columns: 34px 1fr;
    padding: 9px 0;
    font-size: 1.05rem;
  }
  input {
    width: 28px;
    height: 28px;
  }
}
@media print {
  label {
    padding: 0.6mm 0;
  }
  input {
    appearance: none;
    border: 1.2pt solid #000;
    border-radius: 1pt;
    width: 4.6mm;
    height: 4.6mm;
  }
}
</style>
