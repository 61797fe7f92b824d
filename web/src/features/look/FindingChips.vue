<script setup lang="ts">
import {
  findingVocabulary,
  valuesOf,
  type FindingName,
  type Findings,
} from '@spudder/core/seen/finding'
import { computed } from 'vue'
import { said } from '../../shared/units/said.ts'
import ChipChoice from '../../ui/ChipChoice.vue'

/** Findings to be answered, each by its chips. */
const props = defineProps<{ names: readonly FindingName[]; findings: Findings }>()
const emit = defineEmits<{ say: [name: FindingName, value: string | undefined] }>()

// Made once: new options would draw every chip anew with every tap.
const asked = computed(() =>
  props.names.map((name) => ({
    name,
    label: findingVocabulary[name].label,
    options: Object.entries(valuesOf(name)).map(([value, words]) => ({
      value,
      words: said(words),
    })),
  })),
)
</script>

<template>
  <ChipChoice
    v-for="{ name, label, options } in asked"
    :key="name"
    :label="label"
    :options="options"
    :model-value="findings[name]"
    is-optional
    is-shown-first
    @update:model-value="emit('say', name, $event)"
  />
</template>
