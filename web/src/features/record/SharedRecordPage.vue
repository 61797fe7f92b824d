<script setup lang="ts">
import type { RecordLineDto } from '@spudder/contract/entry'
import { recordLinkRoutes } from '@spudder/contract/record-link'
import { recordCsv } from '@spudder/core/outcome/record'
import { Button, Skeleton } from 'ant-design-vue'
import { computed, ref } from 'vue'
import { call } from '../../api/call.ts'
import { readToEnd } from '../../api/read-to-end.ts'
import { recordPageSize } from '../../api/record.ts'
import { useReadOn } from '../../api/use-read.ts'
import OutsideFrame from '../../shared/shell/OutsideFrame.vue'
import { dayWords, today } from '../../shared/units/today.ts'
import ProblemNote from '../../ui/ProblemNote.vue'
import { saveText } from '../../ui/save-file.ts'
import { saveRecordPdf } from './record-pdf.ts'
import { daysRead, toRecordRow } from './record-rows.ts'
import RecordLines from './RecordLines.vue'

/** A part of the record, for whoever was given a link to it: read, and saved. */
const props = defineProps<{ token: string }>()
const offset = ref(0)
const read = useReadOn(recordLinkRoutes.shared, () => ({
  token: props.token,
  query: { offset: offset.value, limit: recordPageSize },
}))
const shared = computed(() => read.data.value)
const about = computed(() => {
  if (!shared.value) return ''
  const { standName, from, to } = shared.value
  return `${standName ?? 'Every stand'}, ${daysRead(from ?? '', to ?? '')}`
})

const isBusy = ref(false)
const problem = ref<Error>()
const atOnce = 500
async function withWhole(use: (all: RecordLineDto[]) => void | Promise<void>): Promise<void> {
  isBusy.value = true
  problem.value = undefined
  await readToEnd(async (from) => {
    const asked = { token: props.token, query: { offset: from, limit: atOnce } }
    const { total, lines } = (await call(recordLinkRoutes.shared, asked)).page
    return { total, rows: lines }
  })
    .then(use)
    .catch((error: unknown) => {
      problem.value = error instanceof Error ? error : new Error(String(error))
    })
  isBusy.value = false
}
const saveCsv = () =>
  withWhole((all) => saveText('spudder-record.csv', 'text/csv', recordCsv(all.map(toRecordRow))))
const savePdf = () =>
  withWhole((lines) =>
    saveRecordPdf(
      {
        placeName: shared.value?.placeName ?? '',
        about: `${about.value}.`,
        lines,
        costs: undefined,
        system: shared.value?.unitSystem ?? 'us',
        printedOn: today(),
      },
      // Photos are of the estate; the link leads to the lines alone.
      'without photos',
    ),
  )
</script>

<template>
  <OutsideFrame
    is-wide
    :title="shared ? `${shared.placeName}: record of applications` : 'A record of applications'"
  >
    <ProblemNote :problem="read.error.value ?? problem" />
    <Skeleton v-if="read.status.value === 'pending'" active />
    <template v-if="shared">
      <p>
        {{ about }}. Shared by {{ shared.sharedBy }}; this link opens until
        {{ dayWords(shared.expiresOn) }}.
      </p>
      <div class="lined wrapped gap-8 items-center">
        <Button :loading="isBusy" @click="saveCsv">CSV</Button>
        <Button :loading="isBusy" @click="savePdf">PDF</Button>
        <span class="text-small text-slate" role="status">
          {{
            shared.page.total === 0
              ? 'Nothing was recorded.'
              : `${shared.page.total} ${shared.page.total === 1 ? 'line' : 'lines'}, the newest first`
          }}
        </span>
      </div>
      <RecordLines
        :lines="shared.page.lines"
        :system="shared.unitSystem"
        :can-open-stands="false"
      />
      <div v-if="shared.page.total > recordPageSize" class="lined gap-12 items-center">
        <Button :disabled="offset === 0" @click="offset -= recordPageSize">Newer</Button>
        <Button
          :disabled="offset + recordPageSize >= shared.page.total"
          @click="offset += recordPageSize"
          >Older</Button
        >
      </div>
      <p class="faint-note">
        A record is never changed: a correction is a line of its own that names the one it corrects.
      </p>
    </template>
  </OutsideFrame>
</template>
