<script setup lang="ts">
import { TabPane, Tabs } from 'ant-design-vue'
import { computed } from 'vue'
import { useRouter } from 'vue-router'
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
  { id: 'ceilings', label: 'Calculation and trade', view: CeilingChapter },
  { id: 'losses', label: 'How long it lasts', view: LossChapter },
  { id: 'rates', label: 'Rates', view: RateChapter },
  { id: 'tank', label: 'Tank', view: TankChapter },
  { id: 'acid', label: 'Acid and pH', view: AcidChapter },
  { id: 'schools', label: 'Schools', view: SchoolChapter },
] as const
const shown = computed(() => chapters.find(({ id }) => id === props.chapter) ?? chapters[0])
const router = useRouter()
const turnTo = (chapter: unknown) =>
  router.push({ name: 'reference', params: { chapter: String(chapter) } })
</script>

<template>
  <h1>Reference</h1>
  <p class="lead text-slate">
    What Spudder calculates with, each figure with its source and mark: published, common practice,
    derived, from memory of a publication, or our judgement.
  </p>
  <Tabs :active-key="shown.id" @change="turnTo">
    <TabPane v-for="each in chapters" :key="each.id" :tab="each.label">
      <article v-if="each.id === shown.id" class="stack gap-16">
        <component :is="each.view" />
      </article>
    </TabPane>
  </Tabs>
  <p class="from">
    Spudder {{ version }}.
    <a href="/api/openapi.json">How other programs speak with it</a> (OpenAPI).
  </p>
</template>

<style scoped>
.lead {
  max-width: 75ch;
}
</style>
