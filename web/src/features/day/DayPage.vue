<script setup lang="ts">
import type { DayJobDto } from '@spudder/contract/day'
import { Segmented, Skeleton } from 'ant-design-vue'
import { computed, ref } from 'vue'
import { useMay } from '../../api/me.ts'
import { dayWords } from '../../shared/units/today.ts'
import EmptyState from '../../ui/EmptyState.vue'
import FoldBox from '../../ui/FoldBox.vue'
import LinkButton from '../../ui/LinkButton.vue'
import ProblemNote from '../../ui/ProblemNote.vue'
import DayBoard from './DayBoard.vue'
import DayJob from './DayJob.vue'
import { takeAlongWords } from './day-words.ts'
import { useDay } from './use-day.ts'
import { useKeptDay } from './use-kept-day.ts'

/** What somebody does today: in its order, one thing after the other, with one thumb. */
const { me, may } = useMay()
const { place, read, take, beAt, change } = useDay()
const day = computed(() => read.data.value)
const signalWords = useKeptDay(day, () => place.value?.id)
const system = computed(() => place.value?.unitSystem ?? 'us')
const canWork = computed(() => may('work'))
const view = ref('mine')
const views = [
  { value: 'mine', label: 'Mine' },
  { value: 'all', label: 'Everybody' },
]
const problem = computed(
  () => read.error.value ?? take.error.value ?? beAt.error.value ?? change.error.value,
)
const isClear = computed(() => day.value && day.value.mine.length + day.value.overdue.length === 0)

const begin = ({ job }: DayJobDto) =>
  beAt.send({ jobId: job.id, dto: { since: new Date().toISOString() } })
const stop = ({ job }: DayJobDto) => beAt.send({ jobId: job.id, dto: { since: null } })
const takeOn = ({ job }: DayJobDto, isMine: boolean) =>
  take.send({ jobId: job.id, dto: { isMine } })
const sayDone = ({ job }: DayJobDto) => change.send({ jobId: job.id, dto: { status: 'done' } })
</script>

<template>
  <section class="day stack gap-16">
    <div class="lined wrapped gap-16 items-center inside-4">
      <h1>{{ day ? dayWords(day.day) : 'Today' }}</h1>
      <Segmented v-model:value="view" class="no-print" :options="views" aria-label="Whose day" />
      <span class="text-small text-slate no-print" role="status">{{ signalWords }}</span>
    </div>
    <ProblemNote :problem="problem" />
    <Skeleton v-if="read.status.value === 'pending'" active />
    <DayBoard v-else-if="day && view === 'all'" :day="day" :me="me" :can-plan="may('plan')" />
    <template v-else-if="day">
      <section v-if="day.load.length > 0" class="load stack gap-4" aria-label="To take along">
        <h2>To take along</h2>
        <p v-for="each in day.load" :key="each.name">{{ takeAlongWords(each, system) }}</p>
        <p class="text-small text-slate">
          Boots, gloves, goggles. The label of each product comes first.
        </p>
      </section>
      <EmptyState
        v-if="isClear"
        title="Nothing for you today"
        words="What is planned for you, or for nobody in particular, stands here on its day."
        ><LinkButton :to="{ name: 'dates' }">To the dates</LinkButton></EmptyState
      >
      <ol v-if="day.mine.length > 0" class="plain-list" aria-label="Today">
        <DayJob
          v-for="each in day.mine"
          :key="each.job.id"
          :entry="each"
          :me="me"
          :system="system"
          :can-work="canWork"
          @begin="begin(each)"
          @stop="stop(each)"
          @done="sayDone(each)"
          @take="takeOn(each, $event)"
        />
      </ol>
      <p v-if="day.mine.length > 1" class="faint-note">
        In the order that keeps most of it in fit hours, is done soonest and walks least; times by
        what such jobs usually take.
        {{ day.isWeatherMadeUp ? 'The weather is made up by the practice device.' : '' }}
      </p>
      <FoldBox v-if="day.overdue.length > 0" :open="day.mine.length === 0" tone="row"
        ><template #head
          ><span class="fold text-rust text-strong"
            >Overdue: {{ day.overdue.length }}</span
          ></template
        >
        <ol class="plain-list" aria-label="Overdue">
          <DayJob
            v-for="each in day.overdue"
            :key="each.job.id"
            :entry="each"
            :me="me"
            :system="system"
            :can-work="canWork"
            @begin="begin(each)"
            @stop="stop(each)"
            @done="sayDone(each)"
            @take="takeOn(each, $event)"
          />
        </ol>
      </FoldBox>
      <FoldBox v-if="day.done.length > 0" tone="row"
        ><template #head
          ><span class="fold">Done today: {{ day.done.length }}</span></template
        >
        <ol class="plain-list" aria-label="Done today">
          <DayJob
            v-for="each in day.done"
            :key="each.job.id"
            :entry="each"
            :me="me"
            :system="system"
            :can-work="false"
            is-done
          />
        </ol>
      </FoldBox>
      <FoldBox v-if="day.tomorrow.length > 0" tone="row"
        ><template #head
          ><span class="fold">Tomorrow: {{ day.tomorrow.length }}</span></template
        >
        <ol class="plain-list" aria-label="Tomorrow">
          <DayJob
            v-for="each in day.tomorrow"
            :key="each.job.id"
            :entry="each"
            :me="me"
            :system="system"
            :can-work="false"
          />
        </ol>
      </FoldBox>
    </template>
  </section>
</template>

<style scoped>
.day {
  max-width: 720px;
}
.load {
  padding: 10px 14px;
  background: var(--sunken);
}
.fold {
  display: block;
  padding: 12px 0;
}
</style>
