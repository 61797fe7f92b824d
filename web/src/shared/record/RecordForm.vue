<script setup lang="ts">
import { photoMostMB } from '@spudder/contract/route'
import FoldBox from '../../ui/FoldBox.vue'
import DayField from '../../ui/DayField.vue'
import { CreateEntryDto, entryRoutes } from '@spudder/contract/entry'
import type { JobDto } from '@spudder/contract/job'
import { photoRoutes } from '@spudder/contract/photo'
import type { UnitSystem } from '@spudder/core/base/quantity'
import type { RunOut } from '@spudder/core/days/entry'
import { weatherFrom } from '@spudder/core/days/weather'
import { Button } from 'ant-design-vue'
import { computed, ref } from 'vue'
import { keptFileName } from '../../api/photos.ts'
import { useChange } from '../../api/use-change.ts'
import { useOutbox } from '../../offline/outbox.ts'
import { useMe } from '../../api/me.ts'
import { useShelf } from '../../api/shelf.ts'
import { useStory } from '../../api/stands.ts'
import ChoiceField from '../../ui/ChoiceField.vue'
import RunOutFields from './RunOutFields.vue'
import VoiceButton from '../device/VoiceButton.vue'
import LotField from '../camera/LotField.vue'
import EntryQuestions from './EntryQuestions.vue'
import { entryQuestions } from './entry-questions.ts'
import FileButton from '../../ui/FileButton.vue'
import { useKept } from '../form/kept.ts'
import ProblemNote from '../../ui/ProblemNote.vue'
import QuantityField from '../../ui/QuantityField.vue'
import TextField from '../../ui/TextField.vue'
import { useChecked } from '../form/use-checked.ts'
import { underWaySince } from '../hands/hands.ts'
import type { Outgoing } from '../../offline/outgoing.ts'
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
const record = useChange(entryRoutes.record, {
  told: 'beside',
  draft: () => ({ ...draft.value }),
})
const keepPhoto = useChange(photoRoutes.keep)
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
const photos = ref<File[]>([])
const takePhotos = (files: readonly File[]) => photos.value.push(...files)
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
/** A record of it that was refused after its form was closed; it stays kept until it is stored. */
const refused = computed(() =>
  outbox.refused.find(({ name, asked }) => name === 'entry' && asked['jobId'] === props.job.id),
)
const isCorrecting = ref(false)
function correct({ id, draft: typed }: Outgoing): void {
  draft.value = { ...draft.value, ...(typed as Partial<RecordDraft>), id }
  isCorrecting.value = true
}

/** What the end of the tank said, for the note. */
const runOutWords = ref('')
function tellRunOut(out: RunOut | undefined, words: string): void {
  runOutWords.value = words
  const went = out ? plannedWords({ ...planned, ...out }, props.system) : plannedText
  draft.value = { ...draft.value, product: went.product, water: went.water }
}
const noted = computed(() => ({
  ...draft.value,
  note: [draft.value.note, runOutWords.value].filter((words) => words !== '').join(' '),
}))

const hear = (words: string) => (draft.value.note = [draft.value.note, words].filter((each) => each !== '').join(' ')) // prettier-ignore

const requestOf = () =>
  recordRequest(noted.value, {
    planned,
    plannedText,
    system: props.system,
    productKg: productKg.value,
    waterL: waterL.value,
    isLicensed: isLicensed.value,
  })

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
  const { id: jobId, standId } = props.job
  const sending = record.send({ jobId, dto }, failed)
  // Photos are kept with it and not after it: a page may go down while the record is on its way.
  const pictures = photos.value.map((file) => {
    const query = { id: crypto.randomUUID(), fileName: keptFileName(file.name), entryId: dto.id }
    // What is against a picture is told on top of the page: the record is stored without it.
    return keepPhoto.send({ standId, query, dto: file })
  })
  const entry = await sending
  if (!entry) return
  await Promise.all(pictures)
  isCorrecting.value = false
  forget()
  emit('stored', !record.isWaiting.value)
}
</script>

<template>
  <p v-if="refused && !isCorrecting && !record.isLoading.value" class="waiting" role="status">
    It was not stored: {{ refused.refusal?.words }}
    <Button type="link" size="small" @click="correct(refused)">Put it right</Button>
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
      <LotField v-model="draft.lot" label="Lot" hint="on the bag" :message="messageFor('lot')" />
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
    <RunOutFields
      v-if="planned.waterL > 0"
      :planned="planned"
      :system="system"
      @told="tellRunOut"
    />
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
    <VoiceButton @heard="hear" />
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
