<script setup lang="ts">
import { useMay } from '../../api/me.ts'
import LinkButton from '../../ui/LinkButton.vue'
import EmptyState from '../../ui/EmptyState.vue'
import DayField from '../../ui/DayField.vue'
import { useCurrency } from '../../shared/units/use-currency.ts'
import type { RecordLineDto } from '@spudder/contract/entry'
import { costByStand, recordCsv, recordTable } from '@spudder/core/outcome/record'
import { lineStart } from '@spudder/core/base/writing'
import { seasonOf } from '@spudder/core/soil/season'
import { Button } from 'ant-design-vue'
import { computed, ref, watch } from 'vue'
import { useRoute } from 'vue-router'
import { useStandNames } from '../../api/estate.ts'
import { usePlace } from '../../api/places.ts'
import {
  readWholeRecord,
  recordPageSize,
  useRecord,
  type RecordQuestion,
} from '../../api/record.ts'
import { useShelf } from '../../api/shelf.ts'
import { saveText } from '../../ui/save-file.ts'
import ChoiceField from '../../ui/ChoiceField.vue'
import ProblemNote from '../../ui/ProblemNote.vue'
import TextField from '../../ui/TextField.vue'
import { money } from '../../shared/units/money-words.ts'
import { today } from '../../shared/units/today.ts'
import { useSettled } from '../../shared/use-settled.ts'
import { saveXlsxTable } from '../../ui/table-files.ts'
import { daysRead, isStruckThrough, toRecordRow } from './record-rows.ts'
import RecordLines from './RecordLines.vue'
import { saveRecordPdf } from './record-pdf.ts'
import ShareRecord from './ShareRecord.vue'

const currency = useCurrency()
/** Everything that was put out, line by line: found again, and fit for an inspector. */
const { place } = usePlace()
const placeId = () => place.value?.id
const system = computed(() => place.value?.unitSystem ?? 'us')
const names = useStandNames(placeId)
const { may } = useMay()
/** Prices are the estate’s: who reads the record alone is shown none. */
const shelf = useShelf(() => (may('see') ? placeId() : undefined))

const season = seasonOf(today())
const { query } = useRoute()
const asked = ref({
  text: typeof query['text'] === 'string' ? query['text'] : '',
  from: '',
  to: '',
  standId: '',
})
const offset = ref(0)
watch(asked, () => (offset.value = 0), { deep: true })
/** Days that are half typed ask for nothing. */
const isWhole = (day: string) => day === '' || /^\d{4}-\d{2}-\d{2}$/.test(day)
const question = useSettled(
  () => ({ ...asked.value }),
  (now): RecordQuestion => ({
    ...now,
    from: isWhole(now.from) ? now.from : '',
    to: isWhole(now.to) ? now.to : '',
  }),
  { ...asked.value },
)
const record = useRecord(
  placeId,
  () => question.value,
  () => offset.value,
)
const page = computed(() => record.data.value)
const standOptions = computed(() => [
  { value: '', words: 'every stand' },
  ...(names.data.value ?? []).map(({ id, name }) => ({ value: id, words: name })),
])

const isSharing = ref(false)
const problem = ref<Error>()
const isBusy = ref(false)
const priceOf = (id: string) => {
  const product = shelf.data.value?.find((each) => each.id === id)
  return product?.packPrice && product.packKg ? product.packPrice / product.packKg : undefined
}
const costsOf = (all: readonly RecordLineDto[]) =>
  costByStand(
    all
      .filter((line) => !isStruckThrough(line))
      .map(({ standName, entry }) => ({
        stand: standName,
        productId: entry.productId ?? undefined,
        usedKg: entry.productKg,
      })),
    priceOf,
  )
async function withWhole(use: (all: RecordLineDto[]) => void | Promise<void>): Promise<void> {
  const id = placeId()
  if (id === undefined) return
  isBusy.value = true
  problem.value = undefined
  await readWholeRecord(id, question.value)
    .then(use)
    .catch((error: unknown) => {
      problem.value = error instanceof Error ? error : new Error(String(error))
    })
  isBusy.value = false
}
const saveCsv = () =>
  withWhole((all) => saveText('spudder-record.csv', 'text/csv', recordCsv(all.map(toRecordRow))))
const saveXlsx = () =>
  withWhole((all) => {
    const { heads, rows } = recordTable(all.map(toRecordRow))
    const cells = rows.map((row) =>
      row.map((cell) => (typeof cell === 'boolean' ? (cell ? 'yes' : 'no') : cell)),
    )
    return saveXlsxTable({ name: 'spudder-record', heads, rows: cells })
  })
