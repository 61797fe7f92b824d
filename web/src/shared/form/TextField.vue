<script setup lang="ts">
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
</script>

<template>
  <FormField v-slot="{ id, describedBy, invalid }" :label="label" :hint="hint" :message="message">
    <input
      :id="id"
      v-model="text"
      class="field-input"
      :type="type ?? 'text'"
      :inputmode="inputmode"
      :placeholder="placeholder"
      :aria-invalid="invalid"
      :aria-describedby="describedBy"
      autocomplete="off"
    />
  </FormField>
</template>
