<script setup lang="ts">
import {
  findingVocabulary,
  findingsAsked,
  valuesOf,
  type FindingName,
  type Findings,
} from '@spudder/core/finding'
import type { Context } from '@spudder/core/plant'
import { computed } from 'vue'
import ChipChoice from '../../shared/form/ChipChoice.vue'

const props = defineProps<{ context: Context; findings: Findings }>()
const emit = defineEmits<{ say: [name: FindingName, value: string | undefined] }>()

const groupWords = { leaf: 'Leaves', plant: 'Plant', ground: 'Ground', story: 'Story' } as const
/** Pattern and severity are said by painting; the words for them stand with the brush. */
const groups = computed(() =>
  (['leaf', 'plant', 'ground', 'story'] as const)
    .map((group) => ({
      group,
      names: findingsAsked(props.context).filter(
        (name) =>
          findingVocabulary[name].group === group && name !== 'pattern' && name !== 'severity',
      ),
    }))
    .filter(({ names }) => names.length > 0),
)
const optionsOf = (name: FindingName) =>
  Object.entries(valuesOf(name)).map(([value, words]) => ({ value, words }))
const leafWords = computed(() => {
  const { pattern, severity } = props.findings
  if (!pattern || !severity) return 'Paint a leaf to say how pale and which pattern.'
  return `Painted: ${valuesOf('pattern')[pattern]}, severity ${valuesOf('severity')[severity]}.`
})
</script>

<template>
  <div class="words">
    <section v-for="{ group, names } in groups" :key="group">
      <h2>{{ groupWords[group] }}</h2>
      <p v-if="group === 'leaf'" class="painted">{{ leafWords }}</p>
      <ChipChoice
        v-for="name in names"
        :key="name"
        :label="findingVocabulary[name].label"
        :options="optionsOf(name)"
        :model-value="findings[name]"
        is-optional
        @update:model-value="emit('say', name, $event)"
      />
    </section>
  </div>
</template>

<style scoped>
.words,
section {
  display: grid;
  gap: 11px;
}
.words {
  gap: 18px;
}
.painted {
  font-size: 0.86rem;
  color: var(--slate);
}
</style>
