<script setup lang="ts">
import { Button } from 'ant-design-vue'
import { defineAsyncComponent, ref } from 'vue'

/** Opens the camera with its frame; what is taken is handed on as any file is. */
const emit = defineEmits<{ files: [files: readonly File[]] }>()
const CameraGuide = defineAsyncComponent(() => import('./CameraGuide.vue'))
const isOpen = ref(false)
function take(file: File): void {
  isOpen.value = false
  emit('files', [file])
}
</script>

<template>
  <Button @click="isOpen = true">Camera</Button>
  <CameraGuide v-if="isOpen" @taken="take" @close="isOpen = false" />
</template>
