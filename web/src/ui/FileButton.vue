<script setup lang="ts">
import { Button, Upload } from 'ant-design-vue'
import { ref } from 'vue'

/** A button that opens files; the same file may be opened again. Nothing leaves the page by it. */
const props = defineProps<{
  accept: string
  words: string
  isMultiple?: boolean
  /** The most that one of them may be, said before anybody meets it [MB]. */
  mostMegabytes: number
}>()
const emit = defineEmits<{ files: [files: readonly File[]] }>()

const tooLarge = ref('')
const megabyte = 1024 * 1024
const megabytes = ({ size }: File): number => Math.ceil(size / megabyte)

/** The library asks file by file; they are handed on together, with the last. */
function take(file: File, all: readonly File[]): string {
  if (file !== all.at(-1)) return Upload.LIST_IGNORE
  const over = all.filter(({ size }) => size > props.mostMegabytes * megabyte)
  tooLarge.value = over.map((each) => `${each.name} has ${megabytes(each)} MB`).join(', ')
  const fit = all.filter((each) => !over.includes(each))
  if (fit.length > 0) emit('files', fit)
  return Upload.LIST_IGNORE
}
</script>

<template>
  <span>
    <Upload
      :accept="accept"
      :multiple="isMultiple ?? false"
      :show-upload-list="false"
      :before-upload="take as never"
    >
      <Button>{{ words }}</Button>
    </Upload>
    <span v-if="tooLarge" class="stop" role="alert">
      {{ tooLarge }}; up to {{ mostMegabytes }} MB are taken. Take a smaller one, or cut it in
      parts.
    </span>
    <span v-else class="faint-note">&nbsp;up to {{ mostMegabytes }} MB</span>
  </span>
</template>
