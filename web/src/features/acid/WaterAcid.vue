<script setup lang="ts">
import { formatDecimals, formatNumber } from '@spudder/core/base/writing'
import { ratioReadings, acidStockFor } from '@spudder/core/apply/mix'
import { amountWords, quantityOf, valueIn } from '@spudder/core/base/quantity'
import { acidDose, acids, type AcidDose } from '@spudder/core/soil/water'
import { molPerKgSulfur } from '@spudder/core/material/source'
import { computed, ref } from 'vue'
import ChipChoice from '../../ui/ChipChoice.vue'
import ChoiceField from '../../ui/ChoiceField.vue'
import { numberIn } from '../../shared/form/number-text.ts'
import QuantityField from '../../ui/QuantityField.vue'
import TextField from '../../ui/TextField.vue'
import HowGot from '../../shared/how/HowGot.vue'
import { useAcidStore } from './acid-store.ts'
import { calculateInWords } from './calculate-in-words.ts'

/** Lime that irrigation brings, and acid that takes it out before it arrives. */
const { draft, water, waterMm, acidAim, load, system } = useAcidStore()
const stockL = ref<number>()
const acidOptions = [
  { value: '', words: 'none: water as it comes' },
  ...acids.map(({ id, name }) => ({ value: id, words: name })),
]
const litresPerMillimetreHa = 1e4
/** Water that an amount of acid is said for: as the trade counts it. */
const batchL = system.value === 'us' ? valueIn(quantityOf(1000, 'gal'), 'L') : 1000

const perYear = computed(() => {
  const lime = load.value
  if (!lime || lime.kgPerHa <= 0) return undefined
  const sulfur = (lime.molPerM2 / molPerKgSulfur) * litresPerMillimetreHa
  return { lime, sulfur }
})
const perHa = (kg: number) =>
  system.value === 'us'
    ? `${formatNumber(valueIn(quantityOf(kg, 'kg/ha'), 'lb/acre'), 3)} lb/acre`
    : `${formatNumber(kg, 3)} kg/ha`

/** The chosen acid for a batch of water, and every other for the same. */
const made = computed(() => {
  const aim = acidAim.value
  if (!aim || !('value' in aim)) return undefined
  const { test, targetPH, left } = aim.value
  const doses = acids.map(({ id }) => acidDose(id, test, { targetPH, waterL: batchL }))
  const batch = doses.find(({ acid }) => acid.id === draft.value.acidId)
  return batch && { targetPH, left, batch, others: doses.filter((each) => each !== batch) }
})
const amountOf = ({ litres, kg }: AcidDose): string =>
  litres === undefined
    ? amountWords('mass', kg ?? 0, system.value, 3)
    : amountWords('volume', litres, system.value, 3)
const isLiquid = computed(() => made.value?.batch.litres !== undefined)
const words = (amount: number) => amountWords(isLiquid.value ? 'volume' : 'mass', amount, system.value, 3) // prettier-ignore
const othersWords = computed(() =>
  (made.value?.others ?? []).map((each) => `${each.acid.name} ${amountOf(each)}`).join('; '),
)
const aimOptions = [
  { value: 'alkalinity', words: 'leaves an alkalinity' },
  { value: 'pH', words: 'comes to a pH' },
] as const
const aim = computed({
  get: () => draft.value.acidAim,
  set: (value: 'alkalinity' | 'pH' | undefined) => (draft.value.acidAim = value ?? 'alkalinity'),
})
const stock = computed(() => {
  const acid = made.value?.batch
  if (!acid || stockL.value === undefined) return undefined
  const size = stockL.value
  return calculateInWords(() =>
    acidStockFor((acid.litres ?? acid.kg ?? 0) / batchL, {
      ratio: numberIn(draft.value.ratio),
      reading: 'of',
      stockL: size,
    }),
  )
})
const bringsWords = computed(() =>
  Object.entries(made.value?.batch.bringsMgPerL ?? {})
    .map(([name, mg]) => {
      const kgPerHa = (mg * water.value.mm * litresPerMillimetreHa) / 1e6
      const nutrient = { S: 'sulfur', P: 'phosphorus', N: 'nitrogen' }[name] ?? name
      return `${nutrient} ${formatNumber(mg, 2)} mg/L, ${perHa(kgPerHa)} a year`
    })
    .join('; '),
)
</script>

