<script setup lang="ts">
import { Input } from 'ant-design-vue'
import { watch } from 'vue'
import FormField from './FormField.vue'

defineProps<{
  label: string
  hint?: string | undefined
  message?: string | undefined
  type?: 'text' | 'date'
  inputmode?: 'decimal' | 'text'
  placeholder?: string
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
  <FormField v-slot="{ id, describedBy, invalid }" :label="label" :hint="hint" :message="message">
    <Input
      :id="id"
      :value="text"
      :type="type ?? 'text'"
      :inputmode="inputmode ?? 'text'"
      :placeholder="placeholder ?? ''"
      :status="invalid ? 'error' : ''"
      :aria-invalid="invalid"
      :aria-describedby="describedBy"
      autocomplete="off"
      @update:value="tell"
    />
  </FormField>
</template>
