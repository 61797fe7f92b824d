<script setup lang="ts">
import { Alert } from 'ant-design-vue'

/** What stood against a request, beside the button that sent it. */
defineProps<{ problem: Error | null | undefined }>()
</script>

<template>
  <Alert v-if="problem" type="error" :message="problem.message" show-icon />
</template>
