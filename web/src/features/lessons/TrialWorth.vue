<script setup lang="ts">
import type { LearningDto } from '@spudder/contract/learning'
import { tenthDeviation, type Derivation } from '@spudder/core/base/reference'
import { formatAtMost } from '@spudder/core/base/writing'
import { appliedName } from '@spudder/core/material/shelf'
import { responseFor } from '@spudder/core/material/source'
import {
  openQuestions,
  sourceChoices,
  type ChoiceSide,
  type LearntResponses,
  type OpenQuestion,
  type SourceChoice,
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
type Treated = Pick<LearningDto['treatments'][number], 'standId' | 'route' | 'sourceId'>
function responseIdOf({ standId, route, sourceId }: Treated): string {
  const stand = contexts.value.get(standId)
  if (!stand) throw new Error(`a treatment of the stand ${standId}, which is not there`)
  return responseFor(route, sourceId, stand.context).id
}
const question = computed(
  () => openQuestions(props.learnt, props.record.treatments, responseIdOf, today())[0],
)
const choice = computed(
  () => sourceChoices(props.learnt, props.record.treatments, responseIdOf, today())[0],
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
const moneyOf = (amount: number) => money(amount, currency.value)
const sideName = ({ learnt, sourceId }: ChoiceSide) =>
  `${appliedName({ sourceId, productName: null })} (${learnt.published.label})`
const choiceDerivation = ({ sides, worth }: SourceChoice): Derivation => ({
  figure: 'What it would save to know which is cheaper',
  formula:
    'as many green days a year by each = treatments × days that one holds × share that does not fail; what the right choice saves on the mean = cheaper × N(d) − dearer × N(d − s), with s the doubt of both together and d = ln(cheaper ÷ dearer) ÷ s + s ÷ 2',
  inputs: sides.flatMap((side) => [
    {
      label: `${sideName(side)}, one treatment`,
      value: `${moneyOf(side.cost)}, holds ${formatAtMost(side.lasting, 0)} days, fails ${per(side.fails)} in 100`,
    },
    {
      label: `${sideName(side)}, a year of as many green days`,
      value: `${moneyOf(side.perYear)}, × or ÷ ${formatAtMost(Math.exp(tenthDeviation * side.doubt), 2)}`,
    },
  ]),
  result: `${moneyOf(worth)} a year`,
  source:
    'from what this place taught and paid; the worth of a right to exchange, Margrabe 1978, from memory; what would change it: prices on the shelf, and looks after treatments',
  mark: 'D',
})
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
    <template v-if="choice">
      <p>
        Or which of two: on {{ contexts.get(choice.standId)?.name }} as many green days cost
        {{
          choice.sides
            .map((side) => `${moneyOf(side.perYear)} a year by ${sideName(side)}`)
            .join(', ')
        }}. To know which is really cheaper would save {{ moneyOf(choice.worth) }} a year on the
        mean.
      </p>
      <div class="lined gap-12 items-center">
        <LinkButton
          :to="{
            name: 'trials',
            params: { standId: choice.standId },
            query: { ask: choice.sides[0].sourceId, beside: choice.sides[1].sourceId },
          }"
          >Lay both out</LinkButton
        >
        <HowGot :derivation="choiceDerivation(choice)" />
      </div>
    </template>
  </section>
</template>

<style scoped>
.worth {
  max-width: 720px;
  padding: 12px 14px;
}
</style>
