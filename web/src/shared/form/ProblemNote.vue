<script setup lang="ts">
/** What stood against a request, beside the button that sent it. */
defineProps<{ problem: Error | null | undefined }>()
</script>

<template>
  <p v-if="problem" class="problem" role="alert">{{ problem.message }}</p>
</template>

<style scoped>
.problem {
  padding: 8px 12px;
  background: var(--rust-wash);
  border-left: 3px solid var(--rust);
  border-radius: 0 var(--radius) var(--radius) 0;
}
</style>
