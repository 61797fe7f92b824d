<script setup lang="ts">
import type { SheetTickDto } from '@spudder/contract/tick'
import type { FillPace } from '@spudder/core/days/sheet'
import { lineStart } from '@spudder/core/base/writing'
import { computed } from 'vue'
import { clockOf } from '../../shared/units/today.ts'

/** Which fill is under way, large, and how the job comes on. */
const props = defineProps<{ count: number; pace: FillPace; last: SheetTickDto | undefined }>()
const now = computed(() => {
  const { next } = props.pace
  if (next === undefined) return 'All fills are out.'
  return `Fill ${next} of ${props.count}`
})
const about = computed(() => {
  const { eachMin, endsAt } = props.pace
  const before = props.last
    ? `fill ${props.last.number} was out at ${clockOf(new Date(props.last.at))}, by ${props.last.by}`
    : ''
  const each =
    eachMin === undefined ? '' : `one takes about ${Math.max(1, Math.round(eachMin))} min`
  const end = endsAt ? `all out at about ${clockOf(endsAt)}` : ''
  return lineStart([before, each, end].filter((words) => words !== '').join('; '))
})
</script>

<template>
  <div class="pace stack gap-4 no-print" role="status">
    <p class="text-huge text-heavy">{{ now }}</p>
    <p v-if="about" class="text-body text-slate">{{ about }}</p>
  </div>
</template>

<style scoped>
.pace {
  padding: 8px 12px;
  background: var(--sunken);
}
</style>
