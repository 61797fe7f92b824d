<script setup lang="ts">
import { formatNumber, typedNumber } from '@spudder/core/base/writing'
import type { SprayerDto } from '@spudder/contract/sprayer'
import { toSetup } from '@spudder/contract/sprayer'
import type { PlaceSettingsDto } from '@spudder/contract/place'
import type { Route } from '@spudder/core/stand/plant'
import {
  amountWords,
  formatQuantity,
  quantityOf,
  rateText,
  valueIn,
  type UnitSystem,
} from '@spudder/core/base/quantity'
import type { Rate } from '@spudder/core/material/rate'
import { waterRateWords } from '@spudder/core/days/sheet'
import type { SourceId } from '@spudder/core/material/source'
import { deliveryOf } from '@spudder/core/apply/sprayer'
import { acids, type AcidDose } from '@spudder/core/soil/water'
import type { JarTest } from '@spudder/core/apply/work'
import { computed, watch } from 'vue'
import ChipChoice from '../../ui/ChipChoice.vue'
import ChoiceField from '../../ui/ChoiceField.vue'
import QuantityField from '../../ui/QuantityField.vue'
import TextField from '../../ui/TextField.vue'
import HowGot from '../../shared/how/HowGot.vue'
import PartnerFields from './PartnerFields.vue'
import type { TankDraft } from './tank-draft.ts'

/** Sprayer, tank, water and partners of the quick fix. */
const props = defineProps<{
  placeId: string
  rate: Rate
  route: Route
  sourceId: SourceId
  /** What it is called on the shelf or in the catalogue. */
  sourceName: string
  system: UnitSystem
  sprayers: readonly SprayerDto[]
  jarTests: readonly JarTest[]
  settings: PlaceSettingsDto
  acid: { readonly value?: AcidDose; readonly problem?: string }
  messages: Readonly<Record<'tank' | 'sprayer' | 'water', string | undefined>>
}>()
const draft = defineModel<TankDraft & { carrier: string }>({ required: true })
const emit = defineEmits<{ tank: [value: number | undefined] }>()

const sprayerOptions = computed(() => [
  { value: '', words: props.sprayers.length > 0 ? 'none of them' : 'none added yet' },
  ...props.sprayers.map(({ id, name }) => ({ value: id, words: name })),
])
const sprayer = computed(() => props.sprayers.find(({ id }) => id === draft.value.sprayerId))
const delivery = computed(
  () =>
    sprayer.value &&
    deliveryOf(toSetup(sprayer.value.setup), sprayer.value.calibration ?? undefined),
)
const isByGround = computed(() => /acre|ft2|ha|m2/.test(props.rate.carrier?.unit ?? ''))

/** Taking a sprayer takes its tank, and over ground the water that it really puts out. */
function takeSprayer(id: string): void {
  draft.value.sprayerId = id
  if (!sprayer.value) return
  const unit = props.system === 'us' ? 'gal' : 'L'
  const held = valueIn(quantityOf(sprayer.value.setup.tankL, 'L'), unit)
  draft.value.tank = formatQuantity(quantityOf(Number(held.toPrecision(6)), unit), 4)
  const { carrier } = props.rate
  if (delivery.value && carrier && isByGround.value) {
    const value = valueIn(quantityOf(delivery.value.rateLPerM2, 'L/m2'), carrier.unit)
    draft.value.carrier = rateText([value], carrier.unit, props.system)
  }
}
/** Schools of practice; to feed the soil at once is another way in. */
const afterOptions = [
  { value: 'leave', words: 'leave it on the leaf' },
  { value: 'hour', words: 'an hour, then water' },
] as const
const afterSpraying = computed(() => (draft.value.waterInAfterH === '' ? 'leave' : 'hour'))
function takeAfter(choice: 'leave' | 'hour' | undefined): void {
  draft.value.waterInAfterH = choice === 'hour' ? '1' : ''
}
const acidOptions = [
  { value: '', words: 'as it comes from the tap' },
  ...acids.map(({ id, name }) => ({ value: id, words: `brought down with ${name}` })),
]
// The water of the place was asked once and is kept there.
watch(
  () => draft.value.acidId,
  (acidId) => {
    const { sprayWater } = props.settings
    if (acidId === '' || !sprayWater || draft.value.alkalinity !== '') return
    draft.value.alkalinity = typedNumber(sprayWater.alkalinityMgPerLCaCO3)
    draft.value.waterPH = typedNumber(sprayWater.pH)
  },
)
const acidWords = computed(() => {
  const dose = props.acid.value
  if (!dose) return ''
  const amount =
    dose.kg === undefined
      ? amountWords('volume', dose.litres ?? 0, props.system)
      : amountWords('mass', dose.kg, props.system)
  return `${amount} ${dose.acid.name}`
})
const brings = computed(() =>
  Object.entries(props.acid.value?.bringsMgPerL ?? {})
    .map(([name, value]) => `${formatNumber(value, 2)} mg/L ${name}`)
    .join(', '),
)
</script>

