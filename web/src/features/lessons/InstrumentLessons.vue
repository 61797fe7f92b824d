<script setup lang="ts">
import type { LearningDto } from '@spudder/contract/learning'
import { formatNumber } from '@spudder/core/base/writing'
import {
  instrumentRows,
  type InstrumentRow,
  type MeasuringWay,
  type Pair,
} from '@spudder/core/seen/instrument'
import { computed } from 'vue'
import HowGot from '../../shared/how/HowGot.vue'
import { dayWords } from '../../shared/units/today.ts'
import DataTable from '../../ui/DataTable.vue'
import EmptyState from '../../ui/EmptyState.vue'
import FoldBox from '../../ui/FoldBox.vue'
import type { Column } from '../../ui/table-columns.ts'
import {
  hereWords,
  instrumentDerivation,
  instrumentWords,
  seenWords,
  usualWords,
} from './instrument-words.ts'

/** What kits and meters of the place read beside a laboratory. */
const props = defineProps<{
  ways: readonly MeasuringWay[]
  record: LearningDto | undefined
}>()
const rows = computed(() => instrumentRows(props.ways))
const columns: readonly Column<InstrumentRow>[] = [
  { key: 'what', title: 'What', isHead: true, text: instrumentWords },
  { key: 'usual', title: 'Usual', width: 130, text: usualWords },
  { key: 'seen', title: 'Seen here', width: 210, text: seenWords },
  { key: 'here', title: 'Expected here', text: hereWords },
]
const keyOf = ({ way: { kind, method }, instrument }: InstrumentRow) =>
  `${kind} ${method} ${instrument}`
const names = computed(() => new Map(props.record?.stands.map(({ id, name }) => [id, name])))
const pairWords = ({ read, laboratory }: Pair) =>
  `${formatNumber(read.value, 3)}, a laboratory ${formatNumber(laboratory.value, 3)} on ${dayWords(laboratory.takenOn)}`
</script>

<template>
  <p class="readable text-slate">
    A strip, kit or meter that was read within a week of a laboratory test at the same spot tells
    how far it is off. Switched on above, its readings are put right by that.
  </p>
  <div v-if="rows.length > 0" class="stack gap-16 above-16">
    <DataTable
      label="Kits and meters beside a laboratory"
      :columns="columns"
      :rows="rows"
      :row-key="keyOf"
      :row-class="(row) => (row.knowsTooLittle ? 'little' : '')"
    />
    <section
      v-for="row in rows"
      :key="keyOf(row)"
      class="stack gap-4"
      :aria-label="instrumentWords(row)"
    >
      <h2 class="minor">{{ instrumentWords(row) }}</h2>
      <HowGot :derivation="instrumentDerivation(row)" />
      <FoldBox
        tone="word"
        :words="
          row.pairs.length === 1
            ? 'the pair that it rests on'
            : `the ${row.pairs.length} pairs that it rests on`
        "
      >
        <ul class="plain-list stack gap-4">
          <li v-for="pair in row.pairs" :key="pair.read.readingId">
            {{ dayWords(pair.read.takenOn) }},
            <RouterLink :to="{ name: 'bench', params: { standId: pair.read.standId } }">{{
              names.get(pair.read.standId)
            }}</RouterLink>: {{ pairWords(pair) }}
          </li>
        </ul>
        <p class="faint-note">One that is struck out there teaches nothing any more.</p>
      </FoldBox>
    </section>
  </div>
  <EmptyState
    v-else
    title="Nothing was compared yet"
    words="Read your strip, kit or meter on the sample that goes to the laboratory, or within a week at the same spot, and enter both."
  />
</template>
