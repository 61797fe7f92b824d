<script setup lang="ts">
import DayField from '../../ui/DayField.vue'
import { formatDecimals, typedNumber } from '@spudder/core/base/writing'
import { percent } from '@spudder/core/base/quantity'
import { readingRoutes } from '@spudder/contract/reading'
import { storyRoutes } from '@spudder/contract/story'
import { useChange } from '../../api/use-change.ts'
import { CreateReadingDto } from '@spudder/contract/reading'
import { CreateStoryEventDto } from '@spudder/contract/story'
import {
  eventShare,
  storyEventKinds,
  storyEvents,
  type StoryEventKind,
} from '@spudder/core/verdict/diagnosis'
import { readingMethodNames, readingMethods, type ReadingMethod } from '@spudder/core/seen/reading'
import { Button } from 'ant-design-vue'
import { computed, watch } from 'vue'
import { useStandCase } from '../../shared/case/stand-case.ts'
import ChoiceField from '../../ui/ChoiceField.vue'
import { useKept } from '../../shared/form/kept.ts'
import { numberIn } from '../../shared/form/number-text.ts'
import ProblemNote from '../../ui/ProblemNote.vue'
import TextField from '../../ui/TextField.vue'
import MendButton from '../../shared/history/MendButton.vue'
import MadeUpTag from '../../shared/practice/MadeUpTag.vue'
import { useChecked } from '../../shared/form/use-checked.ts'
import { dayWords, today } from '../../shared/units/today.ts'

const { standId, story, whole, verdict, pickedDay } = useStandCase()

const storeReading = useChange(readingRoutes.create, { told: 'beside' })
const pHCheck = useChecked(CreateReadingDto, () => storeReading.error.value)
const pHDraft = useKept(`pH:${standId.value}`, () => ({
  id: crypto.randomUUID() as string,
  value: '',
  method: 'meter' as ReadingMethod,
  takenOn: today(),
}))
const methodOptions = readingMethodNames
  .filter((name) => name !== 'eye' && name !== 'drop-kit')
  .map((value) => ({ value, words: readingMethods[value].label }))

async function addPH(): Promise<void> {
  const { value, ...rest } = pHDraft.value.value
  const dto = pHCheck.checked({ kind: 'pH', value: numberIn(value), ...rest })
  if (!dto) return
  if (await storeReading.send({ standId: standId.value, dto }, pHDraft.failed)) pHDraft.forget()
}

const tell = useChange(storyRoutes.tell, { told: 'beside' })
const eventCheck = useChecked(CreateStoryEventDto, () => tell.error.value)
const eventDraft = useKept(`event:${standId.value}`, () => ({
  id: crypto.randomUUID() as string,
  kind: 'limed' as StoryEventKind,
  happenedOn: today(),
  fromPH: '',
  toPH: '',
}))
const eventOptions = storyEventKinds.map((value) => ({ value, words: storyEvents[value].words }))
const isCorrection = computed(() => eventDraft.value.value.kind === 'pH-corrected')
watch(pickedDay, (day) => {
  if (day) eventDraft.value.value = { ...eventDraft.value.value, happenedOn: day }
})

async function addEvent(): Promise<void> {
  const { id, kind, happenedOn, fromPH, toPH } = eventDraft.value.value
  const pH = isCorrection.value ? { fromPH: numberIn(fromPH), toPH: numberIn(toPH) } : {}
  const dto = eventCheck.checked({ id, kind, happenedOn, ...pH })
  if (!dto) return
  if (await tell.send({ standId: standId.value, dto }, eventDraft.failed)) eventDraft.forget()
}

const known = computed(() =>
  (whole.value?.readings ?? [])
    .filter(({ kind }) => kind === 'pH')
    .slice(-3)
    .toReversed(),
)
const told = computed(() => (story.value?.events ?? []).slice(-5).toReversed())
const exposure = computed(() => verdict.value?.exposure)

/** How far an event bears on the leaves that are pale now. */
function bearingWords(event: { kind: StoryEventKind; happenedOn: string }): string {
  const window = verdict.value?.window
  if (!window || event.kind === 'pH-corrected') return ''
  const share = eventShare(event, window)
  if (share === 0) return 'not while these leaves grew: says nothing of them'
  return `acted on ${percent(share)} of the days in which these leaves grew`
}
</script>

