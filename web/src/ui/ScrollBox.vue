<script setup lang="ts">
/** What is wider than a phone scrolls in a box of its own, by keys too. */
defineProps<{ label: string }>()
</script>

<template>
  <div class="scroll" tabindex="0" role="region" :aria-label="label">
    <slot />
  </div>
</template>

<style scoped>
.scroll {
  overflow-x: auto;
}
</style>
