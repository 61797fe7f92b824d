<script setup lang="ts">
import { Modal } from 'ant-design-vue'

/** What is odd about an entry, asked before it is stored; whoever says yes stores it as it is. */
defineProps<{ questions: readonly string[] }>()
const emit = defineEmits<{ yes: []; no: [] }>()
</script>

<template>
  <Modal
    :open="questions.length > 0"
    title="Is that right?"
    ok-text="Yes, store it as it is"
    cancel-text="Let me look again"
    :width="460"
    @ok="emit('yes')"
    @cancel="emit('no')"
  >
    <p v-for="question in questions" :key="question">{{ question }}</p>
    <p class="faint-note">What really went out is stored, whatever it was.</p>
  </Modal>
</template>
