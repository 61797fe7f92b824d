<script setup lang="ts">
import type { JobDto } from '@spudder/contract/job'
import { situations } from '@spudder/core/soil/acid-plan'
import { amountWords } from '@spudder/core/base/quantity'
import { computed } from 'vue'
import CautionList from '../../shared/case/CautionList.vue'
import { useStandCase } from '../../shared/case/stand-case.ts'
import { groundRange, groundUnit } from '../../shared/units/ground-rate.ts'

/** What a step of an acid plan puts out, and how. */
const props = defineProps<{ job: JobDto }>()
const { stand, story, system } = useStandCase()
const plan = computed(() => story.value?.acidPlans.find(({ id }) => id === props.job.acidPlanId))
const rate = computed(() => {
  if (!plan.value || props.job.plannedKg === null) return undefined
  const kgPerM2 = props.job.plannedKg / plan.value.groundM2
  return groundRange(
    { low: kgPerM2, high: kgPerM2 },
    groundUnit(system.value, plan.value.situation),
  )
})
const isTilled = computed(() => plan.value && situations[plan.value.situation].isTilled)
</script>

<template>
  <div v-if="plan && stand && job.sourceId" class="step stack gap-6">
    <p class="big text-huge text-heavy">
      {{ amountWords('mass', job.plannedKg ?? 0, system)
      }}<span class="unit">{{ job.appliedName }}</span>
    </p>
    <p class="text-slate text-small">{{ rate }}</p>
    <p>
      Half of it one way, half across it.
      {{
        isTilled
          ? 'Work it in over the whole depth.'
          : 'Brush it off the leaves and water it in at once; not in heat.'
      }}
      <RouterLink :to="{ name: 'acid' }">The plan it belongs to</RouterLink>
      ·
      <RouterLink :to="{ name: 'sheet', params: { standId: stand.id, jobId: job.id } }"
        >Open the sheet for outside</RouterLink
      >
    </p>
    <CautionList :context="stand.context" route="soil" :source-id="job.sourceId" />
  </div>
</template>

<style scoped>
.big {
  letter-spacing: -0.018em;
  line-height: 1.15;
}
.big .unit {
  font-size: var(--text-small);
}
</style>
