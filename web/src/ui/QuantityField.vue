<script setup lang="ts">
import { CoreError } from '@spudder/core/base/error'
import {
  dimensionExample,
  parseQuantity,
  valueIn,
  type Dimension,
} from '@spudder/core/base/quantity'
import { computed, ref, watch } from 'vue'
import TextField from './TextField.vue'

/** A quantity typed in any unit of its kind; what is typed stays, readable or not. */
const props = defineProps<{
  label: string
  dimension: Dimension
  /** The unit that the value is handed on in. */
  unit: string
  hint?: string | undefined
  message?: string | undefined
}>()
const text = defineModel<string>({ required: true })
const emit = defineEmits<{ value: [number | undefined] }>()
const unreadable = ref<string>()

watch(
  [text, () => props.unit],
  () => {
    unreadable.value = undefined
    // An empty field is not wrong yet; whoever sends it says what is missing.
    if (text.value.trim() === '') {
      emit('value', undefined)
      return
    }
    try {
      emit('value', valueIn(parseQuantity(text.value, props.dimension), props.unit))
    } catch (error) {
      if (!(error instanceof CoreError)) throw error
      unreadable.value = error.sentence()
      emit('value', undefined)
    }
  },
  { immediate: true },
)
const said = computed(() => unreadable.value ?? props.message)
</script>

<template>
  <TextField
    v-model="text"
    :label="label"
    :hint="hint ?? `for example ${dimensionExample(dimension).replace(/^.*such as /, '')}`"
    :message="said"
  />
</template>
