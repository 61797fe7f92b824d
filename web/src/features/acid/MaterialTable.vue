<script setup lang="ts">
import { said } from '../../shared/units/said.ts'
import { Radio } from 'ant-design-vue'
import { formatNumber } from '@spudder/core/base/writing'
import { useCurrency } from '../../shared/units/use-currency.ts'
import { isNone } from '@spudder/core/base/reference'
import { percent, placeUnits, quantityOf, valueIn } from '@spudder/core/base/quantity'
import type { MaterialOffer } from '@spudder/core/soil/acid-plan'
import { computed } from 'vue'
import TextField from '../../ui/TextField.vue'
import DataTable from '../../ui/DataTable.vue'
import type { Column } from '../../ui/table-columns.ts'
import { groundUnit, inGroundUnit } from '../../shared/units/ground-rate.ts'
import { moneyRange } from '../../shared/units/money-words.ts'
import { useAcidStore } from './acid-store.ts'

const currency = useCurrency()
/** Every material for the same need, side by side: how much, money, speed, what else it brings. */
const { offers, draft, system, groundM2, layOutAnew } = useAcidStore()
const unit = computed(() => groundUnit(system.value, draft.value.situation))
const nutrientWords = { N: 'nitrogen', S: 'sulfur', Fe: 'iron' } as const

/** Two figures are as many as such a sum deserves. */
const rough = (value: number) => formatNumber(Number(value.toPrecision(2)))

function amountWords({ kgPerM2: { low, high } }: MaterialOffer): string {
  const from = formatNumber(inGroundUnit(low, unit.value), 2)
  return Number.isFinite(high)
    ? `${from}-${formatNumber(inGroundUnit(high, unit.value), 2)}`
    : `${from} and far more`
}
function moneyWords({ cost: { low, high } }: MaterialOffer): string {
  const area = groundM2.value ?? 1
  return Number.isFinite(high)
    ? moneyRange(low * area, high * area, currency.value)
    : 'no upper limit'
}
const perGround = (kgPerHa: number) =>
  system.value === 'us'
    ? `${rough(valueIn(quantityOf(kgPerHa, 'kg/ha'), 'lb/acre'))} lb/acre`
    : `${rough(kgPerHa)} kg/ha`
const bringsWords = ({ bringsKgPerHa }: MaterialOffer) =>
  (Object.keys(nutrientWords) as (keyof typeof nutrientWords)[])
    .flatMap((name) => {
      const amount = bringsKgPerHa[name]
      return amount === undefined ? [] : [`${nutrientWords[name]} ${perGround(amount)}`]
    })
    .join(', ')
function limitWords({ notHere, coveredShare, stepCount }: MaterialOffer): string {
  if (notHere) return notHere
  const steps = stepCount === 1 ? 'one step' : `${stepCount} steps`
  return coveredShare > 0.99 ? steps : `${percent(coveredShare)} of it in ${steps}`
}
/** Another bag is another plan of steps: those of the plan under way are laid out anew. */
function choose({ acidity }: MaterialOffer): void {
  draft.value.sourceId = acidity.sourceId
  draft.value.price = ''
  layOutAnew()
}

const practiceWords = ({ acidity: { practicePerSulfur } }: MaterialOffer): string =>
  isNone(practicePerSulfur) ? '' : `practice: ${practicePerSulfur.join('-')} × sulfur`
const columns = computed<readonly Column<MaterialOffer>[]>(() => [
  { key: 'material', title: 'Material', isHead: true, width: 200 },
  { key: 'amount', title: unit.value.words, sortBy: ({ kgPerM2 }) => kgPerM2.usual },
  {
    key: 'money',
    title: 'Money, whole ground',
    text: moneyWords,
    sortBy: ({ cost }) => cost.usual,
  },
  { key: 'speed', title: 'How fast', text: ({ acidity }) => acidity.speed },
  {
    key: 'limits',
    title: 'Within limits, three years',
    text: limitWords,
    sortBy: ({ coveredShare }) => -coveredShare,
  },
  { key: 'brings', title: 'Brings too' },
])
</script>

<template>
  <section class="materials stack gap-8 ruled inside-12" aria-label="Materials side by side">
    <h2>The same acid from other materials</h2>
    <DataTable
      label="Materials"
      :columns="columns"
      :rows="offers"
      :row-key="(offer) => offer.acidity.sourceId"
      :row-class="(offer) => (offer.notHere ? 'out' : '')"
    >
      <template #material="{ row }">
        <Radio
          :checked="draft.sourceId === row.acidity.sourceId"
          :disabled="row.notHere !== undefined"
          @change="choose(row)"
        >
          {{ row.name }}
        </Radio>
      </template>
      <template #amount="{ row }">
        {{ amountWords(row) }}
        <span v-if="practiceWords(row)" class="faint-note">{{ practiceWords(row) }}</span>
      </template>
      <template #brings="{ row }">
        {{ bringsWords(row) }} <span class="faint-note">{{ said(row.acidity.remark) }}</span>
      </template>
    </DataTable>
    <TextField
      v-model="draft.price"
      class="price"
      :label="`Your own price of the chosen one, for ${placeUnits[system].mass.words}`"
      inputmode="decimal"
      hint="left empty: usual retail prices"
    />
  </section>
</template>

<style scoped>
.materials :deep(.out > *) {
  color: var(--slate);
}
.price {
  max-width: 380px;
}
</style>
