<script setup lang="ts">
import { formatNumber } from '@spudder/core/base/writing'
import { placeUnits } from '@spudder/core/base/quantity'
import { computed } from 'vue'
import { usePlace } from '../../api/places.ts'
import { useCurrency } from '../../shared/units/use-currency.ts'
import { sourceWords, type FigureRange } from '@spudder/core/base/reference'
import { contentWords, ironSources, otherSources } from '@spudder/core/material/source'
import { money, moneyRange } from '../../shared/units/money-words.ts'
import DataTable from '../../ui/DataTable.vue'
import type { Column } from '../../ui/table-columns.ts'

const percentRange = ({ low, high }: FigureRange): string => {
  const [from, to] = [low, high].map((share) => formatNumber(share * 100))
  return from === to ? `${from} %` : `${from}-${to} %`
}
const priceWords = new Set(ironSources.map(({ pricePerKg }) => sourceWords(pricePerKg)))
const stainWords = { rust: 'rust', red: 'red', little: 'little' } as const
const organicWords = { often: 'often', seldom: 'seldom', ask: 'ask' } as const

const currency = useCurrency()
const { place } = usePlace()
const mass = computed(() => placeUnits[place.value?.unitSystem ?? 'us'].mass)
type Iron = (typeof ironSources)[number]
type Other = (typeof otherSources)[number]
const ironColumns = computed<readonly Column<Iron>[]>(() => [
  {
    key: 'form',
    title: 'Form',
    isHead: true,
    text: (each) => each.name,
    sortBy: ({ name }) => name,
  },
  {
    key: 'iron',
    title: 'iron',
    isFigure: true,
    text: (each) => percentRange(each.contentShare),
    sortBy: (each) => each.contentShare.high,
  },
  {
    key: 'price',
    title: `${mass.value.words} costs`,
    isFigure: true,
    text: ({ pricePerKg: { low, high } }) =>
      moneyRange(low * mass.value.inMetric, high * mass.value.inMetric, currency.value),
    sortBy: (each) => each.pricePerKg.usual,
  },
  {
    key: 'stains',
    title: 'stains',
    text: (each) => stainWords[each.stains],
    sortBy: (each) => each.stains,
  },
  {
    key: 'organic',
    title: 'organic growing',
    text: (each) => organicWords[each.organic],
    sortBy: (each) => each.organic,
  },
  { key: 'remark', title: 'What to know' },
])
const otherColumns = computed<readonly Column<Other>[]>(() => [
  { key: 'source', title: 'Source', isHead: true, text: (each) => each.name },
  {
    key: 'of',
    title: 'of',
    text: (each) => contentWords[each.nutrient],
    sortBy: (each) => contentWords[each.nutrient],
  },
  {
    key: 'holds',
    title: 'holds',
    isFigure: true,
    text: (each) => percentRange(each.contentShare),
  },
  {
    key: 'price',
    title: `${mass.value.words} costs`,
    isFigure: true,
    text: (each) => `about ${money(each.pricePerKg.usual * mass.value.inMetric, currency.value)}`,
    sortBy: (each) => each.pricePerKg.usual,
  },
  { key: 'remark', title: 'What to know' },
])
</script>

<template>
  <h2>Forms of iron</h2>
  <DataTable
    label="Forms of iron"
    :columns="ironColumns"
    :rows="ironSources"
    :row-key="(each) => each.id"
  >
    <template #remark="{ row }">
      {{ row.remark }} <cite>{{ sourceWords(row) }}</cite>
    </template>
  </DataTable>
  <p v-for="words in priceWords" :key="words" class="from">Prices: {{ words }}.</p>
  <h2>Manganese, zinc and magnesium</h2>
  <DataTable
    label="Sources of manganese, zinc and magnesium"
    :columns="otherColumns"
    :rows="otherSources"
    :row-key="(each) => each.id"
  >
    <template #remark="{ row }">
      {{ row.remark }} <cite>{{ sourceWords(row) }}</cite>
    </template>
  </DataTable>
</template>
