<script setup lang="ts">
import { useStandCase } from '../../shared/case/stand-case.ts'
import SettledNote from '../../shared/verdict/SettledNote.vue'
import { expectedOf } from '../../shared/known/known.ts'
import { seasonOf } from '@spudder/core/soil/season'
import { Button, Checkbox } from 'ant-design-vue'
import { computed, watch } from 'vue'
import CautionList from '../../shared/case/CautionList.vue'
import ChoiceField from '../../ui/ChoiceField.vue'
import TextField from '../../ui/TextField.vue'
import ProblemNote from '../../ui/ProblemNote.vue'
import SeasonSums from '../../shared/season/SeasonSums.vue'
import { dayWords, today } from '../../shared/units/today.ts'
import ApplyDay from './ApplyDay.vue'
import RemedyAmount from './RemedyAmount.vue'
import { useRemedyStore } from './remedy-store.ts'
import SameRates from './SameRates.vue'

/** What the quick fix comes to, what stands against it, and the day it goes out. */
const store = useRemedyStore()
const { verdict, known } = useStandCase()
const { stand, size, system, draft, route, chosen, rate, amount, fills, dose, retention, spread } =
  store
const { problems, isStopped, same, spoon, spoonProblem, weighedKgPerL, densityKgPerL } = store
const { strip, sums, keepLimit, choose, messageFor, isUnanswered } = store
/** What wants a reason: whether or not it is answered already. */
const wantsReason = computed(() => problems.value.some(({ reason }) => reason !== undefined))

const response = computed(
  () =>
    chosen.value &&
    expectedOf(known.value, { route: route.value, sourceId: chosen.value.sourceId }, stand),
)
const repeatOptions = [
  { value: '0', words: 'not planned' },
  ...[1, 2, 3, 4, 5, 6].map((count) => ({
    value: String(count),
    words: `${count} more ${count === 1 ? 'time' : 'times'}`,
  })),
]
const interval = computed(() => {
  const days = rate.value?.intervalDays ?? response.value?.fades
  return days && `${days.low}-${days.high} days apart`
})
/** What goes in with the seed goes out on the day of sowing, where one is planned. */
const sownOn = computed(() => (rate.value?.isAtPlanting ? stand.measures?.plantedOn : undefined))
const isSown = computed(() => sownOn.value !== undefined && sownOn.value < today())
watch(sownOn, (day) => {
  if (day !== undefined && day >= today()) draft.value.applyOn = day
})
const year = computed(() => seasonOf(draft.value.applyOn || today()))
</script>

<template>
  <div v-if="rate && chosen" class="stack gap-12 from-top">
    <RemedyAmount
      :amount="amount.value"
      :usual="amount.usual"
      :plan="fills.plan"
      :is-above-table="(amount.isAboveTable ?? false) && !wantsReason && !isStopped"
      :dose="dose"
      :retention="retention"
      :spread="spread"
      :problems="problems"
      :nutrient-word="chosen.nutrientWord"
    >
      <SameRates
        v-if="same && amount.value"
        v-model="spoon"
        :same="same"
        :product-kg="amount.value.productKg"
        :density-kg-per-l="densityKgPerL"
        :is-weighed="weighedKgPerL !== undefined"
        :system="system"
        :problem="spoonProblem"
      />
    </RemedyAmount>
    <TextField
      v-if="wantsReason && !isStopped"
      v-model="draft.why"
      label="Why more than usual"
      hint="a few words; they are kept with the job"
      :message="messageFor('why')"
    />
    <SeasonSums
      :sums="sums"
      :year="year"
      :system="system"
      :size-kind="size.kind"
      @limit="keepLimit"
    />
    <CautionList :context="stand.context" :route="route" :source-id="chosen.sourceId" />
    <p v-if="response" class="faint-note">
      {{ rate.isAtPlanting ? 'Counted from planting: first' : 'First' }} change
      {{ response.firstChange.low }}-{{ response.firstChange.high }} days after, full colour
      {{ response.full.low }}-{{ response.full.high }}, fading from {{ response.fades.low }} ({{
        response.source
      }}).
    </p>
    <p v-if="isSown && sownOn" class="stop">
      It was sown on {{ dayWords(sownOn) }}: what goes into the furrow is for the next planting.
    </p>
    <ApplyDay
      v-model="draft.applyOn"
      :label="rate.isAtPlanting ? 'Day of planting' : 'Apply on'"
      :place-id="stand.placeId"
      :route="route"
      :context="stand.context"
      :system="system"
      :message="messageFor('applyOn')"
    />
    <ChoiceField
      v-model="draft.repeats"
      label="And again"
      :options="repeatOptions"
      :hint="interval"
      :message="messageFor('repeats')"
    />
    <template v-if="strip">
      <Checkbox v-model:checked="draft.hasStrip">
        Leave a strip untreated, to see what it did
      </Checkbox>
      <p v-if="draft.hasStrip" class="faint-note">
        {{ strip.words(system) }} Its share stays out of the fills.
      </p>
    </template>
    <SettledNote v-if="verdict" :verdict="verdict" checks-at="on the verdict" />
    <ProblemNote :problem="choose.error.value" />
    <Button
      type="primary"
      size="large"
      html-type="submit"
      :disabled="!amount.value || isStopped || isUnanswered"
      :loading="choose.isLoading.value"
    >
      Plan for {{ draft.applyOn ? dayWords(draft.applyOn) : 'a day' }}
    </Button>
  </div>
</template>

<style scoped>
.strip {
  display: flex;
  gap: 8px;
  align-items: baseline;
}
</style>
