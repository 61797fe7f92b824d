<script setup lang="ts">
import { estateRoutes } from '@spudder/contract/stand'
import { historyActs, historyKinds } from '@spudder/core/outcome/history'
import { Button, Skeleton } from 'ant-design-vue'
import { computed, ref } from 'vue'
import { useRouter } from 'vue-router'
import { ofPlace } from '../../api/of-place.ts'
import { usePlace } from '../../api/places.ts'
import { useRead } from '../../api/use-read.ts'
import { saveText } from '../../ui/save-file.ts'
import { useUndo } from '../../shared/history/use-undo.ts'
import TrailLine from '../../shared/shell/TrailLine.vue'
import ChoiceField from '../../ui/ChoiceField.vue'
import DayField from '../../ui/DayField.vue'
import EmptyState from '../../ui/EmptyState.vue'
import TextField from '../../ui/TextField.vue'
import HistoryLine from './HistoryLine.vue'
import { actWords, historyCsv, kindWords } from './history-lines.ts'
import { useHistory, wholeHistory, type HistoryFilter } from './use-history.ts'

/** Who did what, when and why: what was before, what is now, and back. */
const props = defineProps<{ standId?: string | undefined }>()
const { place } = usePlace()
const router = useRouter()
const system = computed(() => place.value?.unitSystem ?? 'us')
const filter = ref<HistoryFilter>({ ...wholeHistory, standId: props.standId ?? '' })
const set = (part: Partial<HistoryFilter>) => (filter.value = { ...filter.value, ...part })
function setStand(standId: string): void {
  set({ standId })
  void router.replace({ name: 'history', query: standId === '' ? {} : { stand: standId } })
}
const history = useHistory(() => place.value?.id, filter)
const { first, lines } = history
const stands = useRead(
  estateRoutes.names,
  ofPlace(() => place.value?.id),
)
const everything = { value: '', words: 'everything' }
const standOptions = computed(() => [
  { value: '', words: 'all stands and the place' },
  ...(stands.data.value ?? []).map(({ id, name }) => ({ value: id, words: name })),
])
const kindOptions = [
  everything,
  ...historyKinds.map((value) => ({ value, words: kindWords[value] })),
]
const actOptions = [everything, ...historyActs.map((value) => ({ value, words: actWords[value] }))]
const trail = computed(() => {
  const stand = standOptions.value.find(
    ({ value }) => value !== '' && value === filter.value.standId,
  )
  return stand
    ? [
        { words: stand.words, to: { name: 'stand', params: { standId: stand.value } } },
        { words: 'History' },
      ]
    : [{ words: 'History' }]
})

const isSaving = ref(false)
async function saveCsv(): Promise<void> {
  isSaving.value = true
  const all = await history.readAll()
  if (all) saveText('spudder-history.csv', 'text/csv', historyCsv(all, system.value))
  isSaving.value = false
}
const { takeBack, takeBackFile } = useUndo()
</script>

<template>
  <TrailLine :steps="trail" />
  <div class="lined wrapped items-baseline gap-16">
    <h1 class="grows">History</h1>
    <Button :loading="isSaving" @click="saveCsv">Save as CSV</Button>
  </div>
  <p class="faint-note">
    Nothing stored is ever lost: what was corrected, struck out or put away stands here as it was,
    and can be brought back.
  </p>
  <form class="filter above-12" aria-label="What is shown" @submit.prevent>
    <ChoiceField
      :model-value="filter.standId"
      label="Stand"
      :options="standOptions"
      @update:model-value="setStand"
    />
    <ChoiceField
      :model-value="filter.kind"
      label="What"
      :options="kindOptions"
      @update:model-value="set({ kind: $event })"
    />
    <ChoiceField
      :model-value="filter.act"
      label="Done with it"
      :options="actOptions"
      @update:model-value="set({ act: $event })"
    />
    <TextField
      :model-value="filter.by"
      label="Who"
      @update:model-value="set({ by: $event.trim() })"
    />
    <DayField :model-value="filter.from" label="From" @update:model-value="set({ from: $event })" />
    <DayField :model-value="filter.to" label="Until" @update:model-value="set({ to: $event })" />
  </form>
  <Skeleton v-if="first.status.value === 'pending'" active :paragraph="{ rows: 8 }" />
  <EmptyState
    v-else-if="lines.length === 0"
    title="Nothing fits"
    words="Widen the days, or choose everything."
  />
  <ol v-else class="lines plain-list" aria-label="What was done, the newest first">
    <HistoryLine
      v-for="line in lines"
      :key="line.id"
      :line="line"
      :system="system"
      @back="takeBack"
      @file-back="(kind, file) => takeBackFile(kind, { id: line.rowId, file })"
    />
  </ol>
  <Button v-if="history.before.value" :loading="history.isReading.value" @click="history.readOn"
    >Show what came before</Button
  >
</template>

<style scoped>
.grows {
  margin-right: auto;
}
.filter {
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(150px, 1fr));
  gap: 10px;
  align-items: start;
  padding-bottom: 12px;
  border-bottom: 1px solid var(--strong-line);
}
.lines {
  margin-bottom: 16px;
}
</style>
