<script setup lang="ts">
import { ChangeStandDto, standRoutes } from '@spudder/contract/stand'
import type { PlanningDto } from '@spudder/contract/planning'
import { typedNumber } from '@spudder/core/base/writing'
import { paleLossOf } from '@spudder/core/days/task'
import { useChange } from '../../api/use-change.ts'
import { numberIn } from '../../shared/form/number-text.ts'
import { useChecked } from '../../shared/form/use-checked.ts'
import DataTable from '../../ui/DataTable.vue'
import ProblemNote from '../../ui/ProblemNote.vue'
import type { Column } from '../../ui/table-columns.ts'
import TextField from '../../ui/TextField.vue'
import WeekdayPicks from './WeekdayPicks.vue'

/** When each stand is mown and watered, and what a day of pale leaves costs there. */
const props = defineProps<{ stands: PlanningDto['stands'] }>()
type Stand = PlanningDto['stands'][number]
const change = useChange(standRoutes.change, { told: 'beside' })
const { checked } = useChecked(ChangeStandDto, () => change.error.value)
async function keep(id: string, care: object): Promise<void> {
  const stand = props.stands.find((each) => each.id === id)
  const dto = checked({ care: { ...stand?.care, ...care }, version: stand?.version })
  if (dto) await change.send({ standId: id, dto })
}
const columns: readonly Column<Stand>[] = [
  {
    key: 'stand',
    title: 'Stand',
    isHead: true,
    text: ({ name }) => name,
    sortBy: ({ name }) => name,
  },
  { key: 'mown', title: 'Mown' },
  { key: 'watered', title: 'Watered' },
  { key: 'loss', title: 'A pale day costs', width: 130, sortBy: (stand) => paleLossOf(stand) },
]
</script>

<template>
  <DataTable label="Care of the stands" :columns="columns" :rows="stands" :row-key="({ id }) => id">
    <template #mown="{ row }">
      <WeekdayPicks
        v-if="row.context === 'turf'"
        :label="`${row.name} is mown`"
        :model-value="row.care?.mowingDays ?? []"
        @update:model-value="keep(row.id, { mowingDays: $event })"
      />
    </template>
    <template #watered="{ row }">
      <WeekdayPicks
        :label="`${row.name} is watered`"
        :model-value="row.care?.wateringDays ?? []"
        @update:model-value="keep(row.id, { wateringDays: $event })"
      />
    </template>
    <template #loss="{ row }">
      <TextField
        :model-value="typedNumber(Math.round(paleLossOf(row) * 100) / 100)"
        :label="`A pale day of ${row.name} costs`"
        is-label-hidden
        inputmode="decimal"
        @update:model-value="
          Number.isFinite(numberIn($event)) && keep(row.id, { paleLossPerDay: numberIn($event) })
        "
      />
    </template>
  </DataTable>
  <ProblemNote :problem="change.error.value" />
</template>
