<script setup lang="ts">
import { said } from '../../shared/units/said.ts'
import { typedNumber } from '@spudder/core/base/writing'
import { burnHeatC, leafBurnLimit, partnerKinds } from '@spudder/core/apply/mix'
import { contexts, type Context } from '@spudder/core/stand/plant'
import { isNone, sourceWords } from '@spudder/core/base/reference'
import { seasonLimits } from '@spudder/core/soil/season'
import { sources } from '@spudder/core/material/source'
import DataTable from '../../ui/DataTable.vue'
import type { Column } from '../../ui/table-columns.ts'

const standing = { usually: 'usually', doubtful: 'doubtful', never: 'never' } as const
const placements = { leaf: 'stays on the leaf', 'watered-in': 'watered in', either: '' } as const
const burns = Object.entries(leafBurnLimit).map(([context, limit]) => ({
  label: contexts[context as Context].label,
  limit,
}))
const dissolved = sources.flatMap(({ name, solubility }) =>
  isNone(solubility) ? [] : [{ name, limit: solubility }],
)
const limits = Object.entries(seasonLimits).flatMap(([context, row]) =>
  Object.entries(row).map(([nutrient, limit]) => ({
    label: contexts[context as Context].label,
    nutrient,
    limit,
  })),
)
const partnerColumns: readonly Column<(typeof partnerKinds)[number]>[] = [
  { key: 'partner', title: 'Partner', isHead: true, text: (each) => each.name },
  {
    key: 'salt',
    title: 'with a salt',
    text: (each) => standing[each.besideSalt],
    sortBy: (each) => standing[each.besideSalt],
  },
  {
    key: 'chelate',
    title: 'with a chelate',
    text: (each) => standing[each.besideChelate],
    sortBy: (each) => standing[each.besideChelate],
  },
  { key: 'place', title: 'Where it works', text: (each) => placements[each.placement] },
  { key: 'why', title: 'Why', text: (each) => each.why },
  { key: 'from', title: 'From', isCited: true, text: sourceWords },
]
const burnColumns: readonly Column<(typeof burns)[number]>[] = [
  { key: 'leaves', title: 'Leaves of', isHead: true, text: (each) => each.label },
  {
    key: 'try',
    title: 'try a patch from, %',
    isFigure: true,
    text: (each) => typedNumber(each.limit.tryFirst * 100),
  },
  {
    key: 'most',
    title: 'at most, %',
    isFigure: true,
    text: (each) => typedNumber(each.limit.most * 100),
  },
  { key: 'from', title: 'From', isCited: true, text: (each) => sourceWords(each.limit) },
]
const dissolvedColumns: readonly Column<(typeof dissolved)[number]>[] = [
  { key: 'form', title: 'Form', isHead: true, text: (each) => each.name },
  {
    key: 'g',
    title: said('g in a litre at 20 °C'),
    isFigure: true,
    text: (each) => typedNumber(each.limit.gPerL),
    sortBy: (each) => each.limit.gPerL,
  },
  { key: 'from', title: 'From', isCited: true, text: (each) => sourceWords(each.limit) },
]
const limitColumns: readonly Column<(typeof limits)[number]>[] = [
  { key: 'stand', title: 'Stand', isHead: true, text: (each) => each.label },
  {
    key: 'nutrient',
    title: 'Nutrient',
    text: (each) => each.nutrient,
    sortBy: (each) => each.nutrient,
  },
  {
    key: 'most',
    title: 'kg/ha',
    isFigure: true,
    text: (each) => typedNumber(each.limit.value),
    sortBy: (each) => each.limit.value,
  },
  { key: 'from', title: 'From', isCited: true, text: (each) => sourceWords(each.limit) },
]
</script>

<template>
  <h2>What goes into one tank with iron</h2>
  <p>
    Nothing before a jar test that is recorded. Never means never, whatever a jar shows. The labels
    of both come first.
  </p>
  <DataTable
    label="Partners"
    :columns="partnerColumns"
    :rows="partnerKinds"
    :row-key="(each) => each.id"
  />
  <h2>Strength that leaves bear, and what dissolves</h2>
  <p>
    Over {{ said(`${burnHeatC.wait.value} °C`) }} spray in the cool hours only, over
    {{ said(`${burnHeatC.never.value} °C`) }} not at all (<cite>{{
      sourceWords(burnHeatC.wait)
    }}</cite
    >).
  </p>
  <DataTable
    label="Strength of sulfate sprays"
    :columns="burnColumns"
    :rows="burns"
    :row-key="(each) => each.label"
  />
  <DataTable
    label="What dissolves"
    :columns="dissolvedColumns"
    :rows="dissolved"
    :row-key="(each) => each.name"
  />
  <h2>Most in a season</h2>
  <p>Put your local rule in its place where the sums stand, on the remedy.</p>
  <DataTable
    label="Limits of a season"
    :columns="limitColumns"
    :rows="limits"
    :row-key="(each) => `${each.label} ${each.nutrient}`"
  />
</template>
