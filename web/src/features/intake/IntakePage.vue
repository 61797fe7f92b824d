<script setup lang="ts">
import { tableMostMB } from '@spudder/contract/route'
import { estateRoutes } from '@spudder/contract/stand'
import { dayOrderNames, dayOrders } from '@spudder/core/base/table'
import { intakeFields, type IntakeKind } from '@spudder/core/outcome/intake'
import { Button } from 'ant-design-vue'
import { computed } from 'vue'
import { ofPlace } from '../../api/of-place.ts'
import { usePlace } from '../../api/places.ts'
import { useShelf } from '../../api/shelf.ts'
import { useRead } from '../../api/use-read.ts'
import { tableFiles } from '../../shared/file/table-text.ts'
import TrailLine from '../../shared/shell/TrailLine.vue'
import { today } from '../../shared/units/today.ts'
import ChipChoice from '../../ui/ChipChoice.vue'
import ChoiceField from '../../ui/ChoiceField.vue'
import DataTable from '../../ui/DataTable.vue'
import FileButton from '../../ui/FileButton.vue'
import ProblemNote from '../../ui/ProblemNote.vue'
import ProgressBar from '../../ui/ProgressBar.vue'
import type { Column } from '../../ui/table-columns.ts'
import { useIntake } from './use-intake.ts'

/** A spreadsheet of what was kept elsewhere until now: its columns named, looked over, taken in whole. */
const { place } = usePlace()
const stands = useRead(
  estateRoutes.stands,
  ofPlace(
    () => place.value?.id,
    () => ({ query: { from: today() } }),
  ),
)
const { data: products } = useShelf(() => place.value?.id)
const intake = useIntake(
  () => place.value?.id,
  () => ({
    stands: (stands.data.value ?? []).map(({ stand }) => stand),
    products: products.value ?? [],
    latest: today(),
  }),
)
const { kind, table, map, dayOrder, errors, count, missing, progress } = intake
const kindOptions = [
  { value: 'stands', words: 'stands' },
  { value: 'treatments', words: 'past treatments' },
  { value: 'readings', words: 'readings' },
  { value: 'looks', words: 'looks' },
] as const
const fields = computed(() => intakeFields[kind.value])
const columnOptions = computed(() => [
  { value: '', words: 'not in the file' },
  ...(table.value?.header ?? [])
    .filter((heading) => heading !== '')
    .map((heading) => ({ value: heading, words: heading })),
])
const orderOptions = dayOrderNames.map((value) => ({ value, words: dayOrders[value] }))
interface FileRow {
  readonly line: number
  readonly cells: readonly string[]
}
const shown = computed((): FileRow[] =>
  (table.value?.rows ?? [])
    .slice(0, 6)
    .map((cells, at) => ({ line: table.value?.lines[at] ?? at, cells })),
)
const fileColumns = computed((): Column<FileRow>[] =>
  (table.value?.header ?? []).map((title, at) => ({
    key: String(at),
    title,
    text: ({ cells }) => cells[at] ?? '',
  })),
)
const wordsOf = (isNeeded: boolean) =>
  fields.value
    .filter((field) => field.isNeeded === isNeeded)
    .map(({ label }) => label.toLowerCase())
    .join(', ')
const neededWords = computed(() => wordsOf(true))
const otherWords = computed(() => wordsOf(false))
const errorsShown = 12
const isReady = computed(
  () => count.value > 0 && errors.value.length === 0 && progress.value === undefined,
)
</script>

<template>
  <TrailLine :steps="[{ words: 'Take in a spreadsheet' }]" />
  <h1>Take in a spreadsheet</h1>
  <p class="faint-note">
    What you kept elsewhere until now, as CSV or XLSX. All of a file comes in, or nothing; each row
    keeps the line it came from.
  </p>
  <div class="stack gap-16 above-12">
    <ChipChoice
      :model-value="kind"
      label="What does it hold?"
      :options="kindOptions"
      @update:model-value="intake.choose(($event ?? 'treatments') as IntakeKind)"
    />
    <div class="lined wrapped gap-12 items-center">
      <FileButton
        :accept="tableFiles"
        :most-megabytes="tableMostMB"
        words="Choose the file"
        @files="intake.open"
      />
      <span v-if="intake.fileName.value && table" class="text-slate"
        >{{ intake.fileName.value }}: {{ table.rows.length }} rows</span
      >
    </div>
    <p v-if="intake.problem.value" class="stop" role="alert">{{ intake.problem.value }}</p>
    <p v-if="intake.stored.value" role="status" class="text-strong">
      {{ intake.stored.value }}
      <RouterLink :to="{ name: kind === 'treatments' ? 'record' : 'estate' }"
        >Look at them</RouterLink
      >
    </p>
    <p v-if="!table" class="faint-note">
      It needs columns for {{ neededWords }}. It may have {{ otherWords }}. Other columns are passed
      over; you say which is which once the file is open.
    </p>
    <template v-if="table">
      <section class="stack gap-8">
        <h2>Which column is what</h2>
        <div class="columns">
          <ChoiceField
            v-for="field in fields"
            :key="field.name"
            :model-value="map[field.name] ?? ''"
            :label="field.label"
            :hint="field.isNeeded ? `needed, as ${field.example}` : `as ${field.example}`"
            :options="columnOptions"
            @update:model-value="intake.setColumn(field.name, $event)"
          />
          <ChoiceField
            v-if="kind !== 'stands'"
            :model-value="dayOrder"
            label="Days are written"
            :hint="intake.isUnsure.value ? 'could be either: say which' : undefined"
            :options="orderOptions"
            @update:model-value="intake.setDayOrder"
          />
        </div>
        <p v-if="missing.length > 0" class="stop">
          Say which column is {{ missing.map(({ label }) => label).join(', ') }}.
        </p>
      </section>
      <DataTable
        label="The first rows of the file"
        :columns="fileColumns"
        :rows="shown"
        :row-key="({ line }) => String(line)"
      />
      <ProgressBar
        v-if="progress !== undefined"
        :share="progress"
        :label="intake.take.isLoading.value ? 'Taking it in' : 'Reading it'"
      />
      <section v-if="errors.length > 0" class="stop stack gap-4" role="alert">
        <p>
          <b>{{ errors.length === 1 ? 'One cell' : `${errors.length} cells` }} cannot be read.</b>
          Mend the file and choose it again; nothing is stored until all of it can be read.
        </p>
        <ul class="plain-list text-small">
          <li v-for="error in errors.slice(0, errorsShown)" :key="`${error.line}${error.column}`">
            Line {{ error.line }}, {{ error.column }}: {{ error.message }}
          </li>
        </ul>
      </section>
      <ProblemNote :problem="intake.take.error.value" />
      <div>
        <Button
          type="primary"
          size="large"
          :disabled="!isReady"
          :loading="intake.take.isLoading.value"
          @click="intake.store"
          >Take in {{ count }} rows</Button
        >
      </div>
    </template>
  </div>
</template>

<style scoped>
.columns {
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(190px, 1fr));
  gap: 10px;
  align-items: start;
}
</style>
