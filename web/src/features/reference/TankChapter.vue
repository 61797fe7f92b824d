<script setup lang="ts">
import { inOwn, said } from '../../shared/units/said.ts'
import { typedNumber } from '@spudder/core/base/writing'
import { hazardLimits, hazards, limitWords, sourceFamilies } from '@spudder/core/apply/limit'
import { burnHeatC, partnerKinds } from '@spudder/core/apply/mix'
import { contexts, findPlant, growths, routeWords, type Context } from '@spudder/core/stand/plant'
import { isNone, sourceWords } from '@spudder/core/base/reference'
import { nitrogenOfTurf, seasonLimits } from '@spudder/core/soil/season'
import { contentWords, findSource, sources } from '@spudder/core/material/source'
import DataTable from '../../ui/DataTable.vue'
import type { Column } from '../../ui/table-columns.ts'

const standing = { usually: 'usually', doubtful: 'doubtful', never: 'never' } as const
const placements = { leaf: 'stays on the leaf', 'watered-in': 'watered in', either: '' } as const
const atOnce = hazardLimits.map((limit) => ({
  limit,
  what: `${contentWords[limit.nutrient]}, ${routeWords[limit.route]}`,
  as:
    limit.only?.map((id) => findSource(id).name).join(', ') ??
    limit.families.map((family) => sourceFamilies[family]).join(', '),
  where:
    limit.growths?.map((growth) => growths[growth]).join(', ') ??
    limit.contexts.map((context) => contexts[context].label.toLowerCase()).join(', '),
  high: inOwn(limitWords(limit, limit.high)),
  stop: inOwn(limitWords(limit, limit.stop)),
}))
const dissolved = sources.flatMap(({ name, solubility }) =>
  isNone(solubility) ? [] : [{ name, limit: solubility }],
)
const limits = [
  ...Object.entries(seasonLimits).flatMap(([context, row]) =>
    Object.entries(row).map(([nutrient, limit]) => ({
      label: contexts[context as Context].label,
      nutrient,
      limit,
    })),
  ),
  ...Object.entries(nitrogenOfTurf).flatMap(([plantId, limit]) =>
    limit ? [{ label: findPlant(plantId).name, nutrient: 'N', limit }] : [],
  ),
]
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
const onceColumns: readonly Column<(typeof atOnce)[number]>[] = [
  { key: 'what', title: 'What', isHead: true, text: (each) => each.what, sortBy: (each) => each.what }, // prettier-ignore
  { key: 'as', title: 'As', text: (each) => each.as, sortBy: (each) => each.as },
  { key: 'where', title: 'On', text: (each) => each.where, sortBy: (each) => each.where },
  { key: 'high', title: 'a reason over', text: (each) => each.high },
  { key: 'stop', title: 'stops over', text: (each) => each.stop },
  { key: 'harm', title: 'What happens above it', text: (each) => hazards[each.limit.hazard] },
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
  <h2>Most at once, label or not</h2>
  <p>
    Over the first figure, which practice seldom passes, a reason is asked for and kept with the
    job; over the second nothing goes out. The label and local rules come before both.
  </p>
  <DataTable
    label="Most at once"
    :columns="onceColumns"
    :rows="atOnce"
    :row-key="(each) => each.limit.id"
  />
  <h2>Heat, and what dissolves</h2>
  <p>
    Over {{ said(`${burnHeatC.wait.value} °C`) }} spray in the cool hours only, over
    {{ said(`${burnHeatC.never.value} °C`) }} not at all (<cite>{{
      sourceWords(burnHeatC.wait)
    }}</cite
    >).
  </p>
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
