<script setup lang="ts">
import { Button } from 'ant-design-vue'
import type { EntryDto } from '@spudder/contract/entry'
import { computed, ref } from 'vue'
import { useStandCase } from '../../shared/case/stand-case.ts'
import { amountWords } from '@spudder/core/base/quantity'
import { dayWords } from '../../shared/units/today.ts'
import PhotoLink from '../../shared/photo/PhotoLink.vue'
import { weatherWordsOf } from '../../shared/weather/weather-then.ts'
import CorrectionForm from './CorrectionForm.vue'

const props = defineProps<{ entries: readonly EntryDto[] }>()
const { story, system } = useStandCase()

const newestFirst = computed(() => props.entries.toReversed())
const correctionOf = (id: string) => props.entries.find(({ correctsId }) => correctsId === id)
/** When, by whom, from which lot, in what weather: what an inspector asks for. */
function besidesOf(entry: EntryDto): string {
  const clock = [entry.startedAt, entry.endedAt].filter((each) => each !== null).join('-')
  const lot = entry.lot === '' ? '' : `lot ${entry.lot}`
  const weather = weatherWordsOf(entry.weather, system.value)
  return [clock, entry.worker, lot, weather].filter((each) => each !== '').join(' · ')
}
const photosOf = (entryId: string) =>
  (story.value?.photos ?? []).filter((photo) => photo.entryId === entryId)
const correcting = ref<string>()
</script>

<template>
  <section aria-label="Entries">
    <h2>Recorded</h2>
    <ul>
      <li
        v-for="entry in newestFirst"
        :key="entry.id"
        :class="{ corrected: correctionOf(entry.id) || entry.isStruck }"
      >
        <p>
          <b>{{ dayWords(entry.happenedOn) }}</b> {{ entry.appliedName }}:
          <b>{{ amountWords('mass', entry.productKg, system) }}</b>
          <template v-if="entry.waterL > 0">
            in {{ amountWords('volume', entry.waterL, system) }}</template
          >
        </p>
        <p class="small text-small">
          planned {{ amountWords('mass', entry.plannedProductKg, system) }} · {{ entry.createdBy }},
          {{ dayWords(entry.createdAt.slice(0, 10)) }}
        </p>
        <p v-if="besidesOf(entry)" class="small text-small">{{ besidesOf(entry) }}</p>
        <p v-if="photosOf(entry.id).length > 0" class="photos lined wrapped gap-6">
          <PhotoLink
            v-for="photo in photosOf(entry.id)"
            :key="photo.id"
            :photo-id="photo.id"
            :words="photo.fileName"
          />
        </p>
        <p v-if="entry.note" class="small text-small">{{ entry.note }}</p>
        <p v-if="entry.correctsId" class="small text-small">
          {{ entry.isStruck ? 'Struck out, it did not happen' : 'Corrects the entry below' }}:
          {{ entry.reason }}
        </p>
        <p v-if="correctionOf(entry.id)" class="small text-small">
          Corrected {{ dayWords(correctionOf(entry.id)!.createdAt.slice(0, 10)) }}; kept as it was.
        </p>
        <template v-else>
          <Button
            v-if="correcting !== entry.id"
            class="correct"
            type="link"
            size="small"
            @click="correcting = entry.id"
          >
            {{ entry.isStruck ? 'Bring it back' : 'Correct' }}
          </Button>
          <CorrectionForm v-else :entry="entry" @done="correcting = undefined" />
        </template>
      </li>
    </ul>
  </section>
</template>

<style scoped>
ul {
  display: grid;
  margin-top: 6px;
}
li {
  border-top: 1px solid var(--line);
  padding: 9px 0;
  display: grid;
  gap: 2px;
}
.photos :deep(img) {
  width: 64px;
  height: 64px;
  object-fit: cover;
  border: 1px solid var(--line);
}
.small {
  color: var(--slate);
}
.corrected p:first-child {
  text-decoration: line-through;
  color: var(--slate);
}
.correct {
  justify-self: start;
}
</style>
