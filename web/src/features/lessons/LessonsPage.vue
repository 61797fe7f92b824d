<script setup lang="ts">
import { placeRoutes } from '@spudder/contract/place'
import { Button, Checkbox } from 'ant-design-vue'
import { computed, onMounted, ref } from 'vue'
import { useMay } from '../../api/me.ts'
import { usePlace } from '../../api/places.ts'
import { useChange } from '../../api/use-change.ts'
import { useKnown } from '../../shared/known/use-known.ts'
import WorkerNote from '../../shared/worker/WorkerNote.vue'
import ChoiceField from '../../ui/ChoiceField.vue'
import EmptyState from '../../ui/EmptyState.vue'
import ProblemNote from '../../ui/ProblemNote.vue'
import ProgressBar from '../../ui/ProgressBar.vue'
import LessonCard from './LessonCard.vue'
import TrialWorth from './TrialWorth.vue'

/** What the place taught of how its leaves answer, beside what is published; switched on and off here. */
const store = useKnown()
const { place } = usePlace()
const { may } = useMay()
onMounted(() => (store.isLookedAt = true))

const change = useChange(placeRoutes.changeSettings, { told: 'beside' })
async function set(dto: { learns?: boolean; takesAsSaid?: boolean }): Promise<void> {
  if (place.value) await change.send({ placeId: place.value.id, dto })
}
/** Those of which most was seen first. */
const responses = computed(() =>
  [...(store.learnt?.values() ?? [])].toSorted((a, b) => b.entryIds.length - a.entryIds.length),
)
/** Those that were treated, first; a stand chosen that is gone is none. */
const standId = ref('')
const stands = computed(() => {
  const treated = new Set(store.record?.treatments.map((each) => each.standId))
  return [
    { value: '', words: 'any stand of this place' },
    ...(store.record?.stands ?? [])
      .filter(({ id }) => treated.has(id))
      .map(({ id, name }) => ({ value: id, words: name })),
  ]
})
</script>

<template>
  <h1>Lessons</h1>
  <p class="about text-slate above-4">
    Every treatment that was watched teaches how leaves answer here: how much they green, how soon,
    for how long, and how often nothing comes. Beside it stands what is published; little that was
    seen moves it little.
  </p>
  <div class="stack gap-6 above-16">
    <Checkbox
      :checked="store.learns"
      :disabled="!may('plan') || change.isLoading.value"
      @change="set({ learns: !store.learns })"
    >
      Expect what this place taught: in rankings, expected courses, intervals and next dates
    </Checkbox>
    <Checkbox
      :checked="store.putsRight"
      :disabled="!may('plan') || change.isLoading.value"
      @change="set({ takesAsSaid: store.putsRight })"
    >
      Put ratings right by the <RouterLink :to="{ name: 'eye' }">eye</RouterLink> that gave them
    </Checkbox>
    <ProblemNote :problem="change.error.value" />
  </div>
  <WorkerNote :failure="store.failure" @again="store.again" />
  <div
    v-if="store.progress !== undefined"
    class="running lined gap-10 items-center above-16"
    role="status"
  >
    <ProgressBar :share="store.progress" label="Learning" />
    <Button size="small" @click="store.cancel">Stop</Button>
  </div>
  <template v-if="responses.length > 0">
    <TrialWorth
      v-if="store.learnt && store.record"
      class="above-16"
      :learnt="store.learnt"
      :record="store.record"
    />
    <div class="which above-16">
      <ChoiceField v-model="standId" label="Expected on" :options="stands" />
    </div>
    <div class="cards stack gap-32 above-16">
      <LessonCard
        v-for="each in responses"
        :key="each.published.id"
        :learnt="each"
        :stand-id="standId"
        :record="store.record"
      />
    </div>
  </template>
  <div v-else-if="!store.learnt && store.record && store.progress === undefined" class="above-16">
    <Button @click="store.again">Learn from the record</Button>
  </div>
  <EmptyState
    v-else-if="store.learnt && store.progress === undefined"
    title="Nothing was taught yet"
    words="Enter the colour before a treatment, and again some times after it: then what it did is learnt from."
  />
</template>

<style scoped>
.about {
  max-width: 70ch;
}
.which {
  max-width: 320px;
}
.running {
  max-width: 420px;
}
</style>
