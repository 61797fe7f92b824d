<script setup lang="ts">
import { usePhotoAddress } from './use-photo-address.ts'

/** A small photo that opens in full beside the page. */
const props = defineProps<{ photoId: string; words: string }>()
const address = usePhotoAddress(() => props.photoId)
</script>

<template>
  <a :href="address" target="_blank" rel="noopener">
    <img :src="address" :alt="words" loading="lazy" />
  </a>
</template>
