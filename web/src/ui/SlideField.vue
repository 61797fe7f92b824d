<script setup lang="ts">
import { Slider } from 'ant-design-vue'
import { useId } from 'vue'

/** A value found by sliding; what it comes to stands beside it and is said with it. */
defineProps<{
  label: string
  least: number
  most: number
  step: number
  /** The value as people say it. */
  words: string
}>()
const value = defineModel<number>({ required: true })
const id = useId()
const take = (now: number | [number, number]) => (value.value = Number(now))
</script>

<template>
  <div class="slide stack">
    <span :id="id" class="name text-tiny text-strong text-slate">{{ label }}</span>
    <output>{{ words }}</output>
    <Slider
      :value="value"
      :min="least"
      :max="most"
      :step="step"
      :tooltip-open="false"
      :aria-labelled-by-for-handle="id"
      :aria-value-text-formatter-for-handle="() => words"
      @update:value="take"
    />
  </div>
</template>

<style scoped>
.slide {
  grid-template-columns: 1fr auto;
  gap: 0 10px;
}
.slide > :deep(.ant-slider) {
  grid-column: 1 / -1;
  margin: 8px 6px;
}
</style>
