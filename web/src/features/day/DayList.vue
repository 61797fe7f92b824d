<script setup lang="ts">
import type { DayJobDto } from '@spudder/contract/day'
import DayJob from './DayJob.vue'
import type { DayHands } from './use-day.ts'

/** Jobs of a day, one below the other; without hands they are only told. */
defineProps<{
  jobs: readonly DayJobDto[]
  label: string
  hands: DayHands
  canWork?: boolean
  isDone?: boolean
}>()
</script>

<template>
  <ol class="plain-list" :aria-label="label">
    <DayJob
      v-for="each in jobs"
      :key="each.job.id"
      :entry="each"
      :me="hands.me.value"
      :system="hands.system.value"
      :can-work="canWork"
      :is-done="isDone"
      @begin="hands.begin(each)"
      @stop="hands.stop(each)"
      @done="hands.sayDone(each)"
      @take="hands.takeOn(each, $event)"
    />
  </ol>
</template>
