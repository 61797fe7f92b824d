<script setup lang="ts">
import { Input } from 'ant-design-vue'
import { watch } from 'vue'
import FormField from './FormField.vue'

defineProps<{
  label: string
  hint?: string | undefined
  message?: string | undefined
  inputmode?: 'decimal' | 'text'
  placeholder?: string
  /** What the browser may fill in; nothing unless said. */
  autocomplete?: string
  /** Said to those who hear the page; a heading says it to those who see it. */
  isLabelHidden?: boolean
}>()
const text = defineModel<string>({ required: true })

// The library tells of a text twice, as it is typed and when the field is left.
let told = text.value
watch(text, (now) => (told = now))
function tell(now: string | number): void {
  if (String(now) === told) return
  told = String(now)
  text.value = told
}
</script>

<template>
  <FormField
    v-slot="{ id, describedBy, invalid }"
    :label="label"
    :value="text"
    :is-label-hidden="isLabelHidden ?? false"
    :hint="hint"
    :message="message"
  >
    <Input
      :id="id"
      :value="text"
      :inputmode="inputmode ?? 'text'"
      :placeholder="placeholder ?? ''"
      :status="invalid ? 'error' : ''"
      :aria-invalid="invalid"
      :aria-describedby="describedBy"
      :autocomplete="autocomplete ?? 'off'"
      @update:value="tell"
    />
  </FormField>
</template>
