<script setup lang="ts">
import { Result } from 'ant-design-vue'

/** Where nothing is yet: says so, what would stand here, and leads to the next step. */
defineProps<{ title: string; words: string }>()
defineSlots<{ default?: () => unknown }>()
</script>

<template>
  <Result class="empty" status="info">
    <template #icon><span /></template>
    <template #title
      ><h2>{{ title }}</h2></template
    >
    <template #subTitle>
      <p>{{ words }}</p>
    </template>
    <template v-if="$slots.default" #extra><slot /></template>
  </Result>
</template>

<style scoped>
/* On the left, where the eye is, and as calm as the page. */
.empty {
  max-width: 54ch;
  padding: 20px 0;
  text-align: start;
}
.empty :deep(.ant-result-title),
.empty :deep(.ant-result-subtitle) {
  text-align: start;
}
.empty :deep(.ant-result-icon) {
  display: none;
}
.empty :deep(.ant-result-extra) {
  margin-top: 12px;
  text-align: start;
}
</style>
