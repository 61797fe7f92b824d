<script setup lang="ts">
import { CreateRemedyDto } from '@spudder/contract/remedy'
import { toShelfProduct } from '@spudder/contract/shelf'
import { toStandSize, type StandDto } from '@spudder/contract/stand'
import { aims, nutrientFor, type AimId } from '@spudder/core/choice'
import { endingOf, type Cause } from '@spudder/core/diagnosis'
import { contexts, routeWords } from '@spudder/core/plant'
import { responseFor } from '@spudder/core/regreening'
import { shelfCandidate } from '@spudder/core/shelf'
import { Button } from 'ant-design-vue'
import { computed, ref } from 'vue'
import { useRouter } from 'vue-router'
import { useShelf } from '../../api/shelf.ts'
import { useChooseRemedy } from '../../api/stands.ts'
import CautionList from '../../shared/case/CautionList.vue'
import { pHAt } from '../../shared/case/pH-now.ts'
import { presentIronOf } from './present-iron.ts'
import { useStandCase } from '../../shared/case/stand-case.ts'
import ChipChoice from '../../shared/form/ChipChoice.vue'
import ChoiceField from '../../shared/form/ChoiceField.vue'
import ProblemNote from '../../shared/form/ProblemNote.vue'
import { useChecked } from '../../shared/form/use-checked.ts'
import { percent } from '../../shared/words/percent.ts'
import { dayWords, today } from '../../shared/units/today.ts'
import ApplyDay from './ApplyDay.vue'
import ChoiceCharts from './ChoiceCharts.vue'
import LastingFixes from './LastingFixes.vue'
import OfferList from './OfferList.vue'
import { neverOffered } from './offers.ts'
import { isOver } from './label-maximum.ts'
import RateFields from './RateFields.vue'
import RemedyAmount from './RemedyAmount.vue'
import { useRemedyDraft } from './use-remedy-draft.ts'

const props = defineProps<{ stand: StandDto }>()
const { standId, story, system, openCase, verdict, remedies } = useStandCase()
const size = toStandSize(props.stand.size)
const router = useRouter()

const causeId = ref<string>()
/** Of a leading pair the cause that iron helps, where one is: that is what is chosen for here. */
const leadingCause = computed(() => {
  const causes = verdict.value?.ranked[0]?.causes ?? []
  return causes.find(({ remedy }) => remedy === 'iron') ?? causes[0]
})
const involved = computed(() => verdict.value?.involved ?? [])
const cause = computed<Cause | undefined>(
  () => involved.value.find((each) => each.cause.id === causeId.value)?.cause ?? leadingCause.value,
)
const causeOptions = computed(() =>
  involved.value.slice(0, 6).map((each) => ({
    value: each.cause.id,
    words: `${each.cause.name}, ${percent(each.probability)}`,
  })),
)
const ending = computed(() => cause.value && endingOf(cause.value))
const nutrient = computed(() => (cause.value ? nutrientFor(cause.value.treatment) : 'Fe'))
/** Not iron, and no source of another nutrient would help either. */
const isNothingToBuy = computed(() => cause.value?.remedy === 'not-iron' && nutrient.value === 'Fe')

const pH = computed(() => story.value && pHAt(story.value, today()))
const presentIron = computed(() => presentIronOf(story.value))
const presentIronMgPerL = computed(() => presentIron.value?.mgPerL)
const shelf = useShelf(() => props.stand.placeId)
const shelfCandidates = computed(() =>
  (shelf.data.value ?? [])
    .filter(({ isRetired }) => !isRetired)
    .map((product) => shelfCandidate(product.id, toShelfProduct(product))),
)
const {
  draft,
  forget,
  failed,
  route,
  aimId,
  aimOptions,
  ground,
  offers,
  changers,
  chosen,
  rate,
  takeRate,
  takeOffer,
  rateValue,
  carrierValue,
  tankL,
  contentShare,
  contentProblem,
  amount,
  fills,
  warnings,
} = useRemedyDraft({
  standId: standId.value,
  context: props.stand.context,
  firstRoute: remedies.value.at(-1)?.route ?? contexts[props.stand.context].routes[0],
  size,
  nutrient,
  shelf: shelfCandidates,
  pH,
  presentIronMgPerL,
  system,
})

