<script setup lang="ts">
import TickList from '../../ui/TickList.vue'

/** Days of the week, any of them. */
defineProps<{ label: string }>()
const picked = defineModel<readonly number[]>({ required: true })
const weekdays = ['Mo', 'Tu', 'We', 'Th', 'Fr', 'Sa', 'Su'].map((words, index) => ({
  value: index + 1,
  words,
}))
</script>

<template>
  <TickList v-model="picked" :label="label" :options="weekdays" />
</template>
