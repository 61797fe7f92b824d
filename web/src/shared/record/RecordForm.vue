<script setup lang="ts">
import { photoMostMB } from '@spudder/contract/route'
import FoldBox from '../../ui/FoldBox.vue'
import DayField from '../../ui/DayField.vue'
import { CreateEntryDto } from '@spudder/contract/entry'
import type { JobDto } from '@spudder/contract/job'
import type { UnitSystem } from '@spudder/core/base/quantity'
import { weatherFrom } from '@spudder/core/days/weather'
import { Button } from 'ant-design-vue'
import { computed, ref } from 'vue'
import { isWorthAnother } from '../../api/api-problem.ts'
import { useRecordEntry } from '../../offline/use-record-entry.ts'
import { useOutbox, type Outgoing } from '../../offline/outbox.ts'
import type { RecordPhoto } from '../../offline/send-record.ts'
import { useMe } from '../../api/me.ts'
import { useShelf } from '../../api/shelf.ts'
import { useStory } from '../../api/stands.ts'
import ChoiceField from '../../ui/ChoiceField.vue'
import EntryQuestions from './EntryQuestions.vue'
import { entryQuestions } from './entry-questions.ts'
import FileButton from '../../ui/FileButton.vue'
import { useKept } from '../form/kept.ts'
import ProblemNote from '../../ui/ProblemNote.vue'
import QuantityField from '../../ui/QuantityField.vue'
import TextField from '../../ui/TextField.vue'
import { useChecked } from '../form/use-checked.ts'
import { underWaySince } from '../hands/hands.ts'
import { recordRequest } from './record-request.ts'
import {
  freshRecord,
  plannedWords,
  rememberWorker,
  type Planned,
  type RecordDraft,
} from './record-draft.ts'

/**
 * What was really done for a job: all as planned until somebody says otherwise, so that it is two taps
 * from the sheet. Without signal it is kept on the device and goes out by itself.
 */
const props = defineProps<{ job: JobDto; planned: Planned; system: UnitSystem }>()
const emit = defineEmits<{ stored: [isSent: boolean] }>()
const record = useRecordEntry()
const outbox = useOutbox()
const { checked, messageFor } = useChecked(CreateEntryDto, () => record.error.value)

const { planned } = props
const by = weatherFrom[props.system]
const plannedText = plannedWords(planned, props.system)
const { me } = useMe()
const own = computed(
  () => me.value && { number: me.value.licenceNumber, until: me.value.licenceExpiresOn },
)
const {
  value: draft,
  forget,
  failed,
} = useKept(`entry:${props.job.id}`, () =>
  freshRecord(planned, props.system, {
    licence: own.value?.number ?? '',
    since: underWaySince(props.job, me.value),
  }),
)
const productKg = ref<number>()
const waterL = ref<number>()
const photos = ref<RecordPhoto[]>([])
const takePhotos = (files: readonly File[]) =>
  photos.value.push(
    ...files.map((file) => ({
      id: crypto.randomUUID() as string,
      fileName: file.name.slice(-150),
      file,
    })),
  )
const { data: story } = useStory(() => props.job.standId)
const { data: products } = useShelf(() => story.value?.stand.placeId)
const onShelf = computed(() => (products.value ?? []).filter(({ isRetired }) => !isRetired))
const otherOptions = computed(() => [
  { value: '', words: `${planned.name}, as planned` },
  ...onShelf.value
    .filter(({ id }) => id !== planned.productId)
    .map(({ id, name }) => ({ value: id, words: name })),
])
/** Asked where what goes out is for licensed applicators alone. */
const isLicensed = computed(() => {
  const usedId = draft.value.otherId || planned.productId
  return onShelf.value.find(({ id }) => id === usedId)?.applicator === 'licensed'
})
/** What is odd about it, asked before it is stored. */
const questions = ref<readonly string[]>([])
const waiting = computed(() => outbox.items.find(({ jobId }) => jobId === props.job.id))
/** A record that was refused, opened again to be put right; it stays kept until it is stored. */
const isCorrecting = ref(false)
function correct(item: Outgoing): void {
  draft.value = { ...draft.value, ...(item.typed as Partial<RecordDraft>), id: item.dto.id }
  photos.value = [...item.photos]
  isCorrecting.value = true
}

const requestOf = () =>
  recordRequest(draft.value, {
    planned,
    plannedText,
    system: props.system,
    productKg: productKg.value,
    waterL: waterL.value,
    isLicensed: isLicensed.value,
  })

async function keepHere(dto: CreateEntryDto): Promise<void> {
  const item: Outgoing = {
    jobId: props.job.id,
    standId: props.job.standId,
    title: props.job.title,
    dto,
    photos: photos.value,
    typed: { ...draft.value },
    keptAt: new Date().toISOString(),
  }
  await outbox.keep(item)
  isCorrecting.value = false
  forget()
  emit('stored', false)
}

function ask(): void {
  const dto = checked(requestOf())
  if (!dto) return
  const { job } = props
  const [known, products] = [story.value, onShelf.value]
  const context = { job, planned, story: known, products, own: own.value }
  questions.value = entryQuestions(dto, context, props.system)
  if (questions.value.length === 0) void store(dto)
}
function storeAnyway(): void {
  questions.value = []
  const dto = checked(requestOf())
  if (dto) void store(dto)
}

