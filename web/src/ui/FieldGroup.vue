<script setup lang="ts">
/** Fields that belong together, under the words that they are called by. */
defineProps<{ words: string; message?: string | undefined }>()
</script>

<template>
  <fieldset>
    <legend>{{ words }}</legend>
    <slot />
    <p v-if="message" class="wrong" role="alert">{{ message }}</p>
  </fieldset>
</template>

<style scoped>
.wrong {
  color: var(--rust);
  font-size: 0.84rem;
  font-weight: 540;
}
</style>
