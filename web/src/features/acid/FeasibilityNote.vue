<script setup lang="ts">
import { useCurrency } from '../../shared/units/use-currency.ts'
import { feasibilityWords, type Feasibility } from '@spudder/core/soil/acid-plan'
import { computed } from 'vue'
import { moneyRange } from '../../shared/units/money-words.ts'
import { useAcidStore } from './acid-store.ts'

const currency = useCurrency()
/** Whether it can work, in one glance, and what decides it. */
defineProps<{ verdict: Feasibility }>()
const { offers, draft, groundM2 } = useAcidStore()
const money = computed(() => {
  const offer = offers.value.find(({ acidity }) => acidity.sourceId === draft.value.sourceId)
  if (!offer || groundM2.value === undefined || !Number.isFinite(offer.cost.high)) return undefined
  const { low, high } = offer.cost
  return `${moneyRange(low * groundM2.value, high * groundM2.value, currency.value)} of ${offer.name.toLowerCase()} for the whole ground.`
})
</script>

<template>
  <section :class="['can', verdict.word]" aria-label="Can it work?">
    <h2>{{ feasibilityWords[verdict.word] }}</h2>
    <p v-for="(reason, index) in verdict.reasons" :key="reason" :class="{ rest: index > 0 }">
      {{ reason }}
    </p>
    <p v-if="money" class="rest">{{ money }}</p>
    <template v-if="verdict.instead.length > 0">
      <h3>Instead</h3>
      <ul>
        <li v-for="each in verdict.instead" :key="each">{{ each }}</li>
      </ul>
    </template>
    <p v-for="school in verdict.schools" :key="school" class="rest">{{ school }}</p>
  </section>
</template>

<style scoped>
.can {
  display: grid;
  gap: 4px;
  border-left: 5px solid var(--ink);
  padding-left: 13px;
}
.slow,
.test {
  border-left-style: dashed;
}
.no {
  border-left-color: var(--rust);
}
h2 {
  font-size: var(--text-huge);
  line-height: 1.1;
  letter-spacing: -0.015em;
}
.no h2 {
  color: var(--rust);
}
.rest {
  font-size: var(--text-small);
  color: var(--slate);
}
h3 {
  font-size: var(--text-small);
  margin-top: 4px;
}
ul {
  list-style: disc;
  padding-left: 16px;
  font-size: var(--text-small);
}
</style>
