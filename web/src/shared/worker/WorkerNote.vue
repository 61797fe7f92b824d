<script setup lang="ts">
import { Alert, Button } from 'ant-design-vue'

/** What could not be worked out, with a way to try again. */
defineProps<{ failure: string | undefined }>()
const emit = defineEmits<{ again: [] }>()
</script>

<template>
  <Alert v-if="failure" type="error" :message="failure" show-icon>
    <template #action><Button size="small" @click="emit('again')">Try again</Button></template>
  </Alert>
</template>
