<script setup lang="ts">
import type { LearningDto } from '@spudder/contract/learning'
import type { LearntResponses } from '@spudder/core/outcome/learnt'
import { computed, ref } from 'vue'
import ChoiceField from '../../ui/ChoiceField.vue'
import LessonCard from './LessonCard.vue'
import TrialWorth from './TrialWorth.vue'

/** What treatments taught, kind by kind, and the trial that would teach most. */
const props = defineProps<{ learnt: LearntResponses; record: LearningDto }>()
/** Those of which most was seen first. */
const responses = computed(() =>
  [...props.learnt.values()].toSorted((a, b) => b.entryIds.length - a.entryIds.length),
)
/** Those that were treated, first; a stand chosen that is gone is none. */
const standId = ref('')
const stands = computed(() => {
  const treated = new Set(props.record.treatments.map((each) => each.standId))
  return [
    { value: '', words: 'any stand of this place' },
    ...props.record.stands
      .filter(({ id }) => treated.has(id))
      .map(({ id, name }) => ({ value: id, words: name })),
  ]
})
</script>

<template>
  <p class="readable text-slate">
    Every treatment that was watched teaches how leaves answer here: how much they green, how soon,
    for how long, and how often nothing comes. Beside it stands what is published; little that was
    seen moves it little.
  </p>
  <TrialWorth class="above-16" :learnt="learnt" :record="record" />
  <div class="which above-16">
    <ChoiceField v-model="standId" label="Expected on" :options="stands" />
  </div>
  <div class="cards stack gap-32 above-16">
    <LessonCard
      v-for="each in responses"
      :key="each.published.id"
      :learnt="each"
      :stand-id="standId"
      :record="record"
    />
  </div>
</template>

<style scoped>
.which {
  max-width: 320px;
}
</style>
