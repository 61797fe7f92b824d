<script setup lang="ts">
import { Button, Upload } from 'ant-design-vue'

/** A button that opens files; the same file may be opened again. Nothing leaves the page by it. */
defineProps<{ accept: string; words: string; isMultiple?: boolean }>()
const emit = defineEmits<{ files: [files: readonly File[]] }>()

/** The library asks file by file; they are handed on together, with the last. */
function take(file: File, all: readonly File[]): string {
  if (file === all.at(-1)) emit('files', [...all])
  return Upload.LIST_IGNORE
}
</script>

<template>
  <Upload
    :accept="accept"
    :multiple="isMultiple ?? false"
    :show-upload-list="false"
    :before-upload="take as never"
  >
    <Button>{{ words }}</Button>
  </Upload>
</template>
