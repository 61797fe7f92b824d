<script setup lang="ts">
import { usePhotoAddress } from './use-photo-address.ts'

/** A photo, wherever it is by now. */
const props = defineProps<{ photoId: string; words: string }>()
const address = usePhotoAddress(() => props.photoId)
</script>

<template>
  <img :src="address" :alt="words" />
</template>