const routeOptions = contexts[props.stand.context].routes.map((value) => ({
  value,
  words: routeWords[value],
}))
const aimChoices = computed(() =>
  aimOptions.value.map((value) => ({ value, words: aims[value].label })),
)
const lightOptions = [
  { value: 'covered', words: 'covered' },
  { value: 'clear', words: 'light gets in' },
] as const
const response = computed(
  () => chosen.value && responseFor(route.value, chosen.value.sourceId, props.stand.context),
)

const labelMaximum = computed(
  () => shelf.data.value?.find(({ id }) => id === chosen.value?.id)?.labelMaximum ?? undefined,
)
const isOverLabel = computed(
  () => rate.value !== undefined && isOver(labelMaximum.value, rateValue.value, rate.value.unit),
)

const choose = useChooseRemedy()
const { checked, messageFor } = useChecked(CreateRemedyDto, () => choose.error.value)

async function save(): Promise<void> {
  if (!openCase.value || !rate.value || !chosen.value || !cause.value) return
  const isTankUnread = draft.value.tank !== '' && tankL.value === undefined
  if (isTankUnread || fills.value.problem) return
  const { id, applyOn, lasting, retestOn } = draft.value
  const dto = checked({
    id,
    causeId: cause.value.id,
    route: route.value,
    sourceId: chosen.value.sourceId,
    rateId: rate.value.id,
    rateValue: rateValue.value,
    ...(chosen.value.origin === 'shelf' ? { productId: chosen.value.id } : {}),
    ...(nutrient.value === 'Fe' ? { aim: aimId.value } : {}),
    ...(rate.value.carrier ? { carrierValue: carrierValue.value } : {}),
    ...(tankL.value === undefined || !rate.value.carrier ? {} : { tankL: tankL.value }),
    contentShare: contentShare.value,
    ...(rate.value.basis === 'iron-in-solution' && presentIronMgPerL.value !== undefined
      ? { presentIronMgPerL: presentIronMgPerL.value }
      : {}),
    applyOn,
    lasting,
    ...(retestOn === '' ? {} : { retestOn }),
  })
  if (!dto) return
  const stored = await choose.mutateAsync({ id: openCase.value.id, dto }).catch(failed)
  if (!stored) return
  forget()
  await router.push({ name: 'jobs' })
}
</script>

