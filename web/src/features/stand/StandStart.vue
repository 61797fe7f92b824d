<script setup lang="ts">
import { putsOut } from '@spudder/core/days/plan'
import { computed, watchEffect } from 'vue'
import { useRouter } from 'vue-router'
import { useStandCase } from '../../shared/case/stand-case.ts'

/** Opening a stand leads to the step of its case that is next. */
const { story, openCase, remedies, jobs, standing } = useStandCase()
const router = useRouter()

const step = computed(() => {
  if (!story.value || !openCase.value) return 'look'
  if (remedies.value.length === 0) return 'look'
  const toApply = jobs.value.some(({ kind, status }) => putsOut(kind) && status === 'planned')
  if (toApply) return 'jobs'
  return standing.value.length > 0 ? 'watch' : 'remedy'
})
watchEffect(() => {
  if (story.value) void router.replace({ name: step.value })
})
</script>

<template>
  <p class="faint">…</p>
</template>
