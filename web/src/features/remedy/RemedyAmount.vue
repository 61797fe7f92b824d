<script setup lang="ts">
import type { FillPlan, MixWarning } from '@spudder/core/mix'
import type { Amount } from '@spudder/core/rate'
import { useStandCase } from '../../shared/case/stand-case.ts'
import FillList from '../../shared/case/FillList.vue'
import HowGot from '../../shared/how/HowGot.vue'
import { amountRange, amountWords } from '@spudder/core/quantity'

/** What to weigh out, how it was got, and what a careful person would stop at. */
defineProps<{
  amount: Amount | undefined
  /** Amounts at the lowest and highest usual rate. */
  usual: { readonly low: Amount; readonly high: Amount } | undefined
  plan: FillPlan | undefined
  isAboveTable: boolean
  warnings: readonly MixWarning[]
  nutrientWord: string
}>()
const { system } = useStandCase()
</script>

<template>
  <div class="sheet amount" aria-live="polite">
    <template v-if="amount">
      <p class="big">
        {{ amountWords('mass', amount.productKg, system) }}<span class="unit">product</span>
      </p>
      <p v-if="amount.carrierL > 0" class="big second">
        {{ amountWords('volume', amount.carrierL, system) }}<span class="unit">water</span>
      </p>
      <p class="faint-note">
        {{ amountWords('mass', amount.nutrientKg, system) }} of it {{ nutrientWord }}.
        <template v-if="usual">
          The usual rates give
          {{ amountRange('mass', usual.low.productKg, usual.high.productKg, system) }}.
        </template>
      </p>
      <FillList v-if="plan" :plan="plan" :system="system" />
      <HowGot :derivation="amount.derivation" />
    </template>
    <p v-else class="faint-note">Fill in the figures, and the amount stands here.</p>
  </div>
  <p v-if="isAboveTable" class="stop">
    Above the usual rates: too much burns leaves and roots, and iron blackens turf. Only where the
    label says so.
  </p>
  <p v-for="warning in warnings" :key="warning.id" class="stop">{{ warning.words }}</p>
</template>

<style scoped>
.amount {
  padding: 12px 16px;
  display: grid;
  gap: 6px;
}
.big {
  font-size: 2.1rem;
  font-weight: 660;
  letter-spacing: -0.02em;
  line-height: 1.1;
}
.big .unit {
  font-size: 0.9rem;
}
.second {
  font-size: 1.4rem;
}
</style>
