<script setup lang="ts">
import { useMay } from '../../api/me.ts'
import RoleNote from '../../shared/role/RoleNote.vue'
import LinkButton from '../../ui/LinkButton.vue'
import EmptyState from '../../ui/EmptyState.vue'
import SpanSwitch from '../../ui/SpanSwitch.vue'
import { addDays } from '@spudder/core/base/calendar'
import { Button } from 'ant-design-vue'
import { computed } from 'vue'
import { calendarAddress } from '../../api/planning.ts'
import ProblemNote from '../../ui/ProblemNote.vue'
import { dayWords } from '../../shared/units/today.ts'
import { judgedBy } from '../../shared/weather/outlook-words.ts'
import { provideDatesStore } from './dates-store.ts'
import { datesViews, strideOf, type DatesView } from './dates-view.ts'
import CalendarShare from './CalendarShare.vue'
import DatesBoard from './DatesBoard.vue'
import JobDetail from './JobDetail.vue'
import MovesPanel from './MovesPanel.vue'
import WeekList from './WeekList.vue'

/** Every job of the place on its day: moved by hand, or planned as a whole. */
const { may } = useMay()
const store = provideDatesStore()
const { planner, planning, jobs, troubles } = store
const problem = computed(() => planning.error.value ?? store.outlook.error.value)
const isReady = computed(() => store.input.value !== undefined)
const isPlanned = computed(
  () =>
    planner.isRunning.value ||
    planner.season.value !== undefined ||
    planner.failure.value !== undefined,
)
const first = computed(() => troubles.value[0])

function show(view: DatesView): void {
  store.view.value = view
  store.anchor.value = store.today
}
const go = (way: -1 | 1) =>
  (store.anchor.value = addDays(store.anchor.value, way * strideOf[store.view.value]))
const print = () => window.print()
const standName = (id: string) => store.standOf(id)?.name ?? ''
</script>

<template>
  <section class="stack gap-10">
    <RoleNote needs="plan" />
    <div class="head lined wrapped items-center inside-4 no-print">
      <h1>Dates</h1>
      <SpanSwitch
        :names="datesViews"
        :model-value="store.view.value"
        @update:model-value="show"
        @shift="go"
      />
      <div class="tools lined wrapped items-center">
        <Button
          type="primary"
          :disabled="!isReady || planner.isRunning.value"
          @click="store.plan()"
        >
          Plan the season
        </Button>
        <Button @click="print">Print the week</Button>
        <a v-if="store.place.value" :href="calendarAddress(store.place.value.id)" download
          >Calendar file</a
        >
      </div>
    </div>
    <ProblemNote :problem="problem" />
    <p v-if="store.undo.value" class="notice no-print" role="status">
      {{ store.undo.value.words }} was moved.
      <Button type="link" size="small" @click="store.takeBack()">Undo</Button>
    </p>
    <p v-if="first && !isPlanned" class="notice no-print" role="status">
      {{ troubles.length === 1 ? 'One job does' : `${troubles.length} jobs do` }} not hold where
      {{ troubles.length === 1 ? 'it is' : 'they are' }}: {{ standName(first.task.standId) }},
      {{ first.task.title }}, {{ dayWords(first.day) }}: {{ first.words }}
      <Button type="link" size="small" @click="store.plan()">Find better days</Button>
    </p>
    <div v-if="jobs.length > 0" class="body stack gap-24 items-start no-print">
      <DatesBoard />
      <aside>
        <MovesPanel v-if="isPlanned" />
        <JobDetail v-else-if="store.chosenId.value && store.jobOf(store.chosenId.value)" />
        <div v-else class="hint">
          <h2>{{ jobs.length }} jobs to come</h2>
          <p>
            Pick one to see why it stands on its day. Drag it along, or move it by arrow keys, and
            what that breaks is said before it is stored.
          </p>
          <p>
            “Plan the season” lays every job on the days that lose least, by weather, growth, crew,
            limits and stock. Nothing moves until you accept it.
          </p>
        </div>
      </aside>
    </div>
    <EmptyState
      v-else-if="planning.data.value"
      title="Nothing planned"
      words="A remedy or an acid plan brings its jobs, and they stand here on their days."
      ><LinkButton :to="{ name: 'estate' }">To the estate</LinkButton></EmptyState
    >
    <WeekList v-if="jobs.length > 0" />
    <p v-if="jobs.length > 0" class="faint-note no-print">
      {{ judgedBy(store.outlook.data.value) }}
    </p>
    <p class="faint-note no-print">
      Crew, trips, closed days, mowing and the weather station stand in the
      <RouterLink :to="{ name: 'settings' }">settings</RouterLink>.
    </p>
    <CalendarShare v-if="store.place.value && may('plan')" :place="store.place.value" />
  </section>
</template>

<style scoped>
.head {
  gap: 10px 18px;
}
.tools {
  gap: 8px 14px;
  margin-left: auto;
}
.notice {
  padding: 8px 12px;
  background: var(--rust-wash);
  border-left: 3px solid var(--rust);
}
.body {
  grid-template-columns: minmax(0, 1fr) 300px;
}
aside {
  position: sticky;
  top: 8px;
  border-left: 1px solid var(--line);
  padding-left: 18px;
}
.hint {
  font-size: var(--text-small);
  color: var(--slate);
}
@media (width < 900px) {
  .body {
    grid-template-columns: minmax(0, 1fr);
  }
  aside {
    position: static;
    border-left: 0;
    padding-left: 0;
  }
  .tools {
    margin-left: 0;
  }
}
</style>