<template>
  <section class="water stack gap-8 ruled inside-12" aria-label="Irrigation water">
    <h2>The water that comes on top</h2>
    <div class="columns stack gap-32">
      <div class="fields stack halves gap-10 from-top items-start">
        <QuantityField
          v-model="draft.waterMm"
          label="Water given a year"
          dimension="length"
          unit="mm"
          @value="waterMm = $event"
        />
        <TextField
          v-model="draft.alkalinity"
          label="Its alkalinity, mg/L CaCO₃"
          inputmode="decimal"
        />
        <TextField v-model="draft.waterPH" label="Its pH" inputmode="decimal" />
        <ChoiceField v-model="draft.acidId" label="Acid into it" :options="acidOptions" />
        <template v-if="draft.acidId !== ''">
          <ChipChoice v-model="aim" label="So much that it" :options="aimOptions" />
          <TextField
            v-if="draft.acidAim === 'pH'"
            v-model="draft.bringToPH"
            label="pH wanted"
            inputmode="decimal"
          />
          <TextField
            v-else
            v-model="draft.leaveAlkalinity"
            label="Alkalinity to leave, mg/L"
            inputmode="decimal"
            hint="30 to 60 keeps some buffer (common practice)"
          />
          <QuantityField
            v-model="draft.stock"
            label="Stock tank"
            dimension="volume"
            unit="L"
            @value="stockL = $event"
          />
          <TextField v-model="draft.ratio" label="Injector, one to" inputmode="decimal" />
        </template>
      </div>
      <div class="out stack gap-6 from-top">
        <p v-if="!perYear" class="faint-note">
          Alkalinity, not pH, pushes soil back up: say how much water is given and its alkalinity.
        </p>
        <template v-else>
          <p>
            <b class="text-large">{{ perHa(perYear.lime.kgPerHa) }}</b> lime a year come with it
          </p>
          <p class="faint-note">
            {{ perHa(perYear.sulfur) }} of sulfur a year only to stand still.
          </p>
          <HowGot :derivation="perYear.lime.derivation" />
        </template>
        <p v-if="acidAim && 'problem' in acidAim" class="stop">{{ acidAim.problem }}</p>
        <template v-if="made">
          <p>
            <b class="text-large">{{ amountOf(made.batch) }}</b>
            {{ made.batch.acid.name }} in {{ amountWords('volume', batchL, system, 4) }} of water;
            it then stands at pH {{ formatDecimals(made.targetPH, 1) }} and keeps
            {{ formatNumber(made.left, 2) }} mg/L of alkalinity.
          </p>
          <p class="faint-note">The same with {{ othersWords }}.</p>
          <p v-if="stock && 'value' in stock">
            {{ words(stock.value.acid) }} in the stock, for
            {{ amountWords('volume', stock.value.feedL, system, 3) }} ({{
              ratioReadings.of.replaceAll('100', draft.ratio)
            }}).
          </p>
          <p v-if="stock && 'problem' in stock" class="stop">{{ stock.problem }}</p>
          <p v-if="bringsWords" class="faint-note">It brings {{ bringsWords }}.</p>
          <p class="caution text-small">
            {{ made.batch.acid.caution }} A backflow device between injector and tap. Only pipes,
            pumps and tanks that bear acid; check the pH at the end of the line. Local rules and the
            label come first.
          </p>
          <HowGot :derivation="made.batch.derivation" />
        </template>
      </div>
    </div>
  </section>
</template>

<style scoped>
.columns {
  grid-template-columns: minmax(0, 1fr) minmax(0, 1.2fr);
}
.caution {
  border-left: 3px solid var(--rust);
  background: var(--rust-wash);
  padding: 8px 12px;
}
@media (width < 700px) {
  .columns {
    grid-template-columns: minmax(0, 1fr);
  }
}
</style>
