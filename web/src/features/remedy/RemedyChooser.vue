<script setup lang="ts">
import { CreateRemedyDto } from '@spudder/contract/remedy'
import { toStandSize, type StandDto } from '@spudder/contract/stand'
import { endingOf, type Cause } from '@spudder/core/diagnosis'
import { contexts, routeWords } from '@spudder/core/plant'
import { dimensionOf, parseUnit, rateText } from '@spudder/core/quantity'
import { rateBases } from '@spudder/core/rate'
import { responseFor } from '@spudder/core/regreening'
import { Button } from 'ant-design-vue'
import { computed, ref } from 'vue'
import { useRouter } from 'vue-router'
import { useChooseRemedy } from '../../api/stands.ts'
import CautionList from '../../shared/case/CautionList.vue'
import { pHAt } from '../../shared/case/pH-now.ts'
import { presentIronOf } from './present-iron.ts'
import { useStandCase } from '../../shared/case/stand-case.ts'
import ChipChoice from '../../shared/form/ChipChoice.vue'
import ChoiceField from '../../shared/form/ChoiceField.vue'
import ProblemNote from '../../shared/form/ProblemNote.vue'
import QuantityField from '../../shared/form/QuantityField.vue'
import TextField from '../../shared/form/TextField.vue'
import { useChecked } from '../../shared/form/use-checked.ts'
import { percent } from '../../shared/words/percent.ts'
import { dayWords, today } from '../../shared/units/today.ts'
import ApplyDay from './ApplyDay.vue'
import RemedyAmount from './RemedyAmount.vue'
import SourceList from './SourceList.vue'
import { useRemedyDraft } from './use-remedy-draft.ts'

const props = defineProps<{ stand: StandDto }>()
const { standId, story, system, openCase, verdict, remedies } = useStandCase()
const size = toStandSize(props.stand.size)
const router = useRouter()

