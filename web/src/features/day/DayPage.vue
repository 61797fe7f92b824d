<script setup lang="ts">
import { Segmented, Skeleton } from 'ant-design-vue'
import { useOnline } from '@vueuse/core'
import { computed, ref } from 'vue'
import { useMay } from '../../api/me.ts'
import AlongList from '../../offline/AlongList.vue'
import { useTakenAlong } from '../../offline/taken-along.ts'
import { dayWords } from '../../shared/units/today.ts'
import EmptyState from '../../ui/EmptyState.vue'
import FoldBox from '../../ui/FoldBox.vue'
import LinkButton from '../../ui/LinkButton.vue'
import ProblemNote from '../../ui/ProblemNote.vue'
import DayBoard from './DayBoard.vue'
import DayList from './DayList.vue'
import { takeAlongWords } from './day-words.ts'
import { useDay, useDayHands } from './use-day.ts'

/** What somebody does today: in its order, one thing after the other, with one thumb. */
const { may } = useMay()
const { read } = useDay()
const hands = useDayHands()
const day = computed(() => read.data.value)
const along = useTakenAlong()
const hasSignal = useOnline()
/** Without signal the line on top of the page says how it stands. */
const signalWords = computed(() =>
  hasSignal.value && along.isKept
    ? 'Taken along: opens without signal, with its stands and sheets'
    : '',
)
const canWork = computed(() => may('work'))
const view = ref('mine')
const views = [
  { value: 'mine', label: 'Mine' },
  { value: 'all', label: 'Everybody' },
]
const problem = computed(() => read.error.value ?? hands.error.value)
const isClear = computed(() => day.value && day.value.mine.length + day.value.overdue.length === 0)
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
    <DayBoard
      v-else-if="day && view === 'all'"
      :day="day"
      :me="hands.me.value"
      :can-plan="may('plan')"
    />
    <template v-else-if="day">
      <section v-if="day.load.length > 0" class="load stack gap-4" aria-label="To take along">
        <h2>To take along</h2>
        <p v-for="each in day.load" :key="each.name">
          {{ takeAlongWords(each, hands.system.value) }}
        </p>
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
      <DayList
        v-if="day.mine.length > 0"
        :jobs="day.mine"
        label="Today"
        :hands="hands"
        :can-work="canWork"
      />
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
        <DayList :jobs="day.overdue" label="Overdue" :hands="hands" :can-work="canWork" />
      </FoldBox>
      <FoldBox v-if="day.done.length > 0" tone="row"
        ><template #head
          ><span class="fold">Done today: {{ day.done.length }}</span></template
        >
        <DayList :jobs="day.done" label="Done today" :hands="hands" is-done />
      </FoldBox>
      <FoldBox v-if="day.tomorrow.length > 0" tone="row"
        ><template #head
          ><span class="fold">Tomorrow: {{ day.tomorrow.length }}</span></template
        >
        <DayList :jobs="day.tomorrow" label="Tomorrow" :hands="hands" />
      </FoldBox>
      <FoldBox v-if="along.stands.length > 0" class="no-print" tone="row"
        ><template #head
          ><span class="fold"
            >Open without signal: {{ along.stands.length }}
            {{ along.stands.length === 1 ? 'stand' : 'stands' }}</span
          ></template
        >
        <AlongList />
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
@media (width >= 700px) {
  .fold {
    padding: 12px 0;
  }
}
.fold {
  display: block;
}
</style>
