<script setup lang="ts">
import { inOwn } from '../../shared/units/said.ts'
import { formatNumber } from '@spudder/core/base/writing'
import type { DosePlan } from '@spudder/core/apply/dose'
import type { FillPlan } from '@spudder/core/apply/mix'
import {
  amountRange,
  amountWords,
  percent,
  quantityOf,
  rateText,
  valueIn,
} from '@spudder/core/base/quantity'
import type { Amount, Rate } from '@spudder/core/material/rate'
import type { LeafRetention } from '@spudder/core/apply/sprayer'
import type { WorkProblem } from '@spudder/core/apply/work'
import { useStandCase } from '../../shared/case/stand-case.ts'
import FillList from '../../shared/case/FillList.vue'
import HowGot from '../../shared/how/HowGot.vue'

/** What to weigh out, how it was got, and what a careful person would stop at. */
defineProps<{
  amount: Amount | undefined
  /** Amounts at the lowest and highest usual rate. */
  usual: { readonly low: Amount; readonly high: Amount } | undefined
  plan: FillPlan | undefined
  dose: DosePlan | undefined
  retention: LeafRetention | undefined
  /** Amounts at the lowest and highest usual water, where the rate is a strength. */
  spread:
    | {
        readonly low: Amount
        readonly high: Amount
        readonly carrier: NonNullable<Rate['carrier']>
      }
    | undefined
  isAboveTable: boolean
  problems: readonly WorkProblem[]
  nutrientWord: string
}>()
const { stand, system } = useStandCase()
const perGround = (low: number, high: number) => {
  const areaM2 = stand.value?.size.areaM2 ?? Number.NaN
  const unit = system.value === 'us' ? 'lb/acre' : 'kg/ha'
  const said = (kg: number) => formatNumber(valueIn(quantityOf(kg / areaM2, 'kg/m2'), unit))
  return `${said(low)}-${said(high)} ${unit}`
}
</script>

<template>
  <div class="sheet amount stack gap-6" aria-live="polite">
    <template v-if="amount">
      <p class="big text-heavy">
        {{ amountWords('mass', amount.productKg, system) }}<span class="unit">product</span>
      </p>
      <p v-if="amount.carrierL > 0" class="big text-heavy second">
        {{ amountWords('volume', amount.carrierL, system) }}<span class="unit">water</span>
      </p>
      <p class="faint-note">
        {{ amountWords('mass', amount.nutrientKg, system) }} of it {{ nutrientWord }}.
        <template v-if="usual">
          The usual rates give
          {{ amountRange('mass', usual.low.productKg, usual.high.productKg, system) }}.
        </template>
      </p>
      <p v-if="spread" class="faint-note">
        Over the usual water of
        {{ rateText([spread.carrier.low, spread.carrier.high], spread.carrier.unit, system) }}
        that is {{ perGround(spread.low.productKg, spread.high.productKg) }} of product and
        {{ perGround(spread.low.nutrientKg, spread.high.nutrientKg) }} of {{ nutrientWord }}.
      </p>
      <p v-if="retention" class="faint-note">
        About {{ percent(retention.usual) }} stays on the leaf{{
          retention.low === retention.high
            ? ''
            : ` (${percent(retention.low)} to ${percent(retention.high)})`
        }}; the rest runs off.
      </p>
      <FillList v-if="plan" :plan="plan" :system="system" />
      <template v-if="dose && dose.steps.length > 0">
        <ol class="dose">
          <li v-for="(step, index) in dose.steps" :key="index">
            day {{ index + 1 }}: <b>{{ amountWords('mass', step.productKg, system) }}</b>, to
            {{ formatNumber(step.reachesMgPerL, 2) }} mg/L
          </li>
        </ol>
        <p class="faint-note">Pour it in {{ dose.pourAt }}.</p>
      </template>
      <HowGot :derivation="amount.derivation" />
      <slot />
    </template>
    <p v-else class="faint-note">Fill in the figures, and the amount stands here.</p>
  </div>
  <p v-for="problem in problems" :key="problem.words" class="stop" :class="{ hard: problem.stops }">
    {{ inOwn(problem.words) }}
  </p>
  <p v-if="isAboveTable" class="stop">
    Above the usual rates: too much burns leaves and roots, and iron blackens turf. Only where the
    label says so.
  </p>
</template>

<style scoped>
.amount {
  padding: 12px 16px;
}
.big {
  font-size: var(--text-huge);
  letter-spacing: -0.02em;
  line-height: 1.1;
}
.big .unit {
  font-size: var(--text-small);
}
.second {
  font-size: var(--text-large);
}
.dose {
  padding-left: 0;
  list-style: none;
}
.hard {
  font-weight: 600;
}
</style>
