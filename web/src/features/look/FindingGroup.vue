<script setup lang="ts">
import { said } from '../../shared/units/said.ts'
import FoldBox from '../../ui/FoldBox.vue'
import {
  findingVocabulary,
  valuesOf,
  type FindingName,
  type Findings,
} from '@spudder/core/seen/finding'
import { computed } from 'vue'
import ChipChoice from '../../ui/ChipChoice.vue'

/** Findings of one kind in words: some asked openly, the others behind "more". */
const props = defineProps<{
  open: readonly FindingName[]
  more: readonly FindingName[]
  /** Those of this kind alone, and the same ones as long as none of them changes. */
  findings: Findings
}>()
const emit = defineEmits<{ say: [name: FindingName, value: string | undefined] }>()

const chips = (names: readonly FindingName[]) =>
  names.map((name) => ({
    name,
    label: findingVocabulary[name].label,
    options: Object.entries(valuesOf(name)).map(([value, words]) => ({
      value,
      words: said(words),
    })),
  }))
// Made once: new options would draw every chip anew with every tap.
const asked = computed(() => chips(props.open))
const behind = computed(() => chips(props.more))
const isAnyMoreSaid = computed(() => props.more.some((name) => props.findings[name] !== undefined))
</script>

<template>
  <ChipChoice
    v-for="{ name, label, options } in asked"
    :key="name"
    :label="label"
    :options="options"
    :model-value="findings[name]"
    is-optional
    @update:model-value="emit('say', name, $event)"
  />
  <FoldBox v-if="more.length > 0" :open="isAnyMoreSaid"
    ><template #head>{{ open.length > 0 ? 'More' : 'What came out' }} ({{ more.length }})</template>
    <div class="more inside-10">
      <ChipChoice
        v-for="{ name, label, options } in behind"
        :key="name"
        :label="label"
        :options="options"
        :model-value="findings[name]"
        is-optional
        @update:model-value="emit('say', name, $event)"
      />
    </div>
  </FoldBox>
</template>

<style scoped>
.more {
  display: grid;
  gap: 11px;
}
</style>
