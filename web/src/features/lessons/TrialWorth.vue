<script setup lang="ts">
import type { LearningDto } from '@spudder/contract/learning'
import type { Derivation } from '@spudder/core/base/reference'
import { formatAtMost } from '@spudder/core/base/writing'
import { appliedName } from '@spudder/core/material/shelf'
import { responseFor } from '@spudder/core/material/source'
import {
  openQuestions,
  type LearntResponses,
  type OpenQuestion,
} from '@spudder/core/outcome/learnt'
import { computed } from 'vue'
import HowGot from '../../shared/how/HowGot.vue'
import { money } from '../../shared/units/money-words.ts'
import { today } from '../../shared/units/today.ts'
import { useCurrency } from '../../shared/units/use-currency.ts'
import LinkButton from '../../ui/LinkButton.vue'

/** The question of which the answer would be worth most here, and the trial that would settle it. */
const props = defineProps<{ learnt: LearntResponses; record: LearningDto }>()
const currency = useCurrency()
const contexts = computed(() => new Map(props.record.stands.map((each) => [each.id, each])))
const question = computed(
  () =>
    openQuestions(
      props.learnt,
      props.record.treatments,
      ({ standId, route, sourceId }) => {
        const stand = contexts.value.get(standId)
        if (!stand) throw new Error(`a treatment of the stand ${standId}, which is not there`)
        return responseFor(route, sourceId, stand.context).id
      },
      today(),
    )[0],
)
const per = (share: number) => formatAtMost(100 * share, 0)
function asked({ name, low, high, learnt }: OpenQuestion): string {
  return name === 'lasting'
    ? `how long it lasts (${learnt.published.label}): ${formatAtMost(low, 0)} to ${formatAtMost(high, 0)} days`
    : `how often nothing comes of it (${learnt.published.label}): ${per(low)} to ${per(high)} in 100`
}
function stake({ perYear: { cost, treatments }, unsure }: OpenQuestion): string {
  return cost === undefined
    ? `about ${formatAtMost(treatments * unsure, 1)} of ${formatAtMost(treatments, 1)} treatments a year`
    : `about ${money(cost * unsure, currency.value)} of the ${money(cost, currency.value)} a year that is spent on it`
}
const derivation = (of: OpenQuestion): Derivation => ({
  figure: 'The question that costs most',
  formula:
    of.name === 'lasting'
      ? 'spent a year × (1 − shortest ÷ longest that it may last): if it lasts long, so much is put out too early'
      : 'spent a year × how much oftener than usual it may fail: so much may go out for nothing',
  inputs: [
    {
      label: 'treatments a year, in the last three',
      value: formatAtMost(of.perYear.treatments, 1),
    },
    {
      label: 'spent on them a year',
      value: of.perYear.cost === undefined ? 'no price known' : money(of.perYear.cost, currency.value), // prettier-ignore
    },
    { label: 'share that hangs on it', value: `${per(of.unsure)} in 100` },
  ],
  result: stake(of),
  source:
    'from what this place taught, above; what would change it: prices on the shelf, and looks after treatments',
  mark: 'D',
})
</script>

<template>
  <section
    v-if="question"
    class="worth stack gap-6 sheet"
    aria-label="A trial that would be worth it"
  >
    <h2>A trial that would be worth it</h2>
    <p>
      It would pay most to know {{ asked(question) }}. On that hangs {{ stake(question) }}. Plots
      with {{ appliedName({ sourceId: question.sourceId, productName: null }) }} beside untreated
      ones on {{ contexts.get(question.standId)?.name }} would tell.
    </p>
    <div class="lined gap-12 items-center">
      <LinkButton
        :to="{
          name: 'trials',
          params: { standId: question.standId },
          query: { ask: question.sourceId },
        }"
        >Lay it out</LinkButton
      >
      <HowGot :derivation="derivation(question)" />
    </div>
  </section>
</template>

<style scoped>
.worth {
  max-width: 720px;
  padding: 12px 14px;
}
</style>
