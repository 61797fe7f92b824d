<script setup lang="ts">
import DayField from '../../ui/DayField.vue'
import { useCurrency } from '../../shared/units/use-currency.ts'
import { Button, Checkbox } from 'ant-design-vue'
import { doneBy, putsOut } from '@spudder/core/days/plan'
import { computed, ref, watch } from 'vue'
import type { Breach } from '@spudder/core/days/planner'
import ProblemNote from '../../ui/ProblemNote.vue'
import TextField from '../../ui/TextField.vue'
import { dayWords } from '../../shared/units/today.ts'
import { midSentence } from '@spudder/core/base/writing'
import { outlookWords } from '../../shared/weather/outlook-words.ts'
import { money } from '../../shared/units/money-words.ts'
import DropJob from '../../shared/history/DropJob.vue'
import { useDatesStore } from './dates-store.ts'

const currency = useCurrency()
/** The job that is picked: why it lies there, and what moving it would break. */
const store = useDatesStore()
const job = computed(() => store.jobOf(store.chosenId.value ?? ''))
const stand = computed(() => job.value && store.standOf(job.value.standId))
const task = computed(() => store.tasks.value.find(({ id }) => id === job.value?.id))
const pending = computed(() =>
  store.pending.value?.jobId === job.value?.id ? store.pending.value : undefined,
)
const effect = computed(() => (pending.value ? store.pendingEffect.value : undefined))
const day = computed(() => pending.value?.day ?? store.current.value.get(job.value?.id ?? '') ?? '')
const why = computed(() => (job.value && !pending.value ? store.reasons(job.value.id) : []))
const sky = computed(() => {
  const known = store.outlook.data.value?.days.find((each) => each.day === day.value)
  return known && task.value ? outlookWords(known, task.value.work) : ''
})
const adds = computed(() => {
  const by = effect.value?.adds ?? 0
  if (Math.abs(by) < 0.5) return 'It costs no more and saves nothing.'
  const words = money(Math.abs(by), currency.value)
  return by > 0 ? `It loses ${words} more, by expectation.` : `It saves ${words}, by expectation.`
})

/** What another job suffers by the move is said with its name. */
function breachWords({ taskId, words }: Breach): string {
  const other = taskId === job.value?.id ? undefined : store.jobOf(taskId)
  return other ? `${other.title}: ${midSentence(words)}` : words
}

const wantedDay = ref('')
const hour = ref('')
watch(
  [job, day],
  () => {
    wantedDay.value = day.value
    hour.value = job.value?.startsAt ?? ''
  },
  { immediate: true },
)
function changeDay(text: string): void {
  wantedDay.value = text
  const isWhole = /^\d{4}-\d{2}-\d{2}$/.test(text) && text >= store.today
  if (job.value && isWhole) store.pending.value = { jobId: job.value.id, day: text }
}
const changeJob = (dto: Parameters<typeof store.change.send>[0]['dto']) =>
  job.value && store.change.send({ jobId: job.value.id, dto })
function changeHour(text: string): void {
  hour.value = text
  if (text === '') void changeJob({ startsAt: null })
  else if (/^\d{2}:\d{2}$/.test(text)) void changeJob({ startsAt: text })
}
const done = computed(() => job.value && doneBy[job.value.kind])
</script>

<template>
  <section v-if="job && stand" class="detail stack gap-8 from-top" aria-label="The job picked">
    <h2>{{ job.title }}</h2>
    <p class="text-slate">
      <RouterLink :to="{ name: 'jobs', params: { standId: stand.id } }">{{
        stand.name
      }}</RouterLink>, {{ dayWords(day) }}{{ job.startsAt ? `, ${job.startsAt}` : '' }}
    </p>
    <p v-if="sky" class="text-small">{{ sky }}</p>

    <div v-if="pending && effect" class="effect stack gap-6" role="status">
      <p
        v-for="breach in effect.breaches"
        :key="breach.taskId + breach.words"
        class="text-strong text-rust"
      >
        {{ breachWords(breach) }}
      </p>
      <p v-if="effect.weather" class="text-strong text-rust">{{ effect.weather }}</p>
      <p>{{ adds }}</p>
      <div class="lined wrapped items-center gap-8">
        <Button type="primary" @click="store.put(job.id, pending.day)">
          {{ effect.breaches.length > 0 ? 'Move anyway' : 'Move' }}
        </Button>
        <Button type="text" @click="store.pending.value = undefined">Leave it</Button>
      </div>
    </div>
    <ul v-else class="why stack gap-4 text-small" aria-label="Why on this day">
      <li v-for="line in why" :key="line">{{ line }}</li>
    </ul>

    <div class="fields stack gap-8">
      <DayField :model-value="wantedDay" label="Day" @update:model-value="changeDay" />
      <TextField
        :model-value="hour"
        label="Hour"
        hint="06:30; empty: any"
        @update:model-value="changeHour"
      />
    </div>
    <Checkbox :checked="job.isLocked" @change="changeJob({ isLocked: !job.isLocked })">
      Keep it on this day when the season is planned
    </Checkbox>
    <ProblemNote :problem="store.change.error.value" />
    <div class="lined wrapped items-center gap-8">
      <RouterLink
        v-if="putsOut(job.kind) && job.remedyId"
        :to="{ name: 'sheet', params: { standId: stand.id, jobId: job.id } }"
        >Open its sheet</RouterLink
      >
      <Button v-if="done?.by === 'saying'" @click="changeJob({ status: 'done' })">
        {{ done.words }}
      </Button>
      <DropJob :job="job" :jobs="store.jobs.value" />
    </div>
  </section>
</template>

<style scoped>
.effect {
  padding: 10px 12px;
  border-left: 3px solid var(--rust);
  background: var(--rust-wash);
}
.why li {
  padding-left: 11px;
  border-left: 2px solid var(--line);
}
.fields {
  grid-template-columns: 1.4fr 1fr;
}
</style>
