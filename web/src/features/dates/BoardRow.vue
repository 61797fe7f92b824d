<script setup lang="ts">
import type { JobDto } from '@spudder/contract/job'
import type { EstateRowDto, StandDto } from '@spudder/contract/stand'
import { addDays, dateToDay, type Day } from '@spudder/core/base/calendar'
import { computed, ref } from 'vue'
import RibbonBand from '../../shared/ribbon/RibbonBand.vue'
import { useKnown } from '../../shared/known/use-known.ts'
import { ribbonModel } from '../../shared/ribbon/ribbon-model.ts'
import { xOf, type TimeScale } from '../../shared/ribbon/time-axis.ts'
import { dayWords } from '../../shared/units/today.ts'
import { vDrag, type Drag } from '../../ui/drag.ts'
import { useDatesStore } from './dates-store.ts'
import JobChip from './JobChip.vue'
import { glyphWidth, layOutJobs } from './lay-out-jobs.ts'

/** A stand with its ribbon, and its jobs under it; a job is dragged along, or moved by keys. */
const props = defineProps<{
  stand: StandDto
  jobs: readonly JobDto[]
  ribbon?: EstateRowDto['ribbon'] | undefined
  scale: TimeScale
}>()
const store = useDatesStore()
const knowing = useKnown()
const { today, pending, window } = store

const model = computed(() => {
  if (!props.ribbon) return undefined
  const until = window.value.to > today ? window.value.to : today
  const own = ribbonModel(
    { stand: props.stand, ...props.ribbon, jobs: [...props.jobs] },
    knowing.known,
    today,
    until,
  )
  // The jobs hang below it as handles.
  return { ...own, jobs: [] }
})
const width = computed(() => props.scale.range()[1] ?? 0)
const dayWidth = computed(() => {
  const [from, to] = props.scale.domain()
  return from && to ? width.value / ((to.getTime() - from.getTime()) / 864e5) : 10
})
const dayOf = (job: JobDto): Day =>
  pending.value?.jobId === job.id
    ? pending.value.day
    : (store.current.value.get(job.id) ?? job.dueOn)
const placed = computed(() =>
  layOutJobs(props.jobs, props.scale, { dayWidth: dayWidth.value, dayOf }),
)
const lineHeight = 26
const lines = computed(() => Math.max(1, ...placed.value.map(({ line }) => line + 1)))
/** Where the plan that is to be accepted would have a job, seen from where it lies. */
const proposed = computed(() =>
  placed.value.flatMap(({ job, line, x }) => {
    const to = store.moves.value.find(({ task }) => task.id === job.id)?.to
    if (to === undefined) return []
    const half = glyphWidth / 2
    const middle = line * lineHeight + lineHeight / 2 - 1
    return [{ id: job.id, from: x + half, to: xOf(props.scale, to) + half, y: middle }]
  }),
)

/** Jobs that lie beyond what is on view, in words. */
const later = computed(() => {
  const beyond = props.jobs
    .map(dayOf)
    .filter((day) => day > window.value.to)
    .toSorted()
  const [first] = beyond
  return first === undefined ? '' : `${beyond.length} later, from ${dayWords(first)}`
})

const area = ref<HTMLElement>()
const dragged = ref<string>()
const notPast = (day: Day) => (day < today ? today : day)
const drag = (job: JobDto): Drag => ({
  within: () => area.value,
  start: () => {
    dragged.value = job.id
  },
  move: ({ x }) => {
    const day = notPast(dateToDay(props.scale.invert(x)))
    const here = pending.value?.day ?? store.current.value.get(job.id)
    if (day === here) return
    store.chosenId.value = job.id
    pending.value = { jobId: job.id, day }
  },
  end: () => {
    store.chosenId.value = job.id
    dragged.value = undefined
    void store.drop()
  },
})
function nudge(job: JobDto, days: number): void {
  store.chosenId.value = job.id
  pending.value = { jobId: job.id, day: notPast(addDays(dayOf(job), days)) }
}
const hold = (job: JobDto) => store.change.send({ jobId: job.id, dto: { isLocked: !job.isLocked } })
</script>

<template>
  <div class="row stack ruled">
    <div class="about stack from-top shrinks">
      <RouterLink
        :to="{ name: 'jobs', params: { standId: stand.id } }"
        class="name text-strong one-line"
      >
        {{ stand.name }}
      </RouterLink>
      <span v-if="later" class="text-tiny text-slate">{{ later }}</span>
    </div>
    <div ref="area" class="area shrinks">
      <RibbonBand
        v-if="model"
        :model="model"
        :scale="scale"
        :today="today"
        :band-height="13"
        :label="stand.name"
        class="ribbon"
      />
      <ul class="jobs" :style="{ height: `${lines * lineHeight}px` }">
        <li v-if="proposed.length > 0" class="proposed" aria-hidden="true">
          <svg :width="width" :height="lines * lineHeight">
            <g v-for="each in proposed" :key="each.id">
              <line :x1="each.from" :x2="each.to" :y1="each.y" :y2="each.y" />
              <circle :cx="each.to" :cy="each.y" r="3.5" />
            </g>
          </svg>
        </li>
        <li v-for="each in placed" :key="each.job.id">
          <JobChip
            v-drag="drag(each.job)"
            :placed="each"
            :line-height="lineHeight"
            :is-due="each.job.dueOn <= today"
            :is-chosen="store.chosenId.value === each.job.id"
            :is-pending="pending?.jobId === each.job.id"
            :is-dragged="dragged === each.job.id"
            @click="store.chosenId.value = each.job.id"
            @keydown.left.prevent="nudge(each.job, $event.shiftKey ? -7 : -1)"
            @keydown.right.prevent="nudge(each.job, $event.shiftKey ? 7 : 1)"
            @keydown.enter.prevent="store.drop()"
            @keydown.escape="pending = undefined"
            @keydown.h="hold(each.job)"
          />
        </li>
      </ul>
    </div>
  </div>
</template>

<style scoped>
.row {
  grid-template-columns: var(--name-width) minmax(0, 1fr);
  padding: 2px 0 5px;
}
.about {
  padding: 12px 10px 0 0;
}
.name {
  text-decoration: none;
  overflow: hidden;
  text-overflow: ellipsis;
}
.name:hover {
  text-decoration: underline;
  text-decoration-color: var(--rust);
}
.area {
  position: relative;
}
.ribbon {
  pointer-events: none;
}
.jobs {
  position: relative;
  margin-top: -10px;
  overflow: hidden;
}
.proposed {
  position: absolute;
  inset: 0;
  pointer-events: none;
}
.proposed line {
  stroke: var(--rust);
  stroke-width: 1.4;
  stroke-dasharray: 2 2;
}
.proposed circle {
  fill: var(--rust);
}
@media (width < 700px) {
  .row {
    grid-template-columns: minmax(0, 1fr);
  }
  .about {
    padding-top: 5px;
    grid-template-columns: auto auto;
    justify-content: space-between;
    align-items: baseline;
  }
}
</style>
