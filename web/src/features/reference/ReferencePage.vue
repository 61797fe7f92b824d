<script setup lang="ts">
import { computed } from 'vue'
import { version } from '../../../../package.json'
import AcidChapter from './AcidChapter.vue'
import CeilingChapter from './CeilingChapter.vue'
import ConstantChapter from './ConstantChapter.vue'
import LossChapter from './LossChapter.vue'
import RateChapter from './RateChapter.vue'
import SchoolChapter from './SchoolChapter.vue'
import SourceChapter from './SourceChapter.vue'
import TankChapter from './TankChapter.vue'

/** Where the figures come from. */
const props = defineProps<{ chapter?: string }>()
const chapters = [
  { id: 'sources', label: 'Sources', view: SourceChapter },
  { id: 'constants', label: 'Constants', view: ConstantChapter },
  { id: 'ceilings', label: 'Reckoning and trade', view: CeilingChapter },
  { id: 'losses', label: 'How long it lasts', view: LossChapter },
  { id: 'rates', label: 'Rates', view: RateChapter },
  { id: 'tank', label: 'Tank', view: TankChapter },
  { id: 'acid', label: 'Acid and pH', view: AcidChapter },
  { id: 'schools', label: 'Schools', view: SchoolChapter },
] as const
const shown = computed(() => chapters.find(({ id }) => id === props.chapter) ?? chapters[0])
</script>

<template>
  <h1>Reference</h1>
  <p class="lead">
    What Spudder reckons with, each figure with its source and mark: published, common practice,
    derived, from memory of a publication, or our judgement.
  </p>
  <nav aria-label="Chapters">
    <RouterLink
      v-for="each in chapters"
      :key="each.id"
      :to="{ name: 'reference', params: { chapter: each.id } }"
      :class="{ on: each.id === shown.id }"
      :aria-current="each.id === shown.id ? 'page' : undefined"
      >{{ each.label }}</RouterLink
    >
  </nav>
  <article class="reference">
    <component :is="shown.view" />
  </article>
  <p class="version">
    Spudder {{ version }}.
    <a href="/api/openapi.json">How other programs speak with it</a> (OpenAPI).
  </p>
</template>

<style scoped>
.lead {
  color: var(--slate);
  max-width: 75ch;
}
.version {
  margin-top: 22px;
  color: var(--slate);
  font-size: 0.82rem;
}
nav {
  display: flex;
  flex-wrap: wrap;
  gap: 2px 4px;
  border-bottom: 1px solid var(--strong-line);
  margin: 12px 0 14px;
}
nav a {
  padding: 8px 13px;
  text-decoration: none;
  border-bottom: 3px solid transparent;
}
nav .on {
  border-bottom-color: var(--rust);
  font-weight: 640;
}
.reference {
  display: grid;
  gap: 14px;
}
.reference :deep(table) {
  border-collapse: collapse;
  width: 100%;
  font-size: 0.87rem;
}
.reference :deep(th),
.reference :deep(td) {
  text-align: left;
  font-weight: 450;
  padding: 5px 14px 5px 0;
  border-bottom: 1px solid var(--line);
  vertical-align: baseline;
}
.reference :deep(thead th) {
  color: var(--slate);
  font-size: 0.8rem;
}
.reference :deep(tbody th) {
  font-weight: 600;
}
.reference :deep(.figure) {
  text-align: right;
  white-space: nowrap;
}
.reference :deep(.from) {
  color: var(--slate);
  font-size: 0.82rem;
}
</style>
