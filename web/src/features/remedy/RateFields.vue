<script setup lang="ts">
import { routeWords, type Route } from '@spudder/core/plant'
import { dimensionOf, parseUnit, rateText, type UnitSystem } from '@spudder/core/quantity'
import { rateBases, type Rate } from '@spudder/core/rate'
import type { LabelMaximum } from '@spudder/core/shelf'
import { Button } from 'ant-design-vue'
import { computed, ref } from 'vue'
import ChoiceField from '../../shared/form/ChoiceField.vue'
import QuantityField from '../../shared/form/QuantityField.vue'
import TextField from '../../shared/form/TextField.vue'
import { dayWords } from '../../shared/units/today.ts'
import { isOver } from './label-maximum.ts'
import type { Offer } from './offers.ts'
import type { PresentIron } from './present-iron.ts'

/** The figures of the quick fix: rate, water, content and tank, as typed and as read. */
const props = defineProps<{
  offer: Offer
  rate: Rate
  route: Route
  system: UnitSystem
  labelMaximum: LabelMaximum | undefined
  presentIron: PresentIron | undefined
  messages: Readonly<Record<'rate' | 'carrier' | 'content' | 'tank', string | undefined>>
}>()
/** The texts of the draft that are typed here; whoever holds it keeps the rest. */
const draft = defineModel<{ rate: string; carrier: string; contentPercent: string; tank: string }>({
  required: true,
})
const emit = defineEmits<{
  takeRate: [id: string]
  rate: [value: number | undefined]
  carrier: [value: number | undefined]
  tank: [value: number | undefined]
}>()

const options = computed(() =>
  props.offer.rates.map(({ id, label }) => ({ value: id, words: label })),
)
const carrierDimension = computed(() => {
  const { carrier } = props.rate
  return carrier ? dimensionOf(parseUnit(carrier.unit)) : 'volume/area'
})
const rateValue = ref<number>()
function readRate(value: number | undefined): void {
  rateValue.value = value
  emit('rate', value)
}
const isOverLabel = computed(() => isOver(props.labelMaximum, rateValue.value, props.rate.unit))
</script>

<template>
  <h2>{{ offer.name }}, {{ routeWords[route] }}</h2>
  <p v-if="options.length === 1" class="faint-note">{{ rate.label }}</p>
  <ChoiceField
    v-if="options.length > 1"
    :model-value="rate.id"
    label="Rate of the table"
    :options="options"
    @update:model-value="emit('takeRate', $event)"
  />
  <QuantityField
    v-model="draft.rate"
    :label="rateBases[rate.basis].label"
    :dimension="rateBases[rate.basis].dimension"
    :unit="rate.unit"
    :hint="`usual ${rateText([rate.rate.low, rate.rate.high], rate.unit, system)} (${rate.source}); the label comes first`"
    :message="messages.rate"
    @value="readRate"
  />
  <p v-if="labelMaximum" :class="isOverLabel ? 'stop' : 'faint-note'">
    <template v-if="isOverLabel">Over the label. </template>
    The label of this product allows at most {{ labelMaximum.value }} {{ labelMaximum.unit }}.
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
  <QuantityField
    v-if="rate.carrier && draft.tank !== ''"
    v-model="draft.tank"
    label="tank, backpack or bucket"
    dimension="volume"
    unit="L"
    :message="messages.tank"
    @value="emit('tank', $event)"
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
</template>
