<script setup lang="ts">
/** Days of the week, any of them. */
defineProps<{ label: string }>()
const picked = defineModel<readonly number[]>({ required: true })
const weekdays = ['Mo', 'Tu', 'We', 'Th', 'Fr', 'Sa', 'Su'] as const

function toggle(day: number): void {
  const has = picked.value.includes(day)
  picked.value = has
    ? picked.value.filter((each) => each !== day)
    : [...picked.value, day].toSorted((one, other) => one - other)
}
</script>

<template>
  <fieldset>
    <legend>{{ label }}</legend>
    <button
      v-for="(weekday, index) in weekdays"
      :key="weekday"
      type="button"
      :aria-pressed="picked.includes(index + 1)"
      @click="toggle(index + 1)"
    >
      {{ weekday }}
    </button>
  </fieldset>
</template>

<style scoped>
fieldset {
  display: flex;
  gap: 3px;
  align-items: center;
}
legend {
  float: left;
  padding-right: 8px;
}
button {
  border: 1px solid var(--line);
  background: none;
  border-radius: 4px;
  min-width: 30px;
  min-height: 30px;
  padding: 2px;
  cursor: pointer;
  font-size: 0.8rem;
}
button[aria-pressed='true'] {
  background: var(--ink);
  color: var(--paper);
}
</style>
