<script setup lang="ts">
import { tableMostMB } from '@spudder/contract/route'
import type { Column } from '../../ui/table-columns.ts'
import DataTable from '../../ui/DataTable.vue'
import ProgressBar from '../../ui/ProgressBar.vue'
import { laboratoryRoutes } from '@spudder/contract/laboratory'
import { useChange } from '../../api/use-change.ts'
import { CreateImportDto } from '@spudder/contract/laboratory'
import { columnUnits, type ResultColumn } from '@spudder/core/seen/laboratory'
import { dayOrderNames, dayOrders } from '@spudder/core/base/table'
import { readingKindNames, readingKinds, type ReadingKind } from '@spudder/core/seen/reading'
import { Button } from 'ant-design-vue'
import { computed, nextTick, ref, useTemplateRef } from 'vue'
import { useStandNames } from '../../api/estate.ts'
import { useStandCase } from '../../shared/case/stand-case.ts'
import ChoiceField from '../../ui/ChoiceField.vue'
import { fileText } from '../../shared/file/file-text.ts'
import FileButton from '../../ui/FileButton.vue'
import ProblemNote from '../../ui/ProblemNote.vue'
import TextField from '../../ui/TextField.vue'
import { useChecked } from '../../shared/form/use-checked.ts'
import LaboratoryFound from './LaboratoryFound.vue'
import { useFileReading } from './use-file-reading.ts'

const { place, stand } = useStandCase()
const names = useStandNames(() => place.value?.id)
const stands = computed(() => {
  const all = names.data.value ?? []
  return all.length > 0 || !stand.value ? all : [{ id: stand.value.id, name: stand.value.name }]
})
const reading = useFileReading(
  () => place.value?.settings.laboratories ?? [],
  () => stands.value,
)
const { map, file, readings, errors, rowsRead, rowCount, isWhole, isOrderOpen, samples } = reading
const store = useChange(laboratoryRoutes.importResults, { told: 'beside' })
const { checked } = useChecked(CreateImportDto, () => store.error.value)
const importId = ref(crypto.randomUUID() as string)
const stored = ref('')
const section = useTemplateRef<HTMLElement>('section')

/** @param laboratory whose file it is, where that is known */
function open(name: string, text: string, laboratory = ''): void {
  stored.value = ''
  importId.value = crypto.randomUUID()
  reading.open(name, text, laboratory)
  void nextTick(() => section.value?.scrollIntoView({ block: 'nearest', behavior: 'smooth' }))
}
defineExpose({ open })

async function openFile([first]: readonly File[]): Promise<void> {
  if (first) open(first.name, await fileText(first))
}

const columnOptions = computed(() =>
  (file.value?.header ?? [])
    .filter((name) => name !== '')
    .map((value) => ({ value, words: value })),
)
const placeOptions = computed(() => [{ value: '', words: 'none' }, ...columnOptions.value])
const orderOptions = dayOrderNames.map((value) => ({ value, words: dayOrders[value] }))
const kindOptions = [
  { value: '', words: 'leave out' },
  ...readingKindNames.map((value) => ({ value, words: readingKinds[value].label })),
]
const resultHeadings = computed(() => {
  const { dayColumn, sampleColumn, placeColumn } = map.value ?? {}
  return (file.value?.header ?? []).filter(
    (name) => name !== '' && ![dayColumn, sampleColumn, placeColumn].includes(name),
  )
})
const columnOf = (heading: string): ResultColumn | undefined =>
  map.value?.columns.find(({ column }) => column === heading)
const unitOptions = (kind: ReadingKind) =>
  columnUnits(kind).map(({ unit }) => ({ value: unit, words: unit === '' ? 'no unit' : unit }))

function setKind(heading: string, kind: string): void {
  const others = (map.value?.columns ?? []).filter(({ column }) => column !== heading)
  const unit = kind === '' ? '' : (columnUnits(kind as ReadingKind)[0]?.unit ?? '')
  const own = kind === '' ? [] : [{ column: heading, kind: kind as ReadingKind, unit }]
  reading.change({ columns: [...others, ...own] })
}
function setUnit(heading: string, unit: string): void {
  const columns = (map.value?.columns ?? []).map((each) =>
    each.column === heading ? { ...each, unit } : each,
  )
  reading.change({ columns })
}
const standOptions = computed(() => [
  { value: '?', words: 'which stand?' },
  { value: '', words: 'none of ours: leave out' },
  ...stands.value.map((each) => ({ value: each.id, words: each.name })),
])
function setStand(sample: string, standId: string): void {
  const { [sample]: _before, ...others } = map.value?.stands ?? {}
  reading.change({ stands: standId === '?' ? others : { ...others, [sample]: standId } })
}

const progress = computed(() => (rowCount.value === 0 ? 0 : rowsRead.value / rowCount.value))

