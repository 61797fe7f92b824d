<script setup lang="ts">
import { Button } from 'ant-design-vue'
import type { Entry } from './entries.ts'

/** The screens of every day, in the line at the top of a wide screen. */
defineProps<{ entries: readonly Entry[] }>()
</script>

<template>
  <nav class="line lined" aria-label="Everywhere">
    <RouterLink
      v-for="{ name, words, to } in entries"
      :key="name"
      v-slot="{ href, navigate, isExactActive }"
      :to="to"
      custom
    >
      <Button
        type="text"
        :class="{ here: isExactActive }"
        :aria-current="isExactActive ? 'page' : undefined"
        :href="href"
        @click="navigate"
        >{{ words }}</Button
      >
    </RouterLink>
  </nav>
</template>

<style scoped>
.line .here {
  color: var(--rust);
  box-shadow: inset 0 -2px var(--rust);
  border-radius: 0;
}
</style>
