<script setup lang="ts">
import { rateText } from '@spudder/core/base/quantity'
import { contexts, routeWords } from '@spudder/core/stand/plant'
import { rateBases, type Rate } from '@spudder/core/material/rate'
import { allRates, findSource, sourcesWithRate } from '@spudder/core/material/source'
import { computed } from 'vue'
import { usePlace } from '../../api/places.ts'
import { said } from '../../shared/units/said.ts'
import { sourceWords, type FigureRange } from '@spudder/core/base/reference'
import DataTable from '../../ui/DataTable.vue'
import type { Column } from '../../ui/table-columns.ts'

const { place } = usePlace()
const system = computed(() => place.value?.unitSystem ?? 'us')
function span({ low, usual, high }: FigureRange, unit: string): string {
  const middle = rateText([usual], unit, system.value)
  return low === high ? middle : `${rateText([low, high], unit, system.value)}, usual ${middle}`
}
const rateOf = ({ rate, unit }: Rate) => span(rate, unit)
const waterOf = ({ carrier }: Rate) => (carrier ? span(carrier, carrier.unit) : '')
const often = ({ intervalDays, timesASeason }: Rate) => {
  const interval = intervalDays ? `${intervalDays.low}-${intervalDays.high} days` : 'once a season'
  return timesASeason ? `${interval}, at most ${timesASeason} times` : interval
}
const where = ({ route, contexts: names }: Rate) =>
  `${routeWords[route]}: ${names.map((name) => contexts[name].label.toLowerCase()).join('; ')}`
const columns: readonly Column<Rate>[] = [
  {
    key: 'rate',
    title: 'Rate',
    isHead: true,
    text: (rate) => said(rate.label),
    sortBy: ({ label }) => label,
  },
  {
    key: 'where',
    title: 'Where',
    text: where,
    filters: Object.entries(routeWords).map(([value, words]) => ({ value, words })),
    isIn: (rate, route) => rate.route === route,
  },
  {
    key: 'forms',
    title: 'Forms',
    text: (rate) =>
      sourcesWithRate(rate.id)
        .map((id) => findSource(id).name)
        .join('; '),
  },
  { key: 'basis', title: 'Counts by', text: (rate) => rateBases[rate.basis].label },
  { key: 'span', title: 'Low-high', text: rateOf },
  { key: 'water', title: 'Water', text: waterOf },
  { key: 'again', title: 'Again', text: often },
  { key: 'from', title: 'From', isCited: true, text: sourceWords },
]
</script>

<template>
  <h2>Rates</h2>
  <p>
    What is usual, by form and route. The label of a product always wins: its maximum, put in on the
    shelf, is a hard limit.
  </p>
  <DataTable label="Rates" :columns="columns" :rows="allRates" :row-key="(rate) => rate.id" />
</template>
