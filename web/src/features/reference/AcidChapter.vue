<script setup lang="ts">
import { said } from '../../shared/units/said.ts'
import { formatNumber } from '@spudder/core/base/writing'
import { situationNames, situations, stepLimits, sulfurTables } from '@spudder/core/soil/acid-plan'
import { acidities, molPerKgSulfur, findSource } from '@spudder/core/material/source'
import { pathFigures } from '@spudder/core/soil/pH-path'
import { sourceWords } from '@spudder/core/base/reference'
import { bufferFigures, textureNames, textures } from '@spudder/core/soil/soil'
import DataTable from '../../ui/DataTable.vue'
import type { Column } from '../../ui/table-columns.ts'

const kinds = ['sulfur', 'nitrogen', 'iron salt', 'salt', 'lime', 'organic'] as const
const limits = situationNames.flatMap((situation) =>
  kinds
    .map((kind) => ({ situation, kind, ...stepLimits[situation][kind] }))
    .filter(({ once }) => once.value > 0),
)
const grams = (kg: number) => formatNumber(kg * 1000, 3)
type Acidity = (typeof acidities)[number]
const acidityColumns: readonly Column<Acidity>[] = [
  {
    key: 'material',
    title: 'Material',
    isHead: true,
    text: (each) => findSource(each.sourceId).name,
  },
  {
    key: 'mol',
    title: 'mol acid/kg',
    isFigure: true,
    text: (each) => formatNumber(each.molPerKg.usual, 3),
    sortBy: (each) => each.molPerKg.usual,
  },
  {
    key: 'sulfur',
    title: 'in place of 1 kg of sulfur',
    isFigure: true,
    text: ({ molPerKg: { usual } }) =>
      usual > 0 ? `${formatNumber(molPerKgSulfur / usual, 3)} kg` : 'raises pH',
  },
  { key: 'speed', title: 'How fast', text: (each) => each.speed },
  { key: 'from', title: 'From', isCited: true, text: sourceWords },
]
const limitColumns: readonly Column<(typeof limits)[number]>[] = [
  { key: 'where', title: 'Where', isHead: true, text: (each) => situations[each.situation].label },
  { key: 'of', title: 'Of', text: (each) => each.kind, sortBy: (each) => each.kind },
  { key: 'once', title: 'at once, g/m²', isFigure: true, text: (each) => grams(each.once.value) },
  { key: 'year', title: 'a year, g/m²', isFigure: true, text: (each) => grams(each.year.value) },
  {
    key: 'days',
    title: 'days apart',
    isFigure: true,
    text: (each) => String(each.daysApart.value),
  },
  {
    key: 'from',
    title: 'From',
    isCited: true,
    text: (each) => `${sourceWords(each.once)}; ${each.year.source}`,
  },
]
interface Figure {
  readonly name: string
  readonly value: string
  readonly from: string
}
const figures: readonly Figure[] = [
  ...textureNames.map((name) => ({
    name: textures[name].label,
    value: `clay ${formatNumber(textures[name].clayPercent)} %, organic matter ${formatNumber(textures[name].organicPercent)} %`,
    from: sourceWords(textures[name]),
  })),
  ...[...bufferFigures, ...pathFigures].map(([name, figure]) => ({
    name: said(name),
    value: `${formatNumber(figure.value, 3)} ${figure.unit}`,
    from: sourceWords(figure),
  })),
  ...sulfurTables.map((table) => ({
    name: `Ticks: ${table.name}`,
    value: `to pH ${formatNumber(table.toPH)}`,
    from: sourceWords(table),
  })),
]
const figureColumns: readonly Column<Figure>[] = [
  { key: 'name', title: 'What', isHead: true, text: (each) => each.name },
  { key: 'value', title: 'Figure', isFigure: true, text: (each) => each.value },
  { key: 'from', title: 'From', isCited: true, text: (each) => each.from },
]
</script>

<template>
  <h2>What a kilogram does</h2>
  <DataTable
    label="Acid of each material"
    :columns="acidityColumns"
    :rows="acidities"
    :row-key="(each) => each.sourceId"
  />
  <h2>How much at once, and in a year</h2>
  <DataTable
    label="Limits of steps"
    :columns="limitColumns"
    :rows="limits"
    :row-key="(each) => `${each.situation} ${each.kind}`"
  />
  <h2>What soil holds, and what a path runs by</h2>
  <DataTable
    label="Figures of soil and path"
    :columns="figureColumns"
    :rows="figures"
    :row-key="(each) => each.name"
  />
</template>
