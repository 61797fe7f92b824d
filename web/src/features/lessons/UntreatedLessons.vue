<script setup lang="ts">
import type { LearningDto } from '@spudder/contract/learning'
import { addDays, dateToDay, dayToDate } from '@spudder/core/base/calendar'
import { leafColour } from '@spudder/core/seen/colour'
import type { StandCourse, UntreatedCourse } from '@spudder/core/outcome/untreated'
import { computed } from 'vue'
import type { Chart } from '../../shared/chart/chart.ts'
import ChartFrame from '../../shared/chart/ChartFrame.vue'
import { days, groups } from '../../shared/chart/scales.ts'
import HowGot from '../../shared/how/HowGot.vue'
import { dayWords } from '../../shared/units/today.ts'
import DataTable from '../../ui/DataTable.vue'
import EmptyState from '../../ui/EmptyState.vue'
import type { Column } from '../../ui/table-columns.ts'
import { paleWords, seenWords, untreatedDerivation, weekWords } from './untreated-words.ts'

/** How the leaves of each stand look through the year to come where nobody treats them. */
const props = defineProps<{ course: UntreatedCourse; record: LearningDto }>()
const names = computed(() => new Map(props.record.stands.map(({ id, name }) => [id, name])))
const nameOf = ({ standId }: StandCourse): string => names.value.get(standId) ?? ''
/** Those that were looked at untreated, the most first: of the others there is nothing to tell. */
const stands = computed(() =>
  props.course.stands.filter(({ looks }) => looks > 0).toSorted((a, b) => b.looks - a.looks),
)
const columns = computed((): readonly Column<StandCourse>[] => [
  { key: 'stand', title: 'Stand', isHead: true, width: 180, text: nameOf },
  {
    key: 'before',
    title: 'Thought before',
    width: 150,
    text: () => 'pale half of the time',
  },
  {
    key: 'seen',
    title: 'Seen here',
    width: 230,
    text: (row) => seenWords(row, props.course.looks),
  },
  { key: 'here', title: 'Expected to be pale', text: paleWords },
])
const mostDrawn = 12
const drawn = computed(() => stands.value.slice(0, mostDrawn))
const rowHeight = 30
const chart = computed((): Chart => {
  const { on } = props.course
  return {
    label:
      'Colour of the year to come without treatment, week by week; a red line runs through weeks that are likely pale',
    height: 56 + rowHeight * drawn.value.length,
    margin: { top: 22, right: 10, bottom: 24, left: 150 },
    x: {
      scale: days(addDays(on, -4), addDays(on, 368)),
      ticks: 6,
      words: (date: Date) => dayWords(dateToDay(date)),
    },
    y: {
      scale: groups(drawn.value.map(nameOf).toReversed()),
      ticks: drawn.value.map(nameOf),
      words: (name: string) => name,
    },
    marks: [
      ...drawn.value.flatMap((course) =>
        course.pale.map(({ from, to }) => ({
          kind: 'line' as const,
          ink: 'rust' as const,
          width: 3,
          points: [from, to].map((day) => ({ x: dayToDate(day), y: nameOf(course) })),
        })),
      ),
      {
        kind: 'points',
        size: 6,
        points: drawn.value.flatMap((course) =>
          course.weeks.map((week) => ({
            x: dayToDate(addDays(week.from, 3)),
            y: nameOf(course),
            fill: leafColour(week.greenness),
            words: weekWords(nameOf(course), week),
          })),
        ),
      },
    ],
  }
})
</script>

<template>
  <p class="readable text-slate">
    Before anything was put out, after it has faded, and on strips left untreated, leaves show how
    they look through the year by themselves. That tells when each stand is likely to go pale.
    Switched on above, treatments are judged against it, and the first looks of next season are
    planned by it.
  </p>
  <div v-if="stands.length > 0" class="stack gap-16 above-16">
    <p v-if="course.knowsTooLittle" class="faint-note">
      {{ course.looks.length }} such looks are too few to tell one week from another: what stands
      here is mostly what was thought before.
    </p>
    <ChartFrame :chart="chart" name="The year without treatment" :least-width="900" />
    <p class="faint-note">
      Each dot is a week, in the colour that is likeliest. A red line runs through weeks in which
      the leaf is likelier paler than acceptable than not.
    </p>
    <DataTable
      label="Weeks likely pale without treatment"
      :columns="columns"
      :rows="stands"
      :row-key="({ standId }) => standId"
      :row-class="(row) => (row.knowsTooLittle ? 'little' : '')"
    />
    <div class="stack gap-4">
      <HowGot
        v-for="each in drawn"
        :key="each.standId"
        :words="`how, ${nameOf(each)}`"
        :derivation="untreatedDerivation(each, nameOf(each), course.looks)"
      />
    </div>
  </div>
  <EmptyState
    v-else
    title="Nothing was seen untreated yet"
    words="Look at a stand before it is treated, or leave a strip of it untreated and look at that too."
  />
</template>