const pH = computed(() => story.value && pHAt(story.value, today()))
const presentIron = computed(() => presentIronOf(story.value))
const presentIronMgPerL = computed(() => presentIron.value?.mgPerL)
const {
  draft,
  forget,
  failed,
  route,
  ranked,
  chosen,
  rate,
  takeRate,
  takeSource,
  rateValue,
  carrierValue,
  tankL,
  contentShare,
  ironProblem,
  amount,
  fills,
  warnings,
} = useRemedyDraft({
  standId: standId.value,
  context: props.stand.context,
  firstRoute: remedies.value.at(-1)?.route ?? contexts[props.stand.context].routes[0],
  size,
  pH,
  presentIronMgPerL,
  system,
})

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
const advice = computed(() => (cause.value ? endingOf(cause.value).first : ''))
const routeOptions = contexts[props.stand.context].routes.map((value) => ({
  value,
  words: routeWords[value],
}))
const rateOptions = computed(() =>
  (chosen.value?.rates ?? []).map(({ id, label }) => ({ value: id, words: label })),
)
const carrierDimension = computed(() => {
  const { carrier } = rate.value ?? {}
  return carrier ? dimensionOf(parseUnit(carrier.unit)) : 'volume/area'
})
const response = computed(
  () => chosen.value && responseFor(route.value, chosen.value.source.id, props.stand.context),
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
    sourceId: chosen.value.source.id,
    rateId: rate.value.id,
    rateValue: rateValue.value,
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
      <ChoiceField
        :label="'Against'"
        :model-value="cause?.id ?? ''"
        :options="causeOptions"
        @update:model-value="causeId = $event"
      />
      <p v-if="cause?.remedy === 'not-iron'" class="stop">
        <b>Not iron: do not buy iron for this.</b> {{ advice }} The list below is for those who know
        better.
      </p>
      <p v-else-if="cause" class="faint-note">{{ advice }}</p>
      <ChipChoice v-model="draft.route" label="Way in" :options="routeOptions" />
      <p class="faint-note">
        <template v-if="pH">pH {{ pH.pH.toFixed(1) }} ± {{ pH.doubt.toFixed(1) }} now.</template>
        <template v-else
          >No pH known. Measure it before you buy; every source is judged with doubt till
          then.</template
        >
        Bars show how much of the iron stays of use, 0 to 100 %.
      </p>
      <SourceList :ranked="ranked" :chosen-id="chosen?.source.id" @choose="takeSource" />
    </section>

    <section v-if="rate && chosen" class="figures">
      <h2>{{ chosen.source.name }}, {{ routeWords[route] }}</h2>
      <p v-if="rateOptions.length === 1" class="faint-note">{{ rate.label }}</p>
      <ChoiceField
        v-if="rateOptions.length > 1"
        :model-value="rate.id"
        label="Rate of the table"
        :options="rateOptions"
        @update:model-value="takeRate"
      />
      <QuantityField
        v-model="draft.rate"
        :label="rateBases[rate.basis].label"
        :dimension="rateBases[rate.basis].dimension"
        :unit="rate.unit"
        :hint="`usual ${rateText([rate.rate.low, rate.rate.high], rate.unit, system)} (${rate.source}); the label comes first`"
        :message="amount.problem ?? messageFor('rateValue')"
        @value="rateValue = $event"
      />
      <QuantityField
        v-if="rate.carrier"
        v-model="draft.carrier"
        :label="carrierDimension === 'share' ? 'drench, share of pot volume' : 'water'"
        :dimension="carrierDimension"
        :unit="rate.carrier.unit"
        :hint="`usual ${rateText([rate.carrier.low, rate.carrier.high], rate.carrier.unit, system)}`"
        :message="messageFor('carrierValue')"
        @value="carrierValue = $event"
      />
      <TextField
        v-model="draft.ironPercent"
        label="iron in the product, %"
        inputmode="decimal"
        hint="from the label"
        :message="ironProblem ?? messageFor('contentShare')"
      />
      <QuantityField
        v-if="rate.carrier && draft.tank !== ''"
        v-model="draft.tank"
        label="tank, backpack or bucket"
        dimension="volume"
        unit="L"
        :message="fills.problem ?? messageFor('tankL')"
        @value="tankL = $event"
      />
      <Button v-else-if="rate.carrier" @click="draft.tank = system === 'us' ? '4 gal' : '15 L'">
        Split into fills of a tank
      </Button>
      <template v-if="presentIron && rate.basis === 'iron-in-solution'">
        <p class="faint-note">
          {{ presentIron.mgPerL }} mg/L iron counts as there already, measured
          {{ dayWords(presentIron.takenOn) }}.
        </p>
        <p v-if="presentIron.doubt" class="stop">{{ presentIron.doubt }} Measure again first.</p>
      </template>
    </section>
    <section v-else class="figures">
      <p>No rate is known as good practice for this source by this way. Choose another.</p>
    </section>

    <section v-if="rate && chosen" class="result">
      <RemedyAmount
        :amount="amount.value"
        :usual="amount.usual"
        :plan="fills.plan"
        :is-above-table="amount.isAboveTable ?? false"
        :warnings="warnings"
      />
      <CautionList :context="stand.context" :route="route" :source-id="chosen.source.id" />
      <p v-if="response" class="faint-note">
        First change {{ response.firstChange.low }}-{{ response.firstChange.high }} days after, full
        colour {{ response.full.low }}-{{ response.full.high }}, fading from
        {{ response.fades.low }} ({{ response.source }}).
      </p>
      <ApplyDay
        v-model="draft.applyOn"
        :place-id="stand.placeId"
        :route="route"
        :message="messageFor('applyOn')"
      />
      <TextField
        v-model="draft.lasting"
        label="The lasting fix, in your words"
        hint="drainage, feeding, water, acid where lime allows, another plant"
        :message="messageFor('lasting')"
      />
      <TextField
        v-model="draft.retestOn"
        label="Test pH again on (if wanted)"
        type="date"
        :message="messageFor('retestOn')"
      />
      <ProblemNote :problem="choose.error.value" />
      <Button
        type="primary"
        size="large"
        html-type="submit"
        :disabled="!amount.value"
        :loading="choose.isLoading.value"
      >
        Put it on {{ draft.applyOn ? dayWords(draft.applyOn) : 'a day' }}
      </Button>
    </section>
  </form>
</template>

<style scoped>
.remedy {
  display: grid;
  grid-template-columns: minmax(320px, 1.15fr) minmax(220px, 0.75fr) minmax(300px, 1fr);
  gap: 28px;
  align-items: start;
}
section {
  display: grid;
  gap: 11px;
}
@media (width < 1080px) {
  .remedy {
    grid-template-columns: 1fr 1fr;
  }
}
@media (width < 700px) {
  .remedy {
    grid-template-columns: minmax(0, 1fr);
  }
}
</style>