const about = computed(() => {
  const { text, from, to } = question.value
  const days = lineStart(daysRead(from, to))
  return text === '' ? `${days}.` : `${days}; lines with “${text}”.`
})
const savePdf = () =>
  withWhole((all) =>
    saveRecordPdf(
      {
        placeName: place.value?.name ?? '',
        about: about.value,
        lines: all,
        costs: { stands: costsOf(all), currency: currency.value },
        system: system.value,
        printedOn: today(),
      },
      'with photos',
    ),
  )
const costs = ref<ReturnType<typeof costByStand>>()
const showCosts = () => withWhole((all) => void (costs.value = costsOf(all)))
const thisSeason = () =>
  Object.assign(asked.value, { from: `${season}-01-01`, to: `${season}-12-31` })
</script>

<template>
  <section class="record stack gap-10">
    <div class="head lined wrapped items-center inside-4">
      <h1>Record</h1>
      <div class="tools lined wrapped gap-8">
        <Button :loading="isBusy" @click="saveCsv">CSV</Button>
        <Button :loading="isBusy" @click="saveXlsx">XLSX</Button>
        <Button :loading="isBusy" @click="savePdf">PDF for the inspector</Button>
        <Button v-if="may('plan')" @click="isSharing = true">Share by a link</Button>
        <Button v-if="may('see')" type="text" :loading="isBusy" @click="showCosts"
          >Cost by stand</Button
        >
      </div>
    </div>
    <form class="search stack gap-10 items-start" role="search" @submit.prevent>
      <TextField
        v-model="asked.text"
        label="Find"
        hint="words that stand in it: product, lot, who, note"
      />
      <DayField v-model="asked.from" label="From" />
      <DayField v-model="asked.to" label="Until" />
      <ChoiceField v-model="asked.standId" label="Stand" :options="standOptions" />
      <Button @click="thisSeason">This season</Button>
    </form>
    <ProblemNote :problem="record.error.value ?? problem" />
    <section v-if="costs" class="costs stack gap-4" aria-label="Cost by stand">
      <h2>Products, of what is found</h2>
      <p v-for="each in costs" :key="each.stand">
        {{ each.stand }}: <b>{{ money(each.money, currency) }}</b>
        <span v-if="each.unpriced > 0" class="part text-small text-slate">
          and {{ each.unpriced }} {{ each.unpriced === 1 ? 'use' : 'uses' }} without a price on the
          shelf</span
        >
      </p>
    </section>
    <p v-if="page" class="part text-small text-slate" role="status">
      {{
        page.total === 0
          ? 'Nothing is found.'
          : `${page.total} ${page.total === 1 ? 'line' : 'lines'}, the newest first`
      }}
    </p>
    <RecordLines v-if="page" :lines="page.lines" :system="system" :can-open-stands="may('see')" />
    <ShareRecord
      v-if="place && isSharing"
      :place="place"
      :stands="names.data.value ?? []"
      :question="question"
      @close="isSharing = false"
    />
    <div v-if="page && page.total > recordPageSize" class="pages lined gap-12 items-center">
      <Button :disabled="offset === 0" @click="offset -= recordPageSize">Newer</Button>
      <span class="part text-small text-slate"
        >{{ offset + 1 }}-{{ Math.min(page.total, offset + recordPageSize) }} of
        {{ page.total }}</span
      >
      <Button :disabled="offset + recordPageSize >= page.total" @click="offset += recordPageSize"
        >Older</Button
      >
    </div>
    <EmptyState
      v-if="page?.total === 0 && question.text === ''"
      title="No line here yet"
      words="Open a job's sheet, do the work, and record it there in two taps; it is kept on your phone until there is signal, and stands here then."
      ><LinkButton :to="{ name: 'dates' }">To the dates</LinkButton></EmptyState
    >
  </section>
</template>

<style scoped>
.record {
  max-width: 1060px;
}
.head {
  gap: 10px 18px;
}
.tools {
  margin-left: auto;
}
.search {
  grid-template-columns: minmax(220px, 2fr) 150px 150px minmax(150px, 1fr) auto;
}
.search > :deep(.ant-btn) {
  margin-top: 22px;
}
.costs {
  padding: 10px 14px;
  background: var(--sunken);
}
.part {
  display: block;
}
.costs .part,
.pages .part {
  display: inline;
}
@media (width < 700px) {
  .search {
    grid-template-columns: 1fr 1fr;
  }
  .search > :first-child {
    grid-column: 1 / -1;
  }
}
</style>