<template>
  <section class="sheet box stack halves gap-24" aria-label="pH and story">
    <div class="part">
      <h2>pH</h2>
      <p v-if="exposure" class="exposure text-small">
        <b>{{ formatDecimals(exposure.pH, 1) }} ± {{ formatDecimals(exposure.doubt, 1) }}</b>
        while these leaves grew, {{ dayWords(exposure.window.from) }} to
        {{ dayWords(exposure.window.to) }}
      </p>
      <form @submit.prevent="addPH">
        <div class="row stack gap-8 items-start">
          <TextField
            v-model="pHDraft.value.value.value"
            label="pH measured"
            inputmode="decimal"
            :message="pHCheck.messageFor('value')"
          />
          <ChoiceField v-model="pHDraft.value.value.method" label="by" :options="methodOptions" />
        </div>
        <div class="row stack gap-8 items-start when">
          <DayField
            v-model="pHDraft.value.value.takenOn"
            label="on"
            :message="pHCheck.messageFor('takenOn')"
          />
          <Button html-type="submit" :loading="storeReading.isLoading.value">Add pH</Button>
        </div>
      </form>
      <ProblemNote :problem="storeReading.error.value" />
      <p v-if="known.length > 0" class="known text-small text-slate">
        Known:
        <span v-for="reading in known" :key="reading.id">
          {{ typedNumber(reading.value) }} ({{ readingMethods[reading.method].label }},
          {{ dayWords(reading.takenOn) }})
          <MadeUpTag :came="reading.came" />
          <MendButton
            :id="reading.id"
            kind="reading"
            :about="`pH ${typedNumber(reading.value)}, ${dayWords(reading.takenOn)}`"
          />
        </span>
      </p>
      <p class="known text-small text-slate">
        <RouterLink class="reach" :to="{ name: 'bench' }">Other tests on the bench</RouterLink>
      </p>
    </div>
    <div class="part">
      <h2>What happened before</h2>
      <form @submit.prevent="addEvent">
        <ChoiceField v-model="eventDraft.value.value.kind" label="what" :options="eventOptions" />
        <div v-if="isCorrection" class="row stack gap-8 items-start when">
          <TextField
            v-model="eventDraft.value.value.fromPH"
            label="from pH"
            inputmode="decimal"
            :message="eventCheck.messageFor('fromPH')"
          />
          <TextField
            v-model="eventDraft.value.value.toPH"
            label="to pH"
            inputmode="decimal"
            :message="eventCheck.messageFor('toPH')"
          />
        </div>
        <div class="row stack gap-8 items-start when">
          <DayField
            v-model="eventDraft.value.value.happenedOn"
            label="on"
            hint="or point at the day on the ribbon"
            :message="eventCheck.messageFor('happenedOn')"
          />
          <Button html-type="submit" :loading="tell.isLoading.value">Tell</Button>
        </div>
      </form>
      <ProblemNote :problem="tell.error.value" />
      <p v-for="event in told" :key="event.id" class="known text-small text-slate">
        <b>{{ dayWords(event.happenedOn) }}: {{ storyEvents[event.kind].words }}</b>
        <template v-if="event.fromPH !== null">
          from {{ event.fromPH }} to {{ event.toPH }}</template
        >
        {{ event.note }} <i>{{ bearingWords(event) }}</i>
        <MendButton
          :id="event.id"
          kind="event"
          :about="`${storyEvents[event.kind].words}, ${dayWords(event.happenedOn)}`"
        />
      </p>
    </div>
  </section>
</template>

<style scoped>
.box {
  padding: 12px 14px;
}
.part,
form {
  display: grid;
  gap: 8px;
  align-content: start;
}
.row {
  grid-template-columns: 88px 1fr;
}
.row > :deep(.ant-btn) {
  margin-top: 21px;
}
.when {
  grid-template-columns: 1fr 1fr;
}
.known b {
  font-weight: 600;
  color: var(--ink);
}
.known span + span::before {
  content: '· ';
}
@media (width < 700px) {
  .box {
    grid-template-columns: minmax(0, 1fr);
  }
}
</style>
