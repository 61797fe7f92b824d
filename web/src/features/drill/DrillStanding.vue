<script setup lang="ts">
import type { DrillDto } from '@spudder/contract/drill'
import { percent } from '@spudder/core/base/quantity'
import { midSentence } from '@spudder/core/base/writing'
import type { Context } from '@spudder/core/stand/plant'
import {
  causeOf,
  confusionDerivation,
  confusionsOf,
  doneOf,
  isNamed,
  summaryOf,
  syllabusOf,
  type DrillCard,
} from '@spudder/core/verdict/drill'
import { computed } from 'vue'
import HowGot from '../../shared/how/HowGot.vue'
import { dayWords, today } from '../../shared/units/today.ts'
import { useCurrency } from '../../shared/units/use-currency.ts'
import DataTable from '../../ui/DataTable.vue'
import EmptyState from '../../ui/EmptyState.vue'
import type { Column } from '../../ui/table-columns.ts'
import { regretWords } from './regret-words.ts'

/** Where one stands: what one takes for what, what is known, and what it cost. */
const props = defineProps<{ drills: readonly DrillDto[]; context: Context }>()
const currency = useCurrency()

const done = computed(() => props.drills.map(doneOf))
const confusions = computed(() => confusionsOf(done.value).filter(isNamed))
const syllabus = computed(() =>
  syllabusOf({ context: props.context, done: done.value, today: today() }),
)
const summary = computed(() => summaryOf(props.drills))
const due = computed(() => syllabus.value.cards.filter(({ dueOn }) => dueOn <= today()).length)
const columns: readonly Column<DrillCard>[] = [
  { key: 'cause', title: 'Cause', isHead: true, text: ({ causeId }) => causeOf(causeId).name },
  { key: 'times', title: 'Cases', isFigure: true, text: ({ times }) => String(times) },
  {
    key: 'last',
    title: 'Last time',
    text: ({ rightInRow }) => (rightInRow > 0 ? 'right' : 'wrong'),
  },
  { key: 'known', title: 'Still known', isFigure: true, text: ({ known }) => percent(known), sortBy: ({ known }) => known }, // prettier-ignore
  {
    key: 'due',
    title: 'Again',
    text: ({ dueOn }) => (dueOn <= today() ? 'due' : dayWords(dueOn)),
    sortBy: ({ dueOn }) => dueOn,
  },
]
</script>

<template>
  <section v-if="summary.cases > 0" class="stack gap-16" aria-label="Where you stand">
    <div class="stack gap-4">
      <h2>Where you stand</h2>
      <p>
        {{ summary.cases }} {{ summary.cases === 1 ? 'case' : 'cases' }}: on average
        {{ regretWords(summary.regret, currency) }}; in the last ten,
        {{ regretWords(summary.lately, currency) }}.
      </p>
      <p class="faint-note">
        Whoever goes by the verdict alone, which knows no more than you do, would have treated
        wrongly in
        {{ summary.engineWrong }} of them.
      </p>
    </div>
    <section class="stack gap-8" aria-label="What you take for something else">
      <h3>What you take for something else</h3>
      <ul v-if="confusions.length > 0" class="plain stack gap-8">
        <li v-for="each in confusions" :key="`${each.causeId} ${each.takenFor}`">
          <b>{{ causeOf(each.causeId).name }}</b> is taken for
          {{ midSentence(causeOf(each.takenFor).name) }}: {{ each.taken }} of {{ each.met }} times,
          and with {{ percent(each.chance) }} that is no slip.
          <HowGot :derivation="confusionDerivation(each)" />
        </li>
      </ul>
      <p v-else class="faint-note">Nothing that would be more than a slip so far.</p>
    </section>
    <section class="stack gap-8" aria-label="What is in play">
      <h3>
        {{ syllabus.inPlay.length }} of {{ syllabus.all.length }} causes in play, {{ due }} due
      </h3>
      <DataTable
        v-if="syllabus.cards.length > 0"
        label="Causes drilled on this kind of stand"
        :columns="columns"
        :rows="syllabus.cards"
        :row-key="({ causeId }) => causeId"
      />
      <p v-else class="faint-note">Nothing was drilled on this kind of stand yet.</p>
    </section>
  </section>
  <EmptyState
    v-else
    title="No case yet"
    words="After the first ones it stands here what you take for something else, and what comes again."
  />
</template>
