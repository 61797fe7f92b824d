<script setup lang="ts">
import { spans } from './time-axis.ts'
import { useTimeWindow } from './use-time-window.ts'

const time = useTimeWindow()
</script>

<template>
  <div class="spans" role="group" aria-label="Time on view">
    <button type="button" aria-label="Earlier" @click="time.shift(-time.days / 3)">‹</button>
    <button
      v-for="{ name } in spans"
      :key="name"
      type="button"
      :aria-pressed="time.span === name"
      @click="time.show(name)"
    >
      {{ name }}
    </button>
    <button type="button" aria-label="Later" @click="time.shift(time.days / 3)">›</button>
  </div>
</template>

<style scoped>
.spans {
  display: flex;
  border: 1px solid var(--strong-line);
  border-radius: var(--radius);
  overflow: hidden;
  background: var(--sheet);
}
button {
  border: 0;
  background: none;
  padding: 5px 11px;
  cursor: pointer;
  font-size: 0.87rem;
  min-height: 32px;
}
button + button {
  border-left: 1px solid var(--line);
}
button[aria-pressed='true'] {
  background: var(--ink);
  color: var(--paper);
}
button:focus-visible {
  outline-offset: -3px;
}
</style>
