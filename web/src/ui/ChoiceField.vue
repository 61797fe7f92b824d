<script setup lang="ts" generic="Value extends string">
import { Select } from 'ant-design-vue'
import { computed } from 'vue'
import FormField from './FormField.vue'

const props = defineProps<{
  label: string
  options: readonly { readonly value: Value; readonly words: string }[]
  hint?: string | undefined
  message?: string | undefined
  /** Said to those who hear the page; a heading says it to those who see it. */
  isLabelHidden?: boolean
}>()
const chosen = defineModel<Value>({ required: true })
/** So many are taken in at a glance; more are searched through. */
const manyOptions = 9
const listed = computed(() => props.options.map(({ value, words }) => ({ value, label: words })))
const choose = (value: unknown) => (chosen.value = value as Value)
</script>

<template>
  <FormField
    v-slot="{ id, describedBy, invalid }"
    :label="label"
    :value="chosen"
    :is-label-hidden="isLabelHidden ?? false"
    :hint="hint"
    :message="message"
  >
    <Select
      :id="id"
      :value="chosen"
      class="choice"
      :options="listed"
      :show-search="options.length >= manyOptions"
      option-filter-prop="label"
      not-found-content="Nothing of that name."
      :virtual="false"
      :status="invalid ? 'error' : ''"
      :aria-invalid="invalid"
      :aria-describedby="describedBy"
      @update:value="choose"
    />
  </FormField>
</template>

<style scoped>
.choice {
  width: 100%;
}
</style>
