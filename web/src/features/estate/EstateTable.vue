<script setup lang="ts">
import { useMay } from '../../api/me.ts'
import { computed, ref } from 'vue'
import DataTable from '../../ui/DataTable.vue'
import type { Column } from '../../ui/table-columns.ts'
import { money } from '../../shared/units/money-words.ts'
import { useCurrency } from '../../shared/units/use-currency.ts'
import EstateBulk from './EstateBulk.vue'
import { groupStands, type ListedStand } from './estate-list.ts'
import { useEstateFilter } from './use-estate-filter.ts'

/** The stands as a table: sorted by what matters now, several at once where work is alike. */
const props = defineProps<{
  stands: readonly ListedStand[]
  placeId: string
  isArchived: boolean
}>()
const { may } = useMay()
const store = useEstateFilter()
const currency = useCurrency()
const chosenIds = ref<readonly string[]>([])
const groups = computed(() => groupStands(props.stands, store.grouping))
const chosen = computed(() => props.stands.filter(({ id }) => chosenIds.value.includes(id)))
/** Each group has a table of its own; what is chosen in the others stays. */
function choose(group: readonly ListedStand[], keys: readonly string[]): void {
  const others = chosenIds.value.filter((id) => !group.some((each) => each.id === id))
  chosenIds.value = [...others, ...keys]
}
const columns: readonly Column<ListedStand>[] = [
  { key: 'stand', title: 'Stand', isHead: true, sortBy: ({ name }) => name },
  { key: 'colour', title: 'Leaves', sortBy: ({ greenness }) => greenness },
  {
    key: 'next',
    title: 'Next',
    text: ({ progress }) => progress.words,
    sortBy: ({ dueOn }) => dueOn,
  },
  { key: 'plant', title: 'Plant', text: ({ plant }) => plant, sortBy: ({ plant }) => plant },
  { key: 'kind', title: 'Kind', text: ({ kind }) => kind, sortBy: ({ kind }) => kind },
  { key: 'size', title: 'Size', text: ({ size }) => size },
  {
    key: 'spent',
    title: 'Spent this year',
    isFigure: true,
    text: ({ spent }) => (spent > 0 ? money(spent, currency.value) : ''),
    sortBy: ({ spent }) => spent,
  },
]
</script>

<template>
  <EstateBulk
    v-if="may('plan')"
    :stands="chosen"
    :place-id="placeId"
    :is-archived="isArchived"
    @done="chosenIds = []"
  />
  <template v-for="group in groups" :key="group.name">
    <h2 v-if="group.name !== ''">{{ group.name }} ({{ group.stands.length }})</h2>
    <DataTable
      :label="group.name === '' ? 'Stands' : `Stands, ${group.name}`"
      :columns="columns"
      :rows="group.stands"
      :row-key="({ id }) => id"
      :name-of="({ name }) => name"
      v-bind="may('plan') ? { chosen: chosenIds } : {}"
      @choose="choose(group.stands, $event)"
    >
      <template #stand="{ row }">
        <RouterLink :to="{ name: 'stand', params: { standId: row.id } }">{{ row.name }}</RouterLink>
      </template>
      <template #colour="{ row }">
        <i v-if="row.paint" class="swatch" :style="{ background: row.paint }" />
        {{ row.colour || 'not looked at' }}
      </template>
      <template #next="{ row }">
        <component :is="row.progress.step === 'due' ? 'b' : 'span'">{{
          row.progress.words
        }}</component>
      </template>
    </DataTable>
  </template>
  <p v-if="stands.length === 0" class="faint-note">No stand fits this filter.</p>
</template>

<style scoped>
.swatch {
  display: inline-block;
  width: 34px;
  height: 11px;
  margin-right: 6px;
  border-radius: 2px;
}
h2 {
  margin: 12px 0 4px;
}
</style>
