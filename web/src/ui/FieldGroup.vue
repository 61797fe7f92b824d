<script setup lang="ts">
/** Fields that belong together, under the words that they are called by. */
defineProps<{ words: string; message?: string | undefined }>()
</script>

<template>
  <fieldset>
    <legend>{{ words }}</legend>
    <slot />
    <p v-if="message" class="text-rust text-small text-strong" role="alert">{{ message }}</p>
  </fieldset>
</template>
