<script setup lang="ts">
import { Progress } from 'ant-design-vue'
import { computed } from 'vue'

/** How far something is that takes a while. */
const props = defineProps<{ /** From 0 to 1. */ share: number; label: string }>()
const percent = computed(() => Math.round(100 * Math.min(1, Math.max(0, props.share))))
</script>

<template>
  <Progress
    :percent="percent"
    :show-info="false"
    size="small"
    role="progressbar"
    :aria-label="label"
    :aria-valuenow="percent"
    aria-valuemin="0"
    aria-valuemax="100"
  />
</template>
