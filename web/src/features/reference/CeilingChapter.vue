<script setup lang="ts">
import { formatDecimals } from '@spudder/core/base/writing'
import { compareWithTrade } from '@spudder/core/material/chemistry'
import { ligands } from '@spudder/core/material/source'
import DataTable from '../../ui/DataTable.vue'
import type { Column } from '../../ui/table-columns.ts'

const compared = compareWithTrade()
const said = (pH: number | undefined): string =>
  pH === undefined ? 'never' : pH > 10.99 ? 'past 11' : formatDecimals(pH, 1)
const columns: readonly Column<(typeof compared)[number]>[] = [
  { key: 'chelate', title: 'Chelate', isHead: true, text: (each) => ligands[each.ligandId].name },
  { key: 'trade', title: 'The trade says', text: (each) => each.ceiling.words },
  {
    key: 'field',
    title: 'four fifths kept, a field’s Zn and Cu',
    isFigure: true,
    text: (each) => said(each.field80),
    sortBy: (each) => each.field80,
  },
  {
    key: 'full',
    title: 'half kept, all the soil’s Zn and Cu',
    isFigure: true,
    text: (each) => said(each.full50),
    sortBy: (each) => each.full50,
  },
  { key: 'together', title: 'Together' },
]
</script>

<template>
  <h2>How far each chelate goes, by calculation and by the trade</h2>
  <p>
    Up to which pH of a lime soil a chelate keeps its iron. No constant is tuned to meet the trade.
    Practice names no share that must be left, so where the two agree that is by a fair reading, and
    no proof; where they do not, it says so.
  </p>
  <DataTable
    label="Calculation and trade"
    :columns="columns"
    :rows="compared"
    :row-key="(each) => each.ligandId"
  >
    <template #together="{ row }">
      <template v-if="row.verdict === 'agrees'">agree</template>
      <template v-else>
        <b>differ</b>: the calculation is {{ row.verdict === 'model-lower' ? 'lower' : 'higher' }}.
        {{ row.why }}
      </template>
    </template>
  </DataTable>
</template>
