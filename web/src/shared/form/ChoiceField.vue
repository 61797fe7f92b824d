<script setup lang="ts" generic="Value extends string">
import FormField from './FormField.vue'

defineProps<{
  label: string
  options: readonly { readonly value: Value; readonly words: string }[]
  hint?: string | undefined
  message?: string | undefined
}>()
const chosen = defineModel<Value>({ required: true })
</script>

<template>
  <FormField v-slot="{ id, describedBy, invalid }" :label="label" :hint="hint" :message="message">
    <select
      :id="id"
      v-model="chosen"
      class="field-input"
      :aria-invalid="invalid"
      :aria-describedby="describedBy"
    >
      <option v-for="option in options" :key="option.value" :value="option.value">
        {{ option.words }}
      </option>
    </select>
  </FormField>
</template>
