<script setup lang="ts">
import type { SeasonReview, SourceWorth, StandReview } from '@spudder/core/outcome/season-review'
import HowGot from '../../shared/how/HowGot.vue'
import { money } from '../../shared/units/money-words.ts'
import { dayWords } from '../../shared/units/today.ts'
import { useCurrency } from '../../shared/units/use-currency.ts'
import DataTable from '../../ui/DataTable.vue'
import type { Column } from '../../ui/table-columns.ts'
import { answeredWords, daysWords, gainedDerivation, gainedWords } from './season-words.ts'

/** What worked where, and what each stand cost. */
const props = defineProps<{ review: SeasonReview }>()
const currency = useCurrency()
const nameOf = (standId: string) =>
  props.review.stands.find((each) => each.standId === standId)?.name ?? ''
const sources: readonly Column<SourceWorth>[] = [
  { key: 'stand', title: 'Stand', isHead: true, text: ({ standId }) => nameOf(standId), sortBy: ({ standId }) => nameOf(standId) }, // prettier-ignore
  { key: 'what', title: 'What', text: ({ appliedName }) => appliedName },
  { key: 'times', title: 'Times', isFigure: true, text: ({ treatments }) => String(treatments.length) }, // prettier-ignore
  { key: 'answered', title: 'Answered', text: answeredWords, sortBy: ({ answered }) => answered },
  {
    key: 'gained',
    title: 'Days gained',
    isFigure: true,
    text: gainedWords,
    sortBy: ({ told, gained }) => (told === 0 ? undefined : gained.usual),
  },
  {
    key: 'cost',
    title: 'Product',
    isFigure: true,
    text: ({ cost }) => money(cost, currency.value),
    sortBy: ({ cost }) => cost,
  },
  {
    key: 'per',
    title: 'A day gained',
    isFigure: true,
    text: ({ perGainedDay }) =>
      perGainedDay === undefined ? '' : money(perGainedDay, currency.value),
    sortBy: ({ perGainedDay }) => perGainedDay,
  },
]
const stands: readonly Column<StandReview>[] = [
  { key: 'stand', title: 'Stand', isHead: true, text: ({ name }) => name, sortBy: ({ name }) => name }, // prettier-ignore
  {
    key: 'green',
    title: 'Green days',
    isFigure: true,
    text: ({ green, known }) => (known === 0 ? 'nobody looked' : daysWords(green)),
    sortBy: ({ green, known }) => (known === 0 ? undefined : green.usual),
  },
  { key: 'known', title: 'Of days seen', isFigure: true, text: ({ known }) => String(known), sortBy: ({ known }) => known }, // prettier-ignore
  {
    key: 'spent',
    title: 'Spent',
    isFigure: true,
    text: ({ spent }) => money(spent.total, currency.value),
    sortBy: ({ spent }) => spent.total,
  },
  {
    key: 'per',
    title: 'A green day',
    isFigure: true,
    text: ({ perGreenDay }) => (perGreenDay ? money(perGreenDay.usual, currency.value) : ''),
    sortBy: ({ perGreenDay }) => perGreenDay?.usual,
  },
  {
    key: 'pale',
    title: 'Pale from',
    text: ({ paleFrom }) => (paleFrom === undefined ? '' : dayWords(paleFrom)),
    sortBy: ({ paleFrom }) => paleFrom,
  },
]
</script>

<template>
  <section class="stack gap-8" aria-label="What worked where">
    <h2>What worked where</h2>
    <template v-if="review.sources.length > 0">
      <DataTable
        label="Treatments by stand"
        :columns="sources"
        :rows="review.sources"
        :row-key="(row) => `${row.standId} ${row.appliedName}`"
      />
      <HowGot :derivation="gainedDerivation" />
    </template>
    <p v-else class="faint-note">Nothing was put out to green a leaf.</p>
  </section>
  <section class="stack gap-8" aria-label="What each stand cost">
    <h2>What each stand cost</h2>
    <DataTable
      label="Stands by cost"
      :columns="stands"
      :rows="review.stands"
      :row-key="({ standId }) => standId"
    />
  </section>
</template>
