<script setup lang="ts">
import type { DayJobDto } from '@spudder/contract/day'
import type { MeDto } from '@spudder/contract/person'
import { amountWords, type UnitSystem } from '@spudder/core/base/quantity'
import { doneBy, putsOut } from '@spudder/core/days/plan'
import { formatNumber, lineStart } from '@spudder/core/base/writing'
import { Button } from 'ant-design-vue'
import { computed } from 'vue'
import type { RouteLocationRaw } from 'vue-router'
import { dayWords, today } from '../../shared/units/today.ts'
import LinkButton from '../../ui/LinkButton.vue'
import { isNamed, othersWords, underWaySince } from '../../shared/hands/hands.ts'
import { clockWords, loadWords, weatherWords } from './day-words.ts'

/** A job of the day: where, when, with what, and the one thing to be done next. */
const props = defineProps<{
  entry: DayJobDto
  me: MeDto | undefined
  system: UnitSystem
  /** Whether whoever looks does it: whoever reads alone sees no buttons. */
  canWork?: boolean
  isDone?: boolean
}>()
const emit = defineEmits<{ begin: []; stop: []; done: []; take: [isMine: boolean] }>()
const job = computed(() => props.entry.job)
const since = computed(() => underWaySince(job.value, props.me))
const weather = computed(() => weatherWords(props.entry))
const load = computed(() => loadWords(props.entry, props.system))
const others = computed(() => othersWords(job.value, props.me))
const mine = computed(() => isNamed(job.value, props.me))
const way = computed(() =>
  props.entry.wayM === null || props.entry.wayM < 1
    ? ''
    : `${amountWords('length', props.entry.wayM, props.system)} on`,
)
const isLate = computed(() => job.value.dueOn < today())
/** How far it is, how long it takes by what is usual, and when the weather is fit. */
const aside = computed(() => {
  const minutes = Math.max(15, Math.round((props.entry.hours * 60) / 15) * 15)
  const lasts = minutes < 60 ? `about ${minutes} min` : `about ${formatNumber(minutes / 60, 3)} h`
  const sky = props.entry.missesWindow ? '' : weather.value
  return [way.value, lasts, sky].filter((words) => words !== '').join('; ')
})
const hour = computed(() => {
  if (props.entry.startH !== null) return clockWords(props.entry.startH)
  return job.value.startsAt ?? ''
})
const how = computed(() => doneBy[job.value.kind])
/** Where it is done: by its sheet, by a look, by a reading. */
const place = computed((): RouteLocationRaw => {
  const { standId, id: jobId, kind } = job.value
  if (putsOut(kind)) return { name: 'sheet', params: { standId, jobId } }
  if (kind === 'look') return { name: 'watch', params: { standId } }
  return { name: kind === 'test' ? 'look' : 'jobs', params: { standId } }
})
const finish = computed((): RouteLocationRaw => {
  const { standId, id: jobId } = job.value
  return putsOut(job.value.kind)
    ? { name: 'sheet', params: { standId, jobId }, query: { record: 'yes' } }
    : place.value
})
const opens = computed(() => (putsOut(job.value.kind) ? 'Sheet' : 'Open'))
</script>

<template>
  <li class="job" :class="{ now: since, over: isDone }">
    <p class="hour text-strong">{{ isDone ? 'done' : hour }}</p>
    <div class="stack gap-4 words">
      <p>
        <b>{{ entry.standName }}</b>
      </p>
      <p>{{ job.title }}</p>
      <p v-if="load && !isDone" class="text-small">{{ load }}</p>
      <template v-if="!isDone">
        <p v-if="isLate" class="text-small text-rust text-strong">Due {{ dayWords(job.dueOn) }}</p>
        <p class="text-small text-slate">{{ lineStart(aside) }}</p>
        <p v-if="entry.missesWindow" class="text-small text-rust text-strong">
          {{ lineStart(weather) }}
        </p>
        <p v-if="entry.waitsFor" class="text-small text-rust text-strong">
          First: {{ entry.waitsFor }}
        </p>
        <p v-if="others" class="text-small text-slate">{{ lineStart(others) }}</p>
        <p v-if="since" class="text-small text-strong" role="status">
          You are at it since {{ clockWords(since.getHours() + since.getMinutes() / 60) }}
        </p>
      </template>
      <div v-if="canWork && !isDone" class="lined wrapped gap-8 items-center no-print">
        <RouterLink class="open" :to="place">{{ opens }}</RouterLink>
        <Button v-if="since" type="link" size="small" @click="emit('stop')"
          >Not at it any more</Button
        >
        <Button
          v-else
          type="link"
          size="small"
          :aria-label="`${mine ? 'Leave to others' : 'I do this'}: ${entry.standName}, ${job.title}`"
          @click="emit('take', !mine)"
          >{{ mine ? 'Leave to others' : 'I do this' }}</Button
        >
      </div>
    </div>
    <div v-if="canWork && !isDone" class="thumb no-print">
      <Button
        v-if="!since"
        size="large"
        :aria-label="`Start: ${entry.standName}, ${job.title}`"
        @click="emit('begin')"
        >Start</Button
      >
      <Button
        v-else-if="how.by === 'saying'"
        type="primary"
        size="large"
        :aria-label="`Done: ${entry.standName}, ${job.title}`"
        @click="emit('done')"
        >Done</Button
      >
      <LinkButton v-else :to="finish" :aria-label="`Done: ${entry.standName}, ${job.title}`"
        >Done</LinkButton
      >
    </div>
  </li>
</template>

<style scoped>
.job {
  display: grid;
  grid-template-columns: 56px minmax(0, 1fr) auto;
  gap: 4px 12px;
  padding: 12px 0;
  border-top: 1px solid var(--line);
  align-items: start;
}
.now {
  background: var(--sunken);
  box-shadow: inset 4px 0 0 var(--rust);
  padding-left: 12px;
}
.over {
  color: var(--slate);
}
.hour {
  font-variant-numeric: tabular-nums;
}
.thumb :deep(.ant-btn) {
  display: inline-flex;
  align-items: center;
  justify-content: center;
  min-width: 92px;
  min-height: 56px;
}
.open {
  display: inline-flex;
  align-items: center;
}
@media (width < 700px) {
  .open {
    min-height: 44px;
    padding-right: 8px;
  }
}
</style>
