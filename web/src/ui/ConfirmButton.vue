<script setup lang="ts">
import { Button, Modal } from 'ant-design-vue'
import { ref } from 'vue'

/** A button behind which something goes: it says what, and goes on only when told so. */
defineProps<{
  /** On the button. */
  words: string
  /** What goes, as a question. */
  question: string
  /** What goes with it, and what stays. */
  about?: string
  /** On the button that does it. */
  sure: string
  label?: string
  isSmall?: boolean
}>()
const emit = defineEmits<{ confirm: [] }>()
const isAsked = ref(false)
function goOn(): void {
  isAsked.value = false
  emit('confirm')
}
</script>

<template>
  <Button
    :type="isSmall ? 'link' : 'default'"
    :size="isSmall ? 'small' : 'middle'"
    :aria-label="label ?? words"
    @click="isAsked = true"
  >
    <slot>{{ words }}</slot>
  </Button>
  <Modal
    v-model:open="isAsked"
    :title="question"
    :ok-text="sure"
    cancel-text="Cancel"
    :width="420"
    @ok="goOn"
  >
    <p v-if="about">{{ about }}</p>
  </Modal>
</template>
