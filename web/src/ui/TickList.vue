<script setup lang="ts" generic="Value extends string | number">
import { CheckboxGroup } from 'ant-design-vue'
import { computed } from 'vue'
import FieldGroup from './FieldGroup.vue'

/** Some of a few things, each with a box to tick. */
const props = defineProps<{
  label: string
  options: readonly { readonly value: Value; readonly words: string }[]
  message?: string | undefined
}>()
const ticked = defineModel<readonly Value[]>({ required: true })
const listed = computed(() => props.options.map(({ value, words }) => ({ value, label: words })))
/** In the order of the list, whatever order they were ticked in. */
const take = (values: readonly unknown[]) =>
  (ticked.value = props.options.map(({ value }) => value).filter((each) => values.includes(each)))
</script>

<template>
  <FieldGroup :words="label" :message="message">
    <CheckboxGroup class="ticks" :value="[...ticked]" :options="listed" @update:value="take" />
    <slot />
  </FieldGroup>
</template>

<style scoped>
/* One below the other; long words wrap beside their box. */
.ticks {
  display: grid;
  grid-template-columns: minmax(0, 1fr);
  white-space: normal;
}
/* As high as a thumb wants it. */
@media (width < 700px) {
  .ticks :deep(.ant-checkbox-wrapper) {
    min-height: 44px;
    align-items: center;
  }
}
</style>
