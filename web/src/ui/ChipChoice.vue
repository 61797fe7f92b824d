<script setup lang="ts" generic="Value extends string">
import { Button, RadioButton, RadioGroup } from 'ant-design-vue'
import { nextTick, useTemplateRef } from 'vue'
import { useToldAfter } from './told-after.ts'

/** A few values side by side, one or none of them chosen. */
const props = defineProps<{
  label: string
  options: readonly { readonly value: Value; readonly words: string }[]
  /** Whether what is chosen can be taken back to "not looked". */
  isOptional?: boolean
  /** Where much is drawn anew with an answer: the finger sees its chip first, the page hears of it after. */
  isShownFirst?: boolean
}>()
const chosen = defineModel<Value | undefined>({ required: true })
const root = useTemplateRef<HTMLElement>('root')
/** Checks a chip in the browser itself: the library takes a tap back until the page has drawn it anew. */
function show(value: Value | undefined): void {
  for (const input of root.value?.querySelectorAll('input') ?? [])
    input.checked = input.value === value
}
const told = useToldAfter((value: Value) => {
  chosen.value = value
  // What the page did not take is not shown as if it had.
  void nextTick(() => show(chosen.value))
})
function choose(value: unknown): void {
  if (!props.isShownFirst) {
    chosen.value = value as Value
    return
  }
  show(value as Value)
  told.later(value as Value)
}
function takeBack(): void {
  told.forget()
  chosen.value = undefined
}
</script>

<template>
  <fieldset ref="root">
    <legend>{{ label }}</legend>
    <RadioGroup :value="chosen ?? null" class="chips" @update:value="choose">
      <RadioButton v-for="option in options" :key="option.value" :value="option.value">
        {{ option.words }}
      </RadioButton>
      <Button
        v-if="isOptional && chosen !== undefined"
        type="dashed"
        size="small"
        shape="round"
        :aria-label="`${label}: not looked`"
        @click="takeBack"
      >
        not looked
      </Button>
    </RadioGroup>
  </fieldset>
</template>

<style scoped>
/* Chips that stand apart: the library's joined buttons would break over two lines. */
.chips {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 5px;
  margin-top: 4px;
}
.chips :deep(.ant-radio-button-wrapper) {
  height: auto;
  padding: 3px 11px;
  border: 1px solid var(--strong-line);
  border-radius: 999px;
  font-size: var(--text-small);
  line-height: 1.35;
}
.chips :deep(.ant-radio-button-wrapper::before) {
  display: none;
}
/* By what the browser has checked, not by what the library has drawn: a finger sees its chip at once. */
.chips :deep(.ant-radio-button-wrapper:not(:has(:checked))) {
  background: none;
  color: var(--ink);
  border-color: var(--strong-line);
}
.chips :deep(.ant-radio-button-wrapper:has(:checked)) {
  background: var(--ink);
  color: var(--paper);
  border-color: var(--ink);
}
.chips :deep(.ant-radio-button-wrapper:focus-within) {
  outline: 2.5px solid var(--rust);
  outline-offset: 1px;
}
@media (width < 700px) {
  .chips :deep(.ant-radio-button-wrapper) {
    padding: 10px 16px;
    font-size: var(--text-body);
  }
}
</style>