<template>
  <div class="tank">
    <div class="fields stack gap-10 items-start">
      <ChoiceField
        :model-value="draft.sprayerId"
        label="Sprayer"
        :options="sprayerOptions"
        :message="messages.sprayer"
        @update:model-value="takeSprayer"
      />
      <QuantityField
        v-model="draft.tank"
        label="tank, backpack or bucket"
        dimension="volume"
        unit="L"
        :hint="
          system === 'us'
            ? 'for example 4 gal; empty: no fills'
            : 'for example 15 L; empty: no fills'
        "
        :message="messages.tank"
        @value="emit('tank', $event)"
      />
    </div>
    <p v-if="sprayer && delivery" class="faint-note">
      It puts out {{ waterRateWords(delivery.rateLPerM2, system)
      }}{{ delivery.from === 'measured' ? '' : ' as calculated, not measured' }}.
    </p>
    <p v-else-if="sprayer && isByGround" class="stop">
      Nobody measured what it puts out.
      <RouterLink :to="{ name: 'sprayers' }">Calibrate it</RouterLink>
    </p>
    <ChoiceField
      v-model="draft.acidId"
      label="Water"
      :options="acidOptions"
      :message="messages.water"
    />
    <div v-if="draft.acidId" class="fields stack gap-10 items-start three">
      <TextField
        v-model="draft.alkalinity"
        label="Alkalinity, mg/L CaCO3"
        inputmode="decimal"
        hint="from a water test"
      />
      <TextField v-model="draft.waterPH" label="pH of the water" inputmode="decimal" />
      <TextField
        v-model="draft.targetPH"
        label="pH wanted"
        inputmode="decimal"
        hint="5-6 for iron"
      />
    </div>
    <p v-if="acid.problem" class="stop">{{ acid.problem }}</p>
    <div v-if="acid.value" class="acid">
      <p>
        <b>{{ acidWords }}</b> into the water of a fill, before anything else<template v-if="brings"
          >; it brings {{ brings }}</template
        >.
      </p>
      <p class="stop">{{ acid.value.acid.caution }}</p>
      <HowGot :derivation="acid.value.derivation" />
    </div>
    <ChipChoice
      v-if="route === 'leaf'"
      :model-value="afterSpraying"
      label="After spraying"
      :options="afterOptions"
      @update:model-value="takeAfter"
    />
    <PartnerFields
      v-model:partners="draft.partners"
      v-model:water-in-after-h="draft.waterInAfterH"
      :place-id="placeId"
      :source-id="sourceId"
      :source-name="sourceName"
      :route="route"
      :jar-tests="jarTests"
    />
  </div>
</template>

<style scoped>
.tank,
.acid {
  display: grid;
  gap: 9px;
}
.fields {
  grid-template-columns: repeat(2, minmax(0, 1fr));
}
.three {
  grid-template-columns: repeat(3, minmax(0, 1fr));
}
</style>
