<script setup lang="ts">
import { typedNumber } from '@spudder/core/base/writing'
import { openIronHalfLifeDays, openIronOfUse } from '@spudder/core/material/persistence'
import {
  findIronSource,
  lossProcesses,
  lossTable,
  type LossPlace,
} from '@spudder/core/material/source'
import { sourceWords, type FigureRange } from '@spudder/core/base/reference'

import DataTable from '../../ui/DataTable.vue'
import type { Column } from '../../ui/table-columns.ts'

const daysWords = ({ low, usual, high }: FigureRange): string =>
  `${typedNumber(usual)} (${typedNumber(low)}-${typedNumber(high)})`
const placeWords = {
  leaf: 'onto the leaf',
  soil: 'into the soil',
  clear: 'into a tank that light gets into',
  covered: 'into a covered tank',
} as const satisfies Readonly<Record<LossPlace, string>>
const names = (ids: readonly string[]): string =>
  ids.map((id) => findIronSource(id).name).join('; ')
const lossColumns: readonly Column<(typeof lossTable)[number]>[] = [
  { key: 'route', title: 'Route', text: (each) => placeWords[each.place] },
  { key: 'loss', title: 'Loss', isHead: true, text: (each) => lossProcesses[each.loss.process] },
  { key: 'forms', title: 'Forms', text: (each) => names(each.sourceIds) },
  {
    key: 'days',
    title: 'half in days',
    isFigure: true,
    text: (each) => daysWords(each.loss.halfLifeDays),
    sortBy: (each) => each.loss.halfLifeDays.usual,
  },
  { key: 'from', title: 'From', isCited: true, text: (each) => sourceWords(each.loss) },
]
type Point = (typeof openIronOfUse.points)[number]
const pHColumn: Column<Point> = {
  key: 'pH',
  title: 'pH',
  isHead: true,
  text: (point) => typedNumber(point.pH),
}
const shareColumns: readonly Column<Point>[] = [
  pHColumn,
  {
    key: 'share',
    title: 'share of use, %',
    isFigure: true,
    text: ({ low, usual, high }) =>
      `${Math.round(usual * 100)} (${Math.round(low * 100)}-${Math.round(high * 100)})`,
  },
]
const ageColumns: readonly Column<Point>[] = [
  pHColumn,
  { key: 'days', title: 'half in days', isFigure: true, text: daysWords },
]
</script>

<template>
  <h2>Days in which half is lost</h2>
  <p>
    Half of what is left goes in so many days, and half of the rest in as many again. Losses of one
    form add up.
  </p>
  <DataTable
    label="Half-lives"
    :columns="lossColumns"
    :rows="lossTable"
    :row-key="(each) => `${each.place} ${each.loss.process} ${each.sourceIds.join()}`"
  />
  <h2>Open iron in soil</h2>
  <p>
    From a salt, or let go by a chelate: the share roots can use, and the days in which half of that
    ages past use.
  </p>
  <DataTable
    label="Share of open iron by pH"
    :columns="shareColumns"
    :rows="openIronOfUse.points"
    :row-key="(point) => String(point.pH)"
  />
  <p>
    <cite>{{ sourceWords(openIronOfUse) }}</cite>
  </p>
  <DataTable
    label="Half-life of open iron by pH"
    :columns="ageColumns"
    :rows="openIronHalfLifeDays.points"
    :row-key="(point) => String(point.pH)"
  />
  <p>
    <cite>{{ sourceWords(openIronHalfLifeDays) }}</cite>
  </p>
</template>
