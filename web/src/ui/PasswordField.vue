<script setup lang="ts">
import { InputPassword } from 'ant-design-vue'
import FormField from './FormField.vue'

defineProps<{
  label: string
  hint?: string | undefined
  message?: string | undefined
  /** Whether one is being chosen, so that the browser offers to make and keep one. */
  isNew?: boolean
}>()
const text = defineModel<string>({ required: true })
</script>

<template>
  <FormField
    v-slot="{ id, describedBy, invalid }"
    :label="label"
    :value="text"
    :hint="hint"
    :message="message"
  >
    <InputPassword
      :id="id"
      v-model:value="text"
      :status="invalid ? 'error' : ''"
      :aria-invalid="invalid"
      :aria-describedby="describedBy"
      :autocomplete="isNew ? 'new-password' : 'current-password'"
    />
  </FormField>
</template>
