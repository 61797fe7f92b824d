<script setup lang="ts">
import type { LearningDto } from '@spudder/contract/learning'
import { lessonRows, type LearntResponse, type LessonRow } from '@spudder/core/outcome/learnt'
import { computed } from 'vue'
import HowGot from '../../shared/how/HowGot.vue'
import { dayWords } from '../../shared/units/today.ts'
import DataTable from '../../ui/DataTable.vue'
import FoldBox from '../../ui/FoldBox.vue'
import type { Column } from '../../ui/table-columns.ts'
import { hereWords, lessonDerivation, publishedWords, rowWords, seenWords } from './lesson-words.ts'

/** One kind of treatment: what was published of it, what was seen, what is expected here. */
const props = defineProps<{
  learnt: LearntResponse
  standId: string
  record: LearningDto | undefined
}>()
const rows = computed(() => lessonRows(props.learnt, props.standId))
const columns: readonly Column<LessonRow>[] = [
  { key: 'what', title: 'What', isHead: true, width: 180, text: ({ name }) => rowWords[name] },
  { key: 'published', title: 'Published', width: 190, text: publishedWords },
  { key: 'seen', title: 'Seen here', width: 260, text: seenWords },
  {
    key: 'here',
    title: 'Expected here',
    text: (row) => (row.knowsTooLittle ? `${hereWords(row)}; too little seen yet` : hereWords(row)),
  },
]
/** The treatments that it rests on, the newest first. */
const treatments = computed(() => {
  const names = new Map(props.record?.stands.map(({ id, name }) => [id, name]))
  const ids = new Set(props.learnt.entryIds)
  return (props.record?.treatments ?? [])
    .filter(({ entryId }) => ids.has(entryId))
    .toSorted((a, b) => b.appliedOn.localeCompare(a.appliedOn))
    .map((each) => ({ ...each, name: names.get(each.standId) ?? '' }))
})
const restsOn = computed(() =>
  treatments.value.length === 1
    ? 'the treatment that it rests on'
    : `the ${treatments.value.length} treatments that it rests on`,
)
</script>

<template>
  <section class="stack gap-10" :aria-label="learnt.published.label">
    <h2>{{ learnt.published.label }}</h2>
    <DataTable
      :label="`Lessons of ${learnt.published.label}`"
      :columns="columns"
      :rows="rows"
      :row-key="(row) => row.name"
      :row-class="(row) => (row.knowsTooLittle ? 'little' : '')"
    />
    <HowGot :derivation="lessonDerivation(learnt, rows)" />
    <FoldBox tone="word" :words="restsOn">
      <ul class="plain-list stack gap-4">
        <li v-for="each in treatments" :key="each.entryId">
          {{ dayWords(each.appliedOn) }}:
          <RouterLink :to="{ name: 'jobs', params: { standId: each.standId } }">{{
            each.name
          }}</RouterLink>
        </li>
      </ul>
      <p class="faint-note">One that is struck out there teaches nothing any more.</p>
    </FoldBox>
  </section>
</template>

<style scoped>
h2::first-letter {
  text-transform: uppercase;
}
</style>