async function store(dto: CreateEntryDto): Promise<void> {
  rememberWorker(draft.value.worker)
  const item = { jobId: props.job.id, standId: props.job.standId, dto, photos: photos.value }
  try {
    await record.mutateAsync(item)
    if (waiting.value) await outbox.forget(waiting.value.dto.id)
    isCorrecting.value = false
    forget()
    emit('stored', true)
  } catch (error) {
    if (isWorthAnother(error)) await keepHere(dto)
    else failed(error)
  }
}
</script>

<template>
  <p v-if="waiting && !isCorrecting" class="waiting" role="status">
    <template v-if="waiting.problem === undefined">
      Recorded on this device; it goes out by itself when the signal is back.
    </template>
    <template v-else>
      It was not stored: {{ waiting.problem }}
      <Button type="link" size="small" @click="correct(waiting)">Put it right</Button>
    </template>
  </p>
  <form v-else class="record stack gap-10 ruled inside-12" @submit.prevent="ask">
    <h3>Done? What really went out</h3>
    <div class="fields stack halves items-start gap-10">
      <DayField v-model="draft.happenedOn" label="Done on" :message="messageFor('happenedOn')" />
      <div class="stack halves gap-8">
        <TextField
          v-model="draft.startedAt"
          label="Begun at"
          placeholder="06:30"
          :message="messageFor('startedAt')"
        />
        <TextField v-model="draft.endedAt" label="Ended at" :message="messageFor('endedAt')" />
      </div>
      <QuantityField
        v-model="draft.product"
        label="Product used"
        dimension="mass"
        unit="kg"
        :hint="`planned ${plannedText.product}`"
        :message="messageFor('productKg')"
        @value="productKg = $event"
      />
      <QuantityField
        v-if="planned.waterL > 0"
        v-model="draft.water"
        label="Water used"
        dimension="volume"
        unit="L"
        :hint="`planned ${plannedText.water}`"
        :message="messageFor('waterL')"
        @value="waterL = $event"
      />
      <TextField v-model="draft.worker" label="Who did it" :message="messageFor('worker')" />
      <TextField v-model="draft.lot" label="Lot" hint="on the bag" :message="messageFor('lot')" />
      <TextField
        v-if="isLicensed"
        v-model="draft.licence"
        label="Applicator’s licence"
        hint="by its label or local law, for licensed applicators alone"
        :message="messageFor('licence')"
      />
      <ChoiceField
        v-if="otherOptions.length > 1"
        v-model="draft.otherId"
        label="What went out"
        :options="otherOptions"
        :message="messageFor('productId')"
      />
    </div>
    <FoldBox class="more"
      ><template #head>
        Equipment, water, weather, re-entry{{ planned.partners.length > 0 ? ', partners' : '' }}
      </template>
      <div class="fields stack halves items-start gap-10">
        <TextField v-model="draft.equipment" label="Equipment" :message="messageFor('equipment')" />
        <TextField
          v-if="planned.waterL > 0"
          v-model="draft.waterSource"
          label="Water from"
          :message="messageFor('waterSource')"
        />
        <TextField
          v-model="draft.temperature"
          :label="`Air, ${by.degrees}`"
          inputmode="decimal"
          hint="empty: as your station or the practice weather has it, if either is here"
          :message="messageFor('weather.temperatureC')"
        />
        <TextField
          v-model="draft.wind"
          :label="`Wind, ${by.speed}`"
          inputmode="decimal"
          :message="messageFor('weather.windMPerS')"
        />
        <TextField
          v-model="draft.reEntry"
          label="Nobody in again for, h"
          inputmode="decimal"
          hint="by the label"
          :message="messageFor('reEntryH')"
        />
      </div>
      <p v-if="planned.partners.length > 0" class="text-slate text-small inside-6">
        With {{ planned.partners.map(({ name, dose }) => `${name} ${dose}`.trim()).join(', ') }}.
      </p>
    </FoldBox>
    <TextField
      v-model="draft.note"
      label="Note"
      hint="who helped, what was odd"
      :message="messageFor('note')"
    />
    <FileButton
      accept="image/jpeg,image/png"
      :most-megabytes="photoMostMB"
      :words="photos.length > 0 ? `${photos.length} photos with it; add more` : 'Add a photo'"
      is-multiple
      @files="takePhotos"
    />
    <ProblemNote :problem="record.error.value" />
    <Button type="primary" html-type="submit" size="large" :loading="record.isLoading.value"
      >Record it</Button
    >
    <EntryQuestions :questions="questions" @yes="storeAnyway" @no="questions = []" />
  </form>
</template>

<style scoped>
.record > :deep(.ant-btn) {
  justify-self: start;
}
.waiting {
  padding: 10px 12px;
  background: var(--rust-wash);
  border-left: 3px solid var(--rust);
}
@media (width < 700px) {
  .fields {
    grid-template-columns: minmax(0, 1fr);
  }
  .record > :deep(.ant-btn) {
    width: 100%;
    height: 52px;
  }
}
</style>