async function save(): Promise<void> {
  if (!place.value || !map.value) return
  const { fileName, csv } = reading
  const dto = checked({
    id: importId.value,
    fileName: fileName.value,
    csv: csv.value,
    map: map.value,
  })
  if (!dto) return
  const done = await store.send({ placeId: place.value.id, dto })
  if (!done) return
  stored.value = `${done.readingCount} readings of ${done.fileName} were stored.`
  reading.forget()
}
const headingRows = computed(() => resultHeadings.value.map((heading) => ({ heading })))
const sampleRows = computed(() => samples.value.slice(0, 60).map((sample) => ({ sample })))
const headingColumns: readonly Column<{ heading: string }>[] = [
  { key: 'heading', title: 'Column', isHead: true, text: ({ heading }) => heading },
  { key: 'holds', title: 'holds' },
  { key: 'in', title: 'in' },
]
const sampleColumns: readonly Column<{ sample: string }>[] = [
  { key: 'sample', title: 'Sample', isHead: true, text: ({ sample }) => sample },
  { key: 'stand', title: 'is of' },
]
</script>

<template>
  <section ref="section" class="stack gap-12" aria-label="Laboratory file">
    <div class="head">
      <h2 class="minor">A laboratory’s file</h2>
      <FileButton
        accept=".csv,.txt,text/csv"
        :most-megabytes="tableMostMB"
        words="Open a CSV file"
        @files="openFile"
      />
    </div>
    <p v-if="reading.problem.value" class="stop" role="alert">{{ reading.problem.value }}</p>
    <p v-if="stored" class="done text-strong" role="status">{{ stored }}</p>

    <template v-if="file && map">
      <div class="fields stack">
        <TextField
          :model-value="map.laboratory"
          label="laboratory"
          @update:model-value="reading.change({ laboratory: $event })"
        />
        <ChoiceField
          :model-value="map.dayColumn"
          label="day stands in"
          :options="columnOptions"
          @update:model-value="reading.change({ dayColumn: $event })"
        />
        <ChoiceField
          :model-value="map.dayOrder"
          label="written"
          :options="orderOptions"
          :message="
            isOrderOpen ? 'These days could be read two ways: check which is meant.' : undefined
          "
          @update:model-value="reading.change({ dayOrder: $event })"
        />
        <ChoiceField
          :model-value="map.sampleColumn"
          label="sample stands in"
          :options="columnOptions"
          @update:model-value="reading.change({ sampleColumn: $event })"
        />
        <ChoiceField
          :model-value="map.placeColumn"
          label="sick or healthy stands in"
          :options="placeOptions"
          @update:model-value="reading.change({ placeColumn: $event })"
        />
      </div>
      <div class="two stack gap-24">
        <div class="scroll">
          <DataTable
            label="Columns of the file"
            :columns="headingColumns"
            :rows="headingRows"
            :row-key="(row) => row.heading"
          >
            <template #holds="{ row: { heading } }">
              <ChoiceField
                :model-value="columnOf(heading)?.kind ?? ''"
                :label="`${heading} holds`"
                is-label-hidden
                :options="kindOptions"
                @update:model-value="(kind) => setKind(heading, kind)"
              />
            </template>
            <template #in="{ row: { heading } }">
              <ChoiceField
                v-if="columnOf(heading)"
                :model-value="columnOf(heading)?.unit ?? ''"
                :label="`${heading} is in`"
                is-label-hidden
                :options="unitOptions(columnOf(heading)?.kind ?? 'pH')"
                @update:model-value="(unit) => setUnit(heading, unit)"
              />
            </template>
          </DataTable>
        </div>
        <div class="scroll">
          <DataTable
            label="Samples of the file"
            :columns="sampleColumns"
            :rows="sampleRows"
            :row-key="(row) => row.sample"
          >
            <template #stand="{ row: { sample } }">
              <ChoiceField
                :model-value="map.stands[sample] ?? '?'"
                :label="`${sample} is of`"
                is-label-hidden
                :options="standOptions"
                @update:model-value="(standId) => setStand(sample, standId)"
              />
            </template>
          </DataTable>
        </div>
      </div>
      <div class="progress" aria-live="polite">
        <ProgressBar :share="progress" :label="`Rows read: ${rowsRead} of ${rowCount}`" />
        <span>{{ rowsRead }} of {{ rowCount }} rows read</span>
      </div>
      <template v-if="isWhole">
        <LaboratoryFound :readings="readings" :errors="errors" :stands="stands" />
        <div class="bar">
          <Button
            type="primary"
            :disabled="errors.length > 0 || readings.length === 0"
            :loading="store.isLoading.value"
            @click="save"
          >
            Save all {{ readings.length }} readings
          </Button>
          <Button @click="reading.forget">Leave it</Button>
        </div>
      </template>
      <ProblemNote :problem="store.error.value" />
    </template>
    <p v-else-if="!stored" class="faint-note">
      Any table with a line of headings, a day and a sample name. Columns are guessed, you correct
      them once, and they are remembered for the laboratory.
    </p>
  </section>
</template>

<style scoped>
.head,
.bar,
.progress {
  display: flex;
  gap: 14px;
  align-items: center;
  flex-wrap: wrap;
}
.fields {
  grid-template-columns: repeat(auto-fill, minmax(160px, 1fr));
  gap: 10px 12px;
}
.two {
  grid-template-columns: 3fr 2fr;
}
.scroll {
  max-height: 330px;
  overflow: auto;
}
@media (width < 700px) {
  .two {
    grid-template-columns: minmax(0, 1fr);
  }
}
</style>
