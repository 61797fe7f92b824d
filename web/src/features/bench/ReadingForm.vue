<script setup lang="ts">
import DayField from '../../ui/DayField.vue'
import {
  pHPreparationNames,
  pHPreparations,
  readingKindNames,
  readingKinds,
  readingMedia,
  readingMethodNames,
  readingMethods,
  readingPlaceNames,
  readingPlaces,
  type PHPreparation,
  type ReadingKind,
  type ReadingMedium,
  type ReadingMethod,
  type ReadingPlace,
} from '@spudder/core/seen/reading'
import { Button } from 'ant-design-vue'
import { computed } from 'vue'
import { useStandCase } from '../../shared/case/stand-case.ts'
import ChoiceField from '../../ui/ChoiceField.vue'
import { useKept } from '../../shared/form/kept.ts'
import { numberIn } from '../../shared/form/number-text.ts'
import ProblemNote from '../../ui/ProblemNote.vue'
import TextField from '../../ui/TextField.vue'
import { today } from '../../shared/units/today.ts'
import DoubtfulNote from './DoubtfulNote.vue'
import { useKeepReading } from './use-keep-reading.ts'

const { standId, stand } = useStandCase()
const { keep, messageFor, questions, forgetQuestions, problem, isLoading } = useKeepReading()
const isInSolution = computed(() => stand.value?.size.kind === 'solution')

const {
  value: draft,
  forget,
  failed,
} = useKept(`bench:${standId.value}`, () => ({
  id: crypto.randomUUID() as string,
  medium: (isInSolution.value ? 'water' : 'soil') as ReadingMedium,
  kind: (isInSolution.value ? 'nitrate' : 'soilIron') as ReadingKind,
  value: '',
  method: 'laboratory' as ReadingMethod,
  place: 'whole' as ReadingPlace,
  preparation: 'water-1-1' as PHPreparation,
  takenOn: today(),
}))

const mediumOptions = (['soil', 'tissue', 'water'] as const).map((value) => ({
  value,
  words: readingMedia[value],
}))
/** Soil and water both have a pH; it is listed with the soil and offered for both. */
const kindsOf = (medium: ReadingMedium): ReadingKind[] => {
  const own = readingKindNames.filter((kind) => readingKinds[kind].medium === medium)
  return medium === 'water' ? ['pH', ...own] : own
}
const kindOptions = computed(() =>
  kindsOf(draft.value.medium).map((value) => ({ value, words: readingKinds[value].label })),
)
const methodOptions = readingMethodNames
  .filter((name) => name !== 'eye')
  .map((value) => ({ value, words: readingMethods[value].label }))
const placeOptions = readingPlaceNames.map((value) => ({ value, words: readingPlaces[value] }))
const preparationOptions = pHPreparationNames.map((value) => ({
  value,
  words: pHPreparations[value].label,
}))
const unit = computed(() => readingKinds[draft.value.kind].unit)

function setMedium(medium: ReadingMedium): void {
  draft.value = { ...draft.value, medium, kind: kindsOf(medium)[0] ?? 'pH' }
}

async function save(isSaidToBeSo = false, value = numberIn(draft.value.value)): Promise<void> {
  const { id, kind, method, place, takenOn, preparation } = draft.value
  const given = { id, kind, value, method, takenOn, place }
  const stored = await keep(kind === 'pH' ? { ...given, preparation } : given, isSaidToBeSo)
  if (stored) forget()
  else failed(problem.value)
}
</script>

<template>
  <form class="stack gap-10" @submit.prevent="save()" @input="forgetQuestions">
    <div class="fields stack items-start">
      <ChoiceField
        :model-value="draft.medium"
        label="what was measured"
        :options="mediumOptions"
        @update:model-value="setMedium"
      />
      <ChoiceField v-model="draft.kind" label="test" :options="kindOptions" />
      <TextField
        v-model="draft.value"
        :label="unit === '' ? 'value' : `value, ${unit}`"
        inputmode="decimal"
        :message="messageFor('value')"
      />
      <ChoiceField v-model="draft.method" label="by" :options="methodOptions" />
      <ChoiceField v-model="draft.place" label="of" :options="placeOptions" />
      <ChoiceField
        v-if="draft.kind === 'pH'"
        v-model="draft.preparation"
        label="prepared"
        :options="preparationOptions"
      />
      <DayField v-model="draft.takenOn" label="taken on" :message="messageFor('takenOn')" />
      <Button type="primary" html-type="submit" :loading="isLoading">Save reading</Button>
    </div>
    <DoubtfulNote :questions="questions" @so="save(true)" @instead="(value) => save(true, value)" />
    <ProblemNote :problem="problem" />
  </form>
</template>

<style scoped>
.fields {
  grid-template-columns: repeat(auto-fill, minmax(172px, 1fr));
  gap: 10px 12px;
}
.fields > :deep(.ant-btn) {
  margin-top: 21px;
}
</style>
