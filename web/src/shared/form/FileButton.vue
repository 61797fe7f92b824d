<script setup lang="ts">
import { useId } from 'vue'

/** A button that opens files; the same file may be opened again. */
defineProps<{ accept: string; words: string; isMultiple?: boolean }>()
const emit = defineEmits<{ files: [files: readonly File[]] }>()
const id = useId()

function chosen(event: Event): void {
  const input = event.target as HTMLInputElement
  const files = [...(input.files ?? [])]
  input.value = ''
  if (files.length > 0) emit('files', files)
}
</script>

<template>
  <label :for="id" class="add">
    {{ words }}
    <input
      :id="id"
      type="file"
      :accept="accept"
      :multiple="isMultiple ?? false"
      class="visually-hidden"
      @change="chosen"
    />
  </label>
</template>

<style scoped>
.add {
  border: 1px solid var(--strong-line);
  border-radius: var(--radius);
  padding: 5px 13px;
  min-height: 38px;
  display: inline-flex;
  align-items: center;
  justify-self: start;
  cursor: pointer;
  font-size: 0.9375rem;
  background: var(--sheet);
}
.add:focus-within {
  outline: 2.5px solid var(--rust);
  outline-offset: 2px;
}
</style>
