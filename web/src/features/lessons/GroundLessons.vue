<script setup lang="ts">
import type { LearningDto } from '@spudder/contract/learning'
import {
  bufferDerivation,
  bufferRows,
  bufferWords,
  saidWords,
  type BufferRow,
} from '@spudder/core/outcome/buffering'
import { formatDecimals } from '@spudder/core/base/writing'
import { computed } from 'vue'
import { useBuffering } from '../../api/learning.ts'
import { usePlace } from '../../api/places.ts'
import HowGot from '../../shared/how/HowGot.vue'
import { dayWords, today } from '../../shared/units/today.ts'
import DataTable from '../../ui/DataTable.vue'
import EmptyState from '../../ui/EmptyState.vue'
import ProblemNote from '../../ui/ProblemNote.vue'
import type { Column } from '../../ui/table-columns.ts'

/** How the ground of each stand holds its pH, by what retests of its acid plans showed. */
const props = defineProps<{ record: LearningDto }>()
const { place } = usePlace()
const { data: buffering, error } = useBuffering(() => place.value?.id)
const rows = computed(() => buffering.value && bufferRows(buffering.value.plans, today()))
const names = computed(() => new Map(props.record.stands.map(({ id, name }) => [id, name])))
const nameOf = ({ standId }: BufferRow): string => names.value.get(standId) ?? ''
const columns: readonly Column<BufferRow>[] = [
  { key: 'stand', title: 'Stand', isHead: true, width: 180, text: nameOf },
  { key: 'figured', title: 'Figured', text: ({ figured }) => bufferWords(figured) },
  {
    key: 'seen',
    title: 'Seen here',
    text: ({ said, figured }) =>
      said ? saidWords(said, figured) : 'nothing of it: too little has acted yet',
  },
  {
    key: 'here',
    title: 'Expected here',
    text: ({ here, figured, knowsTooLittle }) =>
      `${bufferWords(here ?? figured)}${knowsTooLittle ? '; too little seen yet' : ''}`,
  },
]
</script>

<template>
  <p class="readable text-slate">
    A pH that was tested again under an acid plan tells how much acid the ground takes for one pH.
    Switched on above, new plans begin from that; a plan under way is pulled through its own retests
    anyway.
  </p>
  <ProblemNote :problem="error" />
  <div v-if="rows && rows.length > 0" class="stack gap-16 above-16">
    <DataTable
      label="Acid for one pH"
      :columns="columns"
      :rows="rows"
      :row-key="({ standId }) => standId"
      :row-class="(row) => (row.knowsTooLittle ? 'little' : '')"
    />
    <section
      v-for="row in rows"
      :key="row.standId"
      class="stack gap-4"
      :aria-label="`Ground of ${nameOf(row)}`"
    >
      <h2 class="minor">{{ nameOf(row) }}</h2>
      <HowGot v-if="row.here" :derivation="bufferDerivation(row.here, row)" />
      <ul class="plain-list stack gap-4">
        <li v-for="plan in row.plans" :key="plan.planId">
          <RouterLink :to="{ name: 'acid', params: { standId: row.standId } }"
            >Plan of {{ dayWords(plan.startsOn) }}</RouterLink
          >: tested again
          {{
            plan.retests
              .map(({ day, pH }) => `on ${dayWords(day)}, pH ${formatDecimals(pH, 1)}`)
              .join('; ')
          }}
        </li>
      </ul>
    </section>
  </div>
  <EmptyState
    v-else-if="rows"
    title="No acid plan was tested after"
    words="Test the pH again some months after sulfur went on: then what the ground takes is learnt from."
  />
</template>
