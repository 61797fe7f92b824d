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
import { seasonOf, seasonSums } from '@spudder/core/season'
import { addDays } from '@spudder/core/calendar'
import { computed, ref } from 'vue'
import { useRouter } from 'vue-router'
import { useChangeSettings } from '../../api/bench.ts'
import { useWeather } from '../../api/places.ts'
import { useChangeProduct, useShelf } from '../../api/shelf.ts'
import { useJarTests, useSprayers } from '../../api/sprayers.ts'
import { useChooseRemedy } from '../../api/stands.ts'
import CautionList from '../../shared/case/CautionList.vue'
import { pHAt } from '../../shared/case/pH-now.ts'
import { presentIronOf } from './present-iron.ts'
import { useStandCase } from '../../shared/case/stand-case.ts'
import ChipChoice from '../../shared/form/ChipChoice.vue'
import ChoiceField from '../../shared/form/ChoiceField.vue'
import ProblemNote from '../../shared/form/ProblemNote.vue'
import { useChecked } from '../../shared/form/use-checked.ts'
import { applicationsOf, contentsOf } from '../../shared/season/applications.ts'
import SeasonSums from '../../shared/season/SeasonSums.vue'
import { numberIn } from '../../shared/form/number-text.ts'
import { percent } from '../../shared/words/percent.ts'
import { dayWords, today } from '../../shared/units/today.ts'
import ApplyDay from './ApplyDay.vue'
import ChoiceCharts from './ChoiceCharts.vue'
import LastingFixes from './LastingFixes.vue'
import OfferList from './OfferList.vue'
import { neverOffered } from './offers.ts'
import { loopStateOf } from './loop-state.ts'
import RateFields from './RateFields.vue'
import RemedyAmount from './RemedyAmount.vue'
import SameRates from './SameRates.vue'
import StockMaker from './StockMaker.vue'
import TankFields from './TankFields.vue'
import { useRemedyDraft } from './use-remedy-draft.ts'

