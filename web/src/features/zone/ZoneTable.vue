<script setup lang="ts">
import { formatDecimals, formatNumber } from '@spudder/core/base/writing'
import { useCurrency } from '../../shared/units/use-currency.ts'
import type { ZoneDto } from '@spudder/contract/zone'
import { isClear } from '@spudder/core/outcome/zone'
import { computed } from 'vue'
import { useStandCase } from '../../shared/case/stand-case.ts'
import DataTable from '../../ui/DataTable.vue'
import type { Column } from '../../ui/table-columns.ts'
import { money } from '../../shared/units/money-words.ts'
import { zoneUnits, type ZoneChoices } from './zone-draft.ts'

const currency = useCurrency()
/** Each zone with its best choice and the next. */
const props = defineProps<{ zones: readonly ZoneDto[]; choices: ZoneChoices }>()
const { system } = useStandCase()
const units = computed(() => zoneUnits(system.value))
/** Money a hectare as money of the place's ground. */
const onGround = (perHa: number): string => money(perHa * units.value.hectares, currency.value)
const tons = (perHa: number): string =>
  formatDecimals((perHa * units.value.hectares) / units.value.tonnes, 1)
const weighed = computed(() =>
  props.zones.flatMap((zone) => {
    const of = props.choices.get(zone.id) ?? []
    const [best, next] = of
    return best ? [{ zone, best, next, isSure: isClear(of) }] : []
  }),
)
type Weighed = (typeof weighed.value)[number]
const columns = computed<readonly Column<Weighed>[]>(() => [
  {
    key: 'zone',
    title: 'Zone',
    isHead: true,
    text: ({ zone }) => `${zone.name}, ${formatNumber(zone.score ?? 0)}`,
    sortBy: ({ zone }) => -(zone.score ?? 0),
  },
  { key: 'best', title: 'Best' },
  {
    key: 'score',
    title: 'Score then',
    text: ({ best: { score } }) =>
      `${formatDecimals(score.low, 1)}-${formatDecimals(score.high, 1)}`,
  },
  {
    key: 'yield',
    title: units.value.yield,
    text: ({ best }) => `${tons(best.yieldTPerHa.low)}-${tons(best.yieldTPerHa.high)}`,
    sortBy: ({ best }) => best.yieldTPerHa.high,
  },
  { key: 'left', title: `left ${units.value.area}`, sortBy: ({ best }) => best.marginPerHa.usual },
  {
    key: 'next',
    title: 'Next best',
    text: ({ next }) =>
      next ? `${next.variety.name}, ${next.chelate.name}: ${onGround(next.marginPerHa.usual)}` : '',
  },
])
</script>

<template>
  <DataTable
    label="Best choice by zone"
    :columns="columns"
    :rows="weighed"
    :row-key="({ zone }) => zone.id"
  >
    <template #best="{ row }">
      {{ row.best.variety.name }}, {{ row.best.chelate.name }}
      <em v-if="!row.isSure" class="faint-note">as good as the next</em>
    </template>
    <template #left="{ row }">
      <b>{{ onGround(row.best.marginPerHa.usual) }}</b>
      <div class="faint-note">
        {{ onGround(row.best.marginPerHa.low) }} to {{ onGround(row.best.marginPerHa.high) }}
      </div>
    </template>
  </DataTable>
</template>
