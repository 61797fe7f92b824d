<script setup lang="ts">
import { overviewRoutes, type OverviewRowDto } from '@spudder/contract/overview'
import { roleWords } from '@spudder/contract/access'
import { Button, Pagination, Skeleton } from 'ant-design-vue'
import { computed, ref } from 'vue'
import { goToPlace } from '../../api/places.ts'
import { useRead } from '../../api/use-read.ts'
import TrailLine from '../../shared/shell/TrailLine.vue'
import DataTable from '../../ui/DataTable.vue'
import EmptyState from '../../ui/EmptyState.vue'
import ProblemNote from '../../ui/ProblemNote.vue'
import { useNarrow } from '../../ui/use-narrow.ts'
import type { Column } from '../../ui/table-columns.ts'
import { leavesOf, nextWords, placesPerPage, shortWords, workWords } from './place-lines.ts'

/** How it stands at each of one's places: the palest first, what is due, what runs short. */
const page = ref(1)
const overview = useRead(overviewRoutes.page, () => ({
  query: { offset: (page.value - 1) * placesPerPage, limit: placesPerPage },
}))
const rows = computed(() => overview.data.value?.rows ?? [])
const total = computed(() => overview.data.value?.total ?? 0)
const allColumns: readonly Column<OverviewRowDto>[] = [
  { key: 'place', title: 'Place', isHead: true, text: ({ name }) => name },
  { key: 'leaves', title: 'Palest stand', text: ({ state }) => leavesOf(state).words },
  { key: 'work', title: 'Work', text: ({ state }) => workWords(state) },
  { key: 'next', title: 'Then', text: ({ state }) => nextWords(state) },
  { key: 'short', title: 'Runs short', text: ({ state }) => shortWords(state) },
  {
    key: 'cases',
    title: 'Open cases',
    isFigure: true,
    text: ({ state }) => (state ? `${state.openCases} of ${state.stands}` : ''),
  },
  {
    key: 'role',
    title: 'You there',
    text: ({ role }) => roleWords[role].name.toLowerCase(),
  },
]
/** A phone shows what is to be done; the rest is a place away. */
const onPhone: readonly string[] = ['place', 'leaves', 'work', 'short']
const isNarrow = useNarrow()
const columns = computed(() =>
  isNarrow.value ? allColumns.filter(({ key }) => onPhone.includes(key)) : allColumns,
)
</script>

<template>
  <TrailLine :steps="[{ words: 'All places' }]" />
  <h1>All places</h1>
  <p class="faint-note">The palest leaves first. Open a place to work there.</p>
  <Skeleton v-if="overview.status.value === 'pending'" active :paragraph="{ rows: 8 }" />
  <EmptyState
    v-else-if="total === 0"
    title="No place yet"
    words="Add where you grow, or ask an owner for a link."
  />
  <template v-else>
    <DataTable
      class="above-12"
      label="All places"
      :columns="columns"
      :rows="rows"
      :row-key="({ placeId }) => placeId"
      :name-of="({ name }) => name"
    >
      <template #place="{ row }">
        <Button type="link" class="to-place" @click="goToPlace(row.placeId)">{{ row.name }}</Button>
      </template>
      <template #leaves="{ row }">
        <i
          v-if="leavesOf(row.state).paint"
          class="swatch"
          :style="{ background: leavesOf(row.state).paint }"
        />
        {{ leavesOf(row.state).words }}
      </template>
      <template #work="{ row }">
        <b v-if="row.state && row.state.overdue > 0" class="text-rust">{{
          workWords(row.state)
        }}</b>
        <template v-else>{{ workWords(row.state) }}</template>
      </template>
    </DataTable>
    <Pagination
      v-if="total > placesPerPage"
      v-model:current="page"
      class="above-16"
      :total="total"
      :page-size="placesPerPage"
      :show-size-changer="false"
      :show-total="(all) => `${all} places`"
    />
  </template>
  <ProblemNote :problem="overview.error.value" />
</template>

<style scoped>
.to-place {
  height: auto;
  padding: 0;
  white-space: normal;
  text-align: left;
}
.swatch {
  display: inline-block;
  width: 22px;
  height: 12px;
  margin-right: 6px;
  border-radius: 2px;
}
</style>
