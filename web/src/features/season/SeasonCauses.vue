<script setup lang="ts">
import type { SeasonCase, SeasonReview } from '@spudder/core/outcome/season-review'
import { computed } from 'vue'
import HowGot from '../../shared/how/HowGot.vue'
import { money } from '../../shared/units/money-words.ts'
import { dayWords } from '../../shared/units/today.ts'
import { useCurrency } from '../../shared/units/use-currency.ts'
import DataTable from '../../ui/DataTable.vue'
import type { Column } from '../../ui/table-columns.ts'
import { chanceWords, checksByKind, checksDerivation, endWords, foundWords, type CheckWorth } from './season-words.ts' // prettier-ignore

/** What was found, and which checks were worth it. */
const props = defineProps<{ review: SeasonReview }>()
const currency = useCurrency()
const nameOf = (standId: string) =>
  props.review.stands.find((each) => each.standId === standId)?.name ?? ''
const checks = computed(() => checksByKind(props.review))
const cases: readonly Column<SeasonCase>[] = [
  { key: 'stand', title: 'Stand', isHead: true, text: ({ standId }) => nameOf(standId), sortBy: ({ standId }) => nameOf(standId) }, // prettier-ignore
  {
    key: 'found',
    title: 'Found',
    text: foundWords,
  },
  {
    key: 'acted',
    title: 'Acted on',
    text: ({ acted }) => (acted ? `${dayWords(acted.on)}, right with ${chanceWords(acted.right)}` : 'not yet'), // prettier-ignore
    sortBy: ({ acted }) => acted?.on,
  },
  {
    key: 'end',
    title: 'End',
    text: (row) => (row.closedOn ? `${endWords(row)}, ${dayWords(row.closedOn)}` : endWords(row)),
    sortBy: ({ closedOn }) => closedOn ?? undefined,
  },
]
const made: readonly Column<CheckWorth>[] = [
  { key: 'check', title: 'Check', isHead: true, text: ({ name }) => name },
  { key: 'made', title: 'Made', isFigure: true, text: (row) => String(row.made), sortBy: (row) => row.made }, // prettier-ignore
  { key: 'changed', title: 'Changed the remedy', isFigure: true, text: ({ changed }) => (changed === 0 ? '' : String(changed)), sortBy: ({ changed }) => changed }, // prettier-ignore
  { key: 'effort', title: 'Effort', isFigure: true, text: ({ effort }) => money(Math.round(effort), currency.value), sortBy: ({ effort }) => effort }, // prettier-ignore
  { key: 'saved', title: 'Worth', isFigure: true, text: (row) => money(Math.round(row.worth), currency.value), sortBy: (row) => row.worth }, // prettier-ignore
]
</script>

<template>
  <section class="stack gap-8" aria-label="Causes found">
    <h2>Causes found</h2>
    <DataTable
      v-if="review.cases.length > 0"
      label="Cases of the season"
      :columns="cases"
      :rows="review.cases"
      :row-key="({ id }) => id"
    />
    <p v-else class="faint-note">No case was open.</p>
  </section>
  <section v-if="checks.length > 0" class="stack gap-8" aria-label="Which checks were worth it">
    <h2>Which checks were worth it</h2>
    <DataTable
      label="Checks of the season"
      :columns="made"
      :rows="checks"
      :row-key="({ checkId }) => checkId"
      :row-class="({ worth, effort }) => (worth < effort ? 'little' : '')"
    />
    <HowGot :derivation="checksDerivation" />
  </section>
</template>
