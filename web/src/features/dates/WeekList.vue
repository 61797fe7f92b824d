<script setup lang="ts">
import { amountsOf } from '@spudder/core/days/task'
import type { JobDto } from '@spudder/contract/job'
import { addDays, daysBetween } from '@spudder/core/base/calendar'
import { amountWords } from '@spudder/core/base/quantity'
import { utcFormat } from 'd3-time-format'
import { computed } from 'vue'
import { dayWords } from '../../shared/units/today.ts'
import { skyOf } from '../../shared/weather/outlook-words.ts'
import { shownWorks } from '../../shared/weather/strip-rows.ts'
import { useDatesStore } from './dates-store.ts'

/** The jobs of a week day by day, to read on a phone and to print for the wall. */
const store = useDatesStore()
const system = computed(() => store.place.value?.unitSystem ?? 'us')
const from = computed(() => (store.view.value === 'season' ? store.today : store.window.value.from))
const length = computed(() => (store.view.value === 'day' ? 1 : 7))
const weekday = utcFormat('%A')

function amountOf(job: JobDto): string {
  const remedy = store.planning.data.value?.remedies.find(({ id }) => id === job.remedyId)
  const { productKg, waterL } = amountsOf(job, remedy)
  const bought = job.kind === 'buy' ? (job.plannedKg ?? 0) : productKg
  if (bought === 0) return ''
  const water = waterL > 0 ? ` in ${amountWords('volume', waterL, system.value)}` : ''
  return `${amountWords('mass', bought, system.value)}${water}`
}
const days = computed(() =>
  Array.from({ length: length.value }, (_, index) => {
    const day = addDays(from.value, index)
    const outlook = store.outlook.data.value?.days.find((each) => each.day === day)
    const jobs = store.jobs.value
      .filter(({ id }) => store.current.value.get(id) === day)
      .toSorted((one, other) => ((one.startsAt ?? '99') < (other.startsAt ?? '99') ? -1 : 1))
      .map((job) => ({
        job,
        stand: store.standOf(job.standId)?.name ?? '',
        amount: amountOf(job),
        isLate: daysBetween(job.dueOn, day) > 0,
      }))
    return {
      day,
      words: `${weekday(new Date(`${day}T00:00:00Z`))}, ${dayWords(day)}`,
      sky: outlook ? skyOf(outlook, shownWorks) : [],
      jobs,
    }
  }),
)
</script>

<template>
  <section class="week stack gap-8" aria-label="The week">
    <h2>{{ length === 1 ? 'The day' : 'Seven days' }} from {{ dayWords(from) }}</h2>
    <p class="only-print">
      {{ store.place.value?.name }}. The label comes first; look at the sky before you fill.
    </p>
    <div class="days stack">
      <article v-for="each in days" :key="each.day" :class="{ none: each.jobs.length === 0 }">
        <h3>{{ each.words }}</h3>
        <p v-for="line in each.sky" :key="line" class="sky">{{ line }}</p>
        <ul>
          <li v-for="{ job, stand, amount, isLate } in each.jobs" :key="job.id">
            <span class="box" aria-hidden="true" />
            <span>
              <b v-if="job.startsAt">{{ job.startsAt }} </b>
              <RouterLink :to="{ name: 'jobs', params: { standId: job.standId } }">{{
                stand
              }}</RouterLink>: {{ job.title }}<template v-if="amount">, {{ amount }}</template>
              <span v-if="isLate" class="text-rust text-strong">
                was due {{ dayWords(job.dueOn) }}</span
              >
              <span v-if="job.isLocked" class="part"> held</span>
            </span>
          </li>
        </ul>
        <p v-if="each.jobs.length === 0" class="part">nothing planned</p>
      </article>
    </div>
  </section>
</template>

<style scoped>
.days {
  grid-template-columns: repeat(auto-fill, minmax(250px, 1fr));
  gap: 12px 22px;
}
article {
  border-top: 1.5px solid var(--strong-line);
  padding-top: 6px;
  display: grid;
  gap: 3px;
  align-content: start;
}
h3 {
  color: var(--ink);
  font-size: var(--text-small);
}
.sky,
.part {
  font-size: var(--text-tiny);
  color: var(--slate);
}
li {
  display: grid;
  grid-template-columns: auto minmax(0, 1fr);
  gap: 8px;
  align-items: baseline;
  padding: 3px 0;
}
.box {
  width: 12px;
  height: 12px;
  border: 1.5px solid var(--strong-line);
  border-radius: 2px;
}
.only-print {
  display: none;
}
@media print {
  .only-print {
    display: block;
  }
  .days {
    grid-template-columns: repeat(2, 1fr);
  }
  article {
    break-inside: avoid;
  }
}
</style>
