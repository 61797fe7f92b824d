<script setup lang="ts">
import { dayWords } from '../../shared/units/today.ts'
import type { TrialDto } from '@spudder/contract/trial'
import { readingKinds } from '@spudder/core/seen/reading'
import { greennessOf, isColourKind, leafColour } from '@spudder/core/seen/colour'
import { planTrial, trialLayouts } from '@spudder/core/outcome/trial'
import { Button } from 'ant-design-vue'
import { sourceIds } from '@spudder/core/material/source'
import { computed, ref } from 'vue'
import { useRoute } from 'vue-router'
import { useTrials } from '../../api/trial-zones.ts'
import { useStandCase } from '../../shared/case/stand-case.ts'
import ChoiceField from '../../ui/ChoiceField.vue'
import ProblemNote from '../../ui/ProblemNote.vue'
import MendButton from '../../shared/history/MendButton.vue'
import RatingWalk from './RatingWalk.vue'
import TrialForm from './TrialForm.vue'
import TrialMap from './TrialMap.vue'
import TrialResult from './TrialResult.vue'

/** Trials of a stand: laid out, rated on a walk, weighed. */
const { standId } = useStandCase()
const query = useTrials(() => standId.value)
const chosen = ref<string>()
const route = useRoute()
/** A source that somebody came here to try. */
const sourceIn = (name: string) => sourceIds.find((id) => id === route.query[name])
const ask = computed(() => sourceIn('ask'))
const beside = computed(() => sourceIn('beside'))
const isPlanning = ref(ask.value !== undefined)
const current = ref<number>()
/** Whoever knows what a plot got rates what they hope for. */
const isBlind = ref(true)
const trial = computed<TrialDto | undefined>(
  () => query.data.value?.find(({ id }) => id === chosen.value) ?? query.data.value?.at(-1),
)
const options = computed(() =>
  (query.data.value ?? []).map(({ id, name, startedOn }) => ({
    value: id,
    words: `${name}, ${dayWords(startedOn)}`,
  })),
)
const shown = computed({
  get: () => trial.value?.id ?? '',
  set: (id: string) => (chosen.value = id),
})
const plots = computed(() => (trial.value ? planTrial(trial.value.design, trial.value.seed) : []))
/** Each plot in the colour it was rated last. */
const colours = computed(() => {
  const { scale, ratings = [] } = trial.value ?? {}
  return new Map(
    ratings.flatMap(({ plot, value }): [number, string][] =>
      scale && isColourKind(scale) ? [[plot, leafColour(greennessOf(scale, value))]] : [],
    ),
  )
})
const about = computed(() =>
  trial.value
    ? `${plots.value.length} plots ${trialLayouts[trial.value.design.layout]}, rated on ${readingKinds[trial.value.scale].label.toLowerCase()}`
    : '',
)
function done(id: string): void {
  chosen.value = id
  isPlanning.value = false
}
</script>

<template>
  <div class="trials">
    <ProblemNote :problem="query.error.value" />
    <header v-if="trial && !isPlanning">
      <ChoiceField v-if="options.length > 1" v-model="shown" label="Trial" :options="options" />
      <h2 v-else>{{ trial.name }}</h2>
      <p class="faint-note">{{ about }}</p>
      <MendButton :id="trial.id" kind="trial" :about="`Trial ${trial.name}`" />
      <Button @click="isPlanning = true">Plan another</Button>
    </header>
    <template v-if="isPlanning || (query.data.value && !trial)">
      <div class="intro stack gap-6 hug">
        <h2>Plan a trial</h2>
        <p>
          One strip that greens proves little: another spot, another week, more nitrogen. Lay out
          each treatment several times, one of them untreated, and rate them without knowing which
          is which.
        </p>
        <Button v-if="trial" @click="isPlanning = false">Back to the trials</Button>
      </div>
      <TrialForm :ask="ask" :beside="beside" @done="done" />
    </template>
    <div v-else-if="trial" class="two stack gap-32 items-start">
      <div class="left">
        <TrialMap
          :plots="plots"
          :factors="trial.design.factors"
          :size="{ length: trial.plotLengthM, width: trial.plotWidthM }"
          :colours="colours"
          :current="current"
          :is-blind="isBlind"
          @pick="current = $event"
        />
        <RatingWalk
          :key="trial.id"
          v-model:current="current"
          v-model:blind="isBlind"
          :trial="trial"
          :plots="plots"
        />
      </div>
      <TrialResult :key="trial.id" :trial="trial" :plots="plots" />
    </div>
  </div>
</template>

<style scoped>
.trials,
.left {
  display: grid;
  gap: 16px;
  align-content: start;
}
header {
  display: flex;
  flex-wrap: wrap;
  gap: 6px 20px;
  align-items: center;
}
header p {
  margin-right: auto;
}
.intro {
  max-width: 68ch;
}
.two {
  grid-template-columns: minmax(0, 1fr) minmax(0, 1fr);
}
.two > * {
  min-width: 0;
}
@media (width < 860px) {
  .two {
    grid-template-columns: minmax(0, 1fr);
  }
  /* Out on the plots the number to rate comes first. */
  .left > :last-child {
    order: -1;
  }
}
</style>
