<script setup lang="ts">
import ChoiceField from '../../ui/ChoiceField.vue'
import DayField from '../../ui/DayField.vue'
import TextField from '../../ui/TextField.vue'
import type { MendField } from './mend-fields.ts'

/** The fields of a thing that is put right, each as what it holds. */
defineProps<{
  fields: readonly MendField[]
  messageFor?: ((field: MendField) => string | undefined) | undefined
}>()
const typed = defineModel<Record<string, string>>({ required: true })
</script>

<template>
  <div class="stack halves gap-10 items-start">
    <template v-for="field in fields" :key="field.name">
      <DayField
        v-if="field.control === 'day'"
        v-model="typed[field.name]!"
        :label="field.label"
        :message="messageFor?.(field)"
      />
      <ChoiceField
        v-else-if="field.options"
        v-model="typed[field.name]!"
        :label="field.label"
        :options="field.options"
        :message="messageFor?.(field)"
      />
      <TextField
        v-else
        v-model="typed[field.name]!"
        :label="field.label"
        :inputmode="field.control === 'number' ? 'decimal' : 'text'"
        :message="messageFor?.(field)"
      />
    </template>
  </div>
</template>