<template>
  <form class="remedy" @submit.prevent="save">
    <section class="choose">
      <div class="questions">
        <ChoiceField
          label="Against"
          :model-value="cause?.id ?? ''"
          :options="causeOptions"
          @update:model-value="causeId = $event"
        />
        <ChipChoice v-model="draft.route" label="Way in" :options="routeOptions" />
        <ChipChoice
          v-if="nutrient === 'Fe'"
          :model-value="aimId"
          label="For"
          :options="aimChoices"
          @update:model-value="draft.aim = $event as AimId"
        />
        <ChipChoice
          v-if="route === 'solution'"
          v-model="draft.light"
          label="Tank and channels"
          :options="lightOptions"
        />
      </div>
      <div v-if="isNothingToBuy" class="stop nothing">
        <p><b>Not iron: do not buy iron for this.</b> {{ ending?.first }}</p>
        <p v-if="ending?.doNotBuy">Do not buy: {{ ending.doNotBuy }}</p>
        <p>The list below is for those who know better.</p>
      </div>
      <p v-else-if="nutrient !== 'Fe'" class="stop">
        <b>Not iron: do not buy iron for this.</b> {{ ending?.first }} Below stand sources of
        {{ chosen?.nutrientWord }}.
      </p>
      <p v-else-if="ending" class="faint-note">{{ ending.first }}</p>
      <OfferList
        :offers="offers"
        :chosen-id="chosen?.id"
        :size="size"
        :system="system"
        @choose="takeOffer"
      />
      <p v-if="shelf.error.value" class="stop">
        Your shelf could not be read; generic forms alone are ranked.
      </p>
      <div v-if="changers.length > 0" class="changers">
        <h3>What would change the order</h3>
        <ul>
          <li v-for="each in changers" :key="each.id">{{ each.words }}</li>
        </ul>
      </div>
      <p v-if="nutrient === 'Fe'" class="faint-note">
        Never a source in a season, whatever the percentage:
        {{
          neverOffered()
            .map(({ name }) => name.toLowerCase())
            .join('; ')
        }}. <RouterLink :to="{ name: 'shelf' }">Your shelf</RouterLink> ·
        <RouterLink :to="{ name: 'reference' }">where the figures come from</RouterLink>
      </p>
    </section>

    <section class="right">
      <ChoiceCharts
        v-if="nutrient === 'Fe' && chosen"
        v-model="draft.soilWater"
        :route="route"
        :ground="ground"
        :p-h="pH"
        :offer="chosen"
        :aim-id="aimId"
      />
      <div class="two">
        <div class="figures">
          <RateFields
            v-if="rate && chosen"
            v-model="draft"
            :offer="chosen"
            :rate="rate"
            :route="route"
            :system="system"
            :label-maximum="labelMaximum"
            :present-iron="presentIron"
            :messages="{
              rate: amount.problem ?? messageFor('rateValue'),
              carrier: messageFor('carrierValue'),
              content: contentProblem ?? messageFor('contentShare'),
              tank: fills.problem ?? messageFor('tankL'),
            }"
            @take-rate="takeRate"
            @rate="rateValue = $event"
            @carrier="carrierValue = $event"
            @tank="tankL = $event"
          />
          <p v-else>
            No rate is known as good practice for this source by this way. Choose another.
          </p>
          <LastingFixes
            v-if="cause"
            v-model:words="draft.lasting"
            v-model:retest-on="draft.retestOn"
            :cause-id="cause.id"
            :context="stand.context"
            :messages="{ lasting: messageFor('lasting'), retestOn: messageFor('retestOn') }"
          />
        </div>

        <div v-if="rate && chosen" class="result">
          <RemedyAmount
            :amount="amount.value"
            :usual="amount.usual"
            :plan="fills.plan"
            :is-above-table="amount.isAboveTable ?? false"
            :warnings="warnings"
            :nutrient-word="chosen.nutrientWord"
          />
          <CautionList :context="stand.context" :route="route" :source-id="chosen.sourceId" />
          <p v-if="response" class="faint-note">
            First change {{ response.firstChange.low }}-{{ response.firstChange.high }} days after,
            full colour {{ response.full.low }}-{{ response.full.high }}, fading from
            {{ response.fades.low }} ({{ response.source }}).
          </p>
          <ApplyDay
            v-model="draft.applyOn"
            :place-id="stand.placeId"
            :route="route"
            :message="messageFor('applyOn')"
          />
          <ProblemNote :problem="choose.error.value" />
          <Button
            type="primary"
            size="large"
            html-type="submit"
            :disabled="!amount.value || isOverLabel"
            :loading="choose.isLoading.value"
          >
            Put it on {{ draft.applyOn ? dayWords(draft.applyOn) : 'a day' }}
          </Button>
        </div>
      </div>
    </section>
  </form>
</template>

<style scoped>
.remedy {
  display: grid;
  grid-template-columns: minmax(360px, 1fr) minmax(0, 1.55fr);
  gap: 30px;
  align-items: start;
}
section,
.figures,
.result,
.questions,
.nothing {
  display: grid;
  gap: 11px;
  align-content: start;
}
.two {
  display: grid;
  grid-template-columns: minmax(0, 0.85fr) minmax(0, 1fr);
  gap: 26px;
}
.changers {
  font-size: 0.87rem;
  color: var(--slate);
}
.changers ul {
  padding-left: 17px;
}
h3 {
  font-size: 0.9rem;
  color: var(--ink);
}
@media (width < 1080px) {
  .remedy {
    grid-template-columns: minmax(0, 1fr);
  }
}
@media (width < 700px) {
  .two {
    grid-template-columns: minmax(0, 1fr);
  }
}
</style>
