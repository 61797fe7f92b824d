<script setup lang="ts">
import { said } from '../../shared/units/said.ts'
import { typedNumber } from '@spudder/core/base/writing'
import { soilConstants } from '@spudder/core/material/chemistry'
import {
  confidenceSpread,
  ligandIds,
  ligands,
  metalIds,
  type Ligand,
  type LigandId,
  type StabilityConstant,
} from '@spudder/core/material/source'
import { sourceWords } from '@spudder/core/base/reference'
import { computed, ref } from 'vue'
import ChipChoice from '../../ui/ChipChoice.vue'
import DataTable from '../../ui/DataTable.vue'
import type { Column } from '../../ui/table-columns.ts'

const chosen = ref<LigandId | undefined>('edta')
const options = ligandIds.map((id) => ({ value: id, words: ligands[id].name }))

interface Row {
  readonly reaction: string
  readonly constant: StabilityConstant
}
const reactions = [
  ['ml', (m: string) => `${m} + L = ${m}L`],
  ['mhl', (m: string) => `${m}L + H = ${m}HL`],
  ['mohl', (m: string) => `${m}L + H2O = ${m}OHL + H`],
  ['moh2l', (m: string) => `${m}OHL + H2O = ${m}(OH)2L + H`],
  ['dimer', (m: string) => `2 ${m}OHL = (${m}OHL)2`],
] as const
const rows = computed<readonly Row[]>(() => {
  const ligand: Ligand = ligands[chosen.value ?? 'edta']
  const hydrogen = (count: number) => (count === 0 ? 'L' : `H${count === 1 ? '' : count}L`)
  const protons = ligand.protons.map((constant, index) => ({
    reaction: `H + ${hydrogen(index)} = ${hydrogen(index + 1)}`,
    constant,
  }))
  const metals = metalIds.flatMap((metal) =>
    reactions.flatMap(([key, words]) => {
      const constant = ligand.metals[metal]?.[key]
      return constant ? [{ reaction: words(metal), constant }] : []
    }),
  )
  return [...protons, ...metals]
})
const stabilityColumns: readonly Column<Row>[] = [
  { key: 'reaction', title: 'Reaction', isHead: true, text: (row) => row.reaction },
  {
    key: 'logK',
    title: 'log K',
    isFigure: true,
    text: (row) => typedNumber(row.constant.logK),
    sortBy: (row) => row.constant.logK,
  },
  {
    key: 'sure',
    title: 'sure to',
    isFigure: true,
    text: (row) => `± ${typedNumber(confidenceSpread[row.constant.confidence])}`,
  },
  { key: 'from', title: 'From', isCited: true, text: (row) => sourceWords(row.constant) },
]
const soilColumns: readonly Column<(typeof soilConstants)[number]>[] = [
  { key: 'what', title: 'What', isHead: true, text: (each) => each.words },
  {
    key: 'value',
    title: 'value',
    isFigure: true,
    text: (each) => typedNumber(each.figure.value),
  },
  { key: 'unit', title: 'unit', text: (each) => each.figure.unit },
  { key: 'from', title: 'From', isCited: true, text: (each) => sourceWords(each.figure) },
]
</script>

<template>
  <h2>Stability constants</h2>
  <p>
    Decimal logarithms at {{ said('25 °C and an ionic strength of 0.1 M, carried to 0.01 M') }} by
    the Davies equation. Fe is Fe(III). None is fitted to what the trade knows.
  </p>
  <ChipChoice v-model="chosen" label="Ligand" :options="options" />
  <DataTable
    label="Stability constants"
    :columns="stabilityColumns"
    :rows="rows"
    :row-key="(row) => row.reaction"
  />
  <h2>Soil and water</h2>
  <DataTable
    label="Constants of soil and water"
    :columns="soilColumns"
    :rows="soilConstants"
    :row-key="(each) => each.words"
  />
</template>
