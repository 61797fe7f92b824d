<script setup lang="ts">
import { daysBetween } from '@spudder/core/base/calendar'
import { lineStart } from '@spudder/core/base/writing'
import {
  featureOf,
  storyEvents,
  type DatedEvent,
  type FeatureName,
} from '@spudder/core/verdict/diagnosis'
import { drillDay } from '@spudder/core/verdict/drill'
import { computed } from 'vue'
import { said } from '../../shared/units/said.ts'

/** What is known of a drawn plant, and what was told of it. */
const props = defineProps<{
  known: ReadonlyMap<FeatureName, string>
  story: readonly DatedEvent[]
}>()
const found = computed(() =>
  [...props.known].map(([name, value]) => {
    const { label, values } = featureOf(name)
    return { name, label, words: said(values[value] ?? value) }
  }),
)
const told = computed(() =>
  props.story
    .map(({ kind, happenedOn }) => ({ kind, days: daysBetween(happenedOn, drillDay) }))
    .toSorted((a, b) => a.days - b.days),
)
</script>

<template>
  <section class="stack gap-6" aria-label="What is known">
    <dl>
      <template v-for="each in found" :key="each.name">
        <dt>{{ each.label }}</dt>
        <dd>{{ each.words }}</dd>
      </template>
    </dl>
    <ul v-if="told.length > 0" class="plain">
      <li v-for="each in told" :key="each.kind">
        {{ lineStart(storyEvents[each.kind].words) }}, {{ each.days }} days before
      </li>
    </ul>
    <p v-else class="faint-note">Nothing is told of the weeks before.</p>
  </section>
</template>

<style scoped>
dl {
  display: grid;
  grid-template-columns: minmax(110px, auto) 1fr;
  gap: 3px 14px;
}
dt {
  color: var(--slate);
}
</style>