const props = defineProps<{ stand: StandDto }>()
const { standId, story, system, openCase, verdict, remedies, place } = useStandCase()
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
const products = computed(() => shelf.data.value ?? [])
const sprayers = useSprayers(() => props.stand.placeId)
const sprayersInUse = computed(() =>
  (sprayers.data.value ?? []).filter(({ isRetired }) => !isRetired),
)
const jarTests = useJarTests(() => props.stand.placeId)
const jarsMade = computed(() => jarTests.data.value ?? [])
const forecast = useWeather(
  () => props.stand.placeId,
  () => today(),
  () => addDays(today(), 10),
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
  spoon,
  spoonProblem,
  isWeighed,
  densityKgPerL,
  amount,
  fills,
  conditioning,
  acid,
  dose,
  problems,
  isStopped,
  same,
  hold,
} = useRemedyDraft({
  standId: standId.value,
  context: props.stand.context,
  firstRoute: remedies.value.at(-1)?.route ?? contexts[props.stand.context].routes[0],
  size,
  nutrient,
  shelf: shelfCandidates,
  pH,
  presentIronMgPerL,
  measures: computed(() => props.stand.measures ?? {}),
  products,
  sprayers: sprayersInUse,
  jarTests: jarsMade,
  loop: computed(() => loopStateOf(story.value)),
  maxCOn: computed(
    () => (day: string) => forecast.data.value?.days.find((each) => each.day === day)?.maxC,
  ),
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
  () => products.value.find(({ id }) => id === chosen.value?.id)?.labelMaximum ?? undefined,
)

/** Sums of the season with what is being put together on top. */
const sums = computed(() => {
  const total = amount.value.value
  if (!story.value || !total || !chosen.value) return []
  const remedy = {
    productId: chosen.value.origin === 'shelf' ? chosen.value.id : null,
    sourceId: chosen.value.sourceId,
    contentShare: contentShare.value,
  }
  return seasonSums({
    context: props.stand.context,
    on: draft.value.applyOn || today(),
    groundM2: size.kind === 'area' ? size.areaM2 : props.stand.measures?.groundM2,
    ownLimits: place.value?.settings.seasonLimits,
    applications: [
      ...applicationsOf(story.value, products.value),
      {
        day: draft.value.applyOn || today(),
        productKg: total.productKg,
        contents: contentsOf(remedy, products.value),
        isPlanned: true,
      },
    ],
  })
})

const choose = useChooseRemedy()
const { checked, messageFor } = useChecked(CreateRemedyDto, () => choose.error.value)

const changeSettings = useChangeSettings()
const changeProduct = useChangeProduct()
/** What was measured once is kept where it belongs: the water with the place, the spoon with the product. */
async function keepWhatWasMeasured(): Promise<void> {
  const water = conditioning.value
  const keeping: Promise<unknown>[] = []
  if (water) {
    const { alkalinityMgPerLCaCO3, pH: waterPH } = water
    const sprayWater = { alkalinityMgPerLCaCO3, pH: waterPH }
    keeping.push(changeSettings.mutateAsync({ id: props.stand.placeId, dto: { sprayWater } }))
  }
  const product = products.value.find(({ id }) => id === chosen.value?.id)
  if (product && isWeighed.value && densityKgPerL.value !== undefined) {
    const dto = { densityKgPerL: densityKgPerL.value }
    keeping.push(changeProduct.mutateAsync({ id: product.id, dto }))
  }
  // The remedy is stored already; that something could not be kept besides must not undo it.
  await Promise.allSettled(keeping)
}

async function save(): Promise<void> {
  if (!openCase.value || !rate.value || !chosen.value || !cause.value) return
  const isTankUnread = draft.value.tank !== '' && tankL.value === undefined
  if (isTankUnread || fills.value.problem || isStopped.value || acid.value.problem) return
  const { id, applyOn, lasting, retestOn, sprayerId, partners, waterInAfterH } = draft.value
  const inTank = partners.filter(({ name }) => name.trim() !== '')
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
    ...(densityKgPerL.value === undefined ? {} : { densityKgPerL: densityKgPerL.value }),
    ...(rate.value.carrier && sprayerId !== '' ? { sprayerId } : {}),
    ...(rate.value.carrier && inTank.length > 0 ? { partners: inTank } : {}),
    ...(waterInAfterH === '' || inTank.length === 0
      ? {}
      : { waterInAfterH: numberIn(waterInAfterH) }),
    ...(rate.value.carrier && conditioning.value ? { conditioning: conditioning.value } : {}),
    ...(dose.value && draft.value.doseDays !== ''
      ? { doseDays: numberIn(draft.value.doseDays) }
      : {}),
    applyOn,
    lasting,
    ...(retestOn === '' ? {} : { retestOn }),
  })
  if (!dto) return
  const stored = await choose.mutateAsync({ id: openCase.value.id, dto }).catch(failed)
  if (!stored) return
  await keepWhatWasMeasured()
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
              days: messageFor('doseDays'),
            }"
            @take-rate="takeRate"
            @carrier="carrierValue = $event"
          />
          <p v-else>
            No rate is known as good practice for this source by this way. Choose another.
          </p>
          <details v-if="rate?.carrier && chosen && place" class="tank" :open="draft.tank !== ''">
            <summary>Sprayer, tank, water, partners</summary>
            <TankFields
              v-model="draft"
              :place-id="stand.placeId"
              :rate="rate"
              :route="route"
              :source-id="chosen.sourceId"
              :system="system"
              :sprayers="sprayersInUse"
              :jar-tests="jarsMade"
              :settings="place.settings"
              :acid="acid"
              :messages="{
                tank: fills.problem ?? messageFor('tankL'),
                sprayer: messageFor('sprayerId'),
                water: messageFor('conditioning.pH') ?? messageFor('conditioning.targetPH'),
              }"
              @tank="tankL = $event"
            />
          </details>
          <details v-if="route === 'solution' && chosen" class="tank">
            <summary>By stock and injector</summary>
            <StockMaker
              :stand-id="stand.id"
              :source-id="chosen.sourceId"
              :content-share="contentShare"
              :wanted-mg-per-l="rateValue"
              :system="system"
            />
          </details>
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
            :dose="dose"
            :hold="hold"
            :problems="problems"
            :nutrient-word="chosen.nutrientWord"
          >
            <SameRates
              v-if="same && amount.value"
              v-model="spoon"
              :same="same"
              :product-kg="amount.value.productKg"
              :density-kg-per-l="densityKgPerL"
              :is-weighed="isWeighed"
              :system="system"
              :problem="spoonProblem"
            />
          </RemedyAmount>
          <SeasonSums :sums="sums" :year="seasonOf(draft.applyOn || today())" :system="system" />
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
            :disabled="!amount.value || isStopped"
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
.tank {
  border-top: 1px solid var(--line);
  padding-top: 8px;
}
.tank summary {
  cursor: pointer;
  font-weight: 600;
  margin-bottom: 8px;
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
