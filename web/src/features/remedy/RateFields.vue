<script setup lang="ts">
import { said } from '../../shared/units/said.ts'
import { typedNumber } from '@spudder/core/base/writing'
import { routeWords, type Route } from '@spudder/core/stand/plant'
import { dimensionOf, parseUnit, rateText, type UnitSystem } from '@spudder/core/base/quantity'
import { labelRateText, rateBases, type LabelFigure, type Rate } from '@spudder/core/material/rate'
import { Button } from 'ant-design-vue'
import { computed } from 'vue'
import ChoiceField from '../../ui/ChoiceField.vue'
import QuantityField from '../../ui/QuantityField.vue'
import TextField from '../../ui/TextField.vue'
import { dayWords } from '../../shared/units/today.ts'
import type { Offer } from './offers.ts'
import type { PresentIron } from './present-iron.ts'

/** The figures of the quick fix: rate, water, content, as typed. */
const props = defineProps<{
  offer: Offer
  rate: Rate
  route: Route
  system: UnitSystem
  labelRate: LabelFigure | undefined
  labelMaximum: LabelFigure | undefined
  presentIron: PresentIron | undefined
  messages: Readonly<Record<'rate' | 'carrier' | 'content' | 'days', string | undefined>>
}>()
/** The texts of the draft that are typed here; whoever holds it keeps the rest. */
const draft = defineModel<{
  rate: string
  carrier: string
  contentPercent: string
  doseDays: string
}>({ required: true })
const emit = defineEmits<{
  takeRate: [id: string]
  takeLabelRate: []
  carrier: [value: number | undefined]
}>()

const options = computed(() =>
  props.offer.rates.map(({ id, label }) => ({ value: id, words: said(label) })),
)
const carrierDimension = computed(() => {
  const { carrier } = props.rate
  return carrier ? dimensionOf(parseUnit(carrier.unit)) : 'volume/area'
})
const figure = ({ value, unit }: LabelFigure) => `${typedNumber(value)} ${unit}`
const isOffLabel = computed(
  () => props.labelRate !== undefined && draft.value.rate !== labelRateText(props.labelRate),
)
const usual = computed(() => {
  const { rate, unit, source, timesASeason, intervalDays } = props.rate
  const often = intervalDays
    ? `, every ${intervalDays.low}-${intervalDays.high} days`
    : ', once a season'
  const most = timesASeason ? `, at most ${timesASeason} times a season` : ''
  return `usual ${rateText([rate.low, rate.high], unit, props.system)}${often}${most} (${source}); the label comes first. Any unit that your label uses.`
})
</script>

<template>
  <h2>{{ offer.name }}, {{ routeWords[route] }}</h2>
  <p v-if="options.length === 1" class="faint-note">{{ said(rate.label) }}</p>
  <ChoiceField
    v-if="options.length > 1"
    :model-value="rate.id"
    label="Rate of the table"
    :options="options"
    @update:model-value="emit('takeRate', $event)"
  />
  <TextField
    v-model="draft.rate"
    :label="rateBases[rate.basis].label"
    :hint="usual"
    :message="messages.rate"
  />
  <p v-if="labelRate || labelMaximum" class="faint-note">
    The label of this product
    <template v-if="labelRate"
      >says to use <q>{{ figure(labelRate) }}</q></template
    >
    {{ labelRate && labelMaximum ? 'and' : '' }}
    <template v-if="labelMaximum"
      >allows at most <q>{{ figure(labelMaximum) }}</q></template
    >.
    <Button v-if="isOffLabel" size="small" @click="emit('takeLabelRate')"
      >Take the label’s rate</Button
    >
  </p>
  <QuantityField
    v-if="rate.carrier"
    v-model="draft.carrier"
    :label="carrierDimension === 'share' ? 'drench, share of pot volume' : 'water'"
    :dimension="carrierDimension"
    :unit="rate.carrier.unit"
    :hint="`usual ${rateText([rate.carrier.low, rate.carrier.high], rate.carrier.unit, system)}`"
    :message="messages.carrier"
    @value="emit('carrier', $event)"
  />
  <TextField
    v-model="draft.contentPercent"
    :label="`${offer.nutrientWord} in the product, %`"
    inputmode="decimal"
    hint="from the label"
    :message="messages.content"
  />
  <template v-if="rateBases[rate.basis].countsPresent">
    <TextField
      v-model="draft.doseDays"
      label="Shared over days"
      inputmode="decimal"
      :hint="`usual ${rate.stepDays ?? 1}; more where fish bear only so much a day`"
      :message="messages.days"
    />
    <p v-if="presentIron" class="faint-note">
      {{ presentIron.mgPerL }} mg/L iron counts as there already, measured
      {{ dayWords(presentIron.takenOn) }}.
    </p>
    <p v-if="presentIron?.doubt" class="stop">{{ presentIron.doubt }} Measure again first.</p>
  </template>
</template>
