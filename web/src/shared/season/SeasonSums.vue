<script setup lang="ts">
import { sourceWords } from '@spudder/core/reference'
import {
  amountWords,
  formatNumber,
  quantityOf,
  valueIn,
  type UnitSystem,
} from '@spudder/core/quantity'
import type { SeasonSum } from '@spudder/core/season'

/** What a season puts on the ground, against what may. */
const props = defineProps<{ sums: readonly SeasonSum[]; year: string; system: UnitSystem }>()
const words = { Fe: 'iron', N: 'nitrogen', S: 'sulfur', Mn: 'manganese', Zn: 'zinc' } as const
const perGround = (kgPerHa: number): string =>
  props.system === 'us'
    ? `${formatNumber(valueIn(quantityOf(kgPerHa, 'kg/ha'), 'lb/acre'), 2)} lb/acre`
    : `${formatNumber(kgPerHa, 2)} kg/ha`
</script>

<template>
  <section v-if="sums.length > 0" class="sums" :aria-label="`Sums of ${year}`">
    <h3>On this ground in {{ year }}, with what is planned</h3>
    <ul>
      <li v-for="sum in sums" :key="sum.nutrient" :class="{ over: sum.isOver }">
        <span>{{ words[sum.nutrient] }}</span>
        <b v-if="sum.kgPerHa !== undefined">{{ perGround(sum.kgPerHa) }}</b>
        <b v-else>{{ amountWords('mass', sum.doneKg + sum.plannedKg, system, 2) }}</b>
        <details v-if="sum.limit && sum.kgPerHa !== undefined">
          <summary>
            {{ sum.isOver ? 'over the ' : 'of at most ' }}{{ perGround(sum.limit.value) }}
          </summary>
          {{ sourceWords(sum.limit) }}
        </details>
      </li>
    </ul>
    <p v-if="sums.some(({ isOver }) => isOver)" class="stop">
      The season has had enough of it. Local rules and the label come first.
    </p>
  </section>
</template>

<style scoped>
.sums {
  display: grid;
  gap: 5px;
  font-size: 0.86rem;
}
li {
  display: grid;
  grid-template-columns: 84px auto 1fr;
  gap: 10px;
  align-items: baseline;
}
li span,
summary {
  color: var(--slate);
}
summary {
  cursor: pointer;
  list-style: none;
  text-decoration: underline dotted;
  text-underline-offset: 3px;
}
.over b,
.over summary {
  color: var(--rust);
}
</style>
