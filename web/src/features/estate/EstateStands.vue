<script setup lang="ts">
import type { PlaceDto } from '@spudder/contract/place'
import { Checkbox, Skeleton } from 'ant-design-vue'
import { computed, defineAsyncComponent, ref } from 'vue'
import ProblemNote from '../../ui/ProblemNote.vue'
import EstateFilter from './EstateFilter.vue'
import EstateTable from './EstateTable.vue'
import { wantedStands } from './estate-list.ts'
import { useEstateFilter } from './use-estate-filter.ts'
import { useEstateList } from './use-estate-list.ts'

/** The stands that are wanted, as a table or on a map. */
const props = defineProps<{ place: PlaceDto; view: 'table' | 'map' }>()
const EstateMap = defineAsyncComponent(() => import('./EstateMap.vue'))
const isArchived = ref(false)
const { stands, rows, status, error } = useEstateList(
  () => props.place,
  () => isArchived.value,
)
const store = useEstateFilter()
const wanted = computed(() => wantedStands(stands.value, store.filter))
</script>

<template>
  <EstateFilter :stands="stands" />
  <ProblemNote :problem="error" />
  <Skeleton v-if="status === 'pending'" active :paragraph="{ rows: 8 }" />
  <EstateTable
    v-else-if="view === 'table'"
    :stands="wanted"
    :place-id="place.id"
    :is-archived="isArchived"
  />
  <EstateMap v-else :stands="wanted" :rows="rows ?? []" :system="place.unitSystem" />
  <Checkbox v-if="view === 'table'" v-model:checked="isArchived" class="archived"
    >Archived stands</Checkbox
  >
</template>

<style scoped>
.archived {
  margin-top: 12px;
}
</style>
