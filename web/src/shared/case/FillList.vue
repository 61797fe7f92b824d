<script setup lang="ts">
import type { FillPlan } from '@spudder/core/apply/mix'
import { amountWords, type UnitSystem } from '@spudder/core/base/quantity'

/** The fills of a tank, as they are weighed out. */
defineProps<{ plan: FillPlan; system: UnitSystem }>()
</script>

<template>
  <ul class="stack gap-4">
    <li v-if="plan.fullFills > 0">
      <b>{{ plan.fullFills }} ×</b> full tank of
      {{ amountWords('volume', plan.full.waterL, system) }} with
      <b>{{ amountWords('mass', plan.full.productKg, system) }}</b>
    </li>
    <li v-if="plan.part">
      <b>{{ plan.fullFills > 0 ? 'then' : 'one' }}</b> part fill of
      {{ amountWords('volume', plan.part.waterL, system) }} with
      <b>{{ amountWords('mass', plan.part.productKg, system) }}</b>
    </li>
  </ul>
</template>
