<script setup lang="ts">
import { CoreError } from '@spudder/core/base/error'
import { amountWords, parseQuantity, valueIn, type UnitSystem } from '@spudder/core/base/quantity'
import { computed, ref, watch } from 'vue'
import TextField from './TextField.vue'

/** An amount of something by weight, or by volume where it is liquid and its density is known. */
const props = defineProps<{
  label: string
  /** Mass of a litre [kg/L]; undefined before anybody weighed it. */
  densityKgPerL: number | undefined
  system: UnitSystem
  message?: string | undefined
}>()
const text = defineModel<string>({ required: true })
const emit = defineEmits<{ /** [kg] */ value: [number | undefined] }>()
const said = ref<string>()
const litres = ref<number>()

/** What a text comes to, or the error of the reader. */
function read(dimension: 'mass' | 'volume', unit: string): number | CoreError {
  try {
    return valueIn(parseQuantity(text.value, dimension), unit)
  } catch (error) {
    if (error instanceof CoreError) return error
    throw error
  }
}
watch(
  [text, () => props.densityKgPerL],
  () => {
    said.value = undefined
    litres.value = undefined
    if (text.value.trim() === '') return emit('value', undefined)
    const kg = read('mass', 'kg')
    if (typeof kg === 'number') return emit('value', kg)
    const volume = read('volume', 'L')
    if (typeof volume !== 'number') {
      said.value = kg.sentence()
      return emit('value', undefined)
    }
    litres.value = volume
    if (props.densityKgPerL === undefined) {
      said.value = `${text.value.trim()} is a volume: give the density too, or the weight.`
      return emit('value', undefined)
    }
    return emit('value', volume * props.densityKgPerL)
  },
  { immediate: true },
)
const hint = computed(() =>
  litres.value !== undefined && props.densityKgPerL !== undefined
    ? `that is ${amountWords('mass', litres.value * props.densityKgPerL, props.system)}`
    : 'by weight, or by volume with its density',
)
</script>

<template>
  <TextField v-model="text" :label="label" :hint="hint" :message="said ?? message" />
</template>
