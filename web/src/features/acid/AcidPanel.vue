<script setup lang="ts">
import LinkButton from '../../ui/LinkButton.vue'
import EmptyState from '../../ui/EmptyState.vue'
import { useStandCase } from '../../shared/case/stand-case.ts'
import { computed } from 'vue'
import AcidScreen from './AcidScreen.vue'
import { pHToStartFrom } from '@spudder/core/outcome/buffering'
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
    <EmptyState
      v-if="isSolution"
      title="A solution has no soil to move"
      words="Its pH is brought down with acid in its water, a little a day. Choose a remedy that holds the pH, and measure every week."
      ><LinkButton :to="{ name: 'remedy' }">To the remedy</LinkButton></EmptyState
    >
    <EmptyState
      v-else-if="!hasPH"
      title="Measure the pH first"
      words="A plan starts from a pH: a composite of ten to fifteen cores over the root depth."
      ><LinkButton :to="{ name: 'bench' }">To the bench</LinkButton></EmptyState
    >
    <AcidScreen v-else :key="`${stand.id} ${story.acidPlans.at(-1)?.id ?? ''}`" :stand="stand" />
  </template>
</template>
