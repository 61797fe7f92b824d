<script setup lang="ts">
import { useStandCase } from '../../shared/case/stand-case.ts'
import { computed } from 'vue'
import AcidScreen from './AcidScreen.vue'
import { pHToStartFrom } from './acid-facts.ts'
import { today } from '../../shared/units/today.ts'

/** The acid plan of a stand, once there is something to start from. */
const { stand, story, place } = useStandCase()
const isSolution = computed(() => stand.value?.size.kind === 'solution')
const hasPH = computed(
  () =>
    story.value &&
    (story.value.acidPlans.length > 0 || pHToStartFrom(story.value, today()) !== undefined),
)
</script>

<template>
  <template v-if="stand && story && place">
    <div v-if="isSolution" class="empty">
      <h2>A solution has no soil to move</h2>
      <p>
        Its pH is brought down with acid in its water, a little a day. Choose a remedy that holds
        the pH, and measure every week.
      </p>
      <RouterLink :to="{ name: 'remedy' }" class="onward">To the remedy</RouterLink>
    </div>
    <div v-else-if="!hasPH" class="empty">
      <h2>Measure the pH first</h2>
      <p>A plan starts from a pH: a composite of ten to fifteen cores over the root depth.</p>
      <RouterLink :to="{ name: 'bench' }" class="onward">To the bench</RouterLink>
    </div>
    <AcidScreen v-else :key="`${stand.id} ${story.acidPlans.at(-1)?.id ?? ''}`" :stand="stand" />
  </template>
</template>

<style scoped>
.empty {
  display: grid;
  gap: 10px;
  padding: 24px 0;
  max-width: 50ch;
}
.onward {
  justify-self: start;
  background: var(--rust);
  color: var(--on-rust);
  border-radius: var(--radius);
  padding: 9px 16px;
  text-decoration: none;
  font-weight: 580;
}
</style>
