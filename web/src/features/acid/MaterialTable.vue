<script setup lang="ts">
import { formatNumber } from '@spudder/core/base/writing'
import { useCurrency } from '../../shared/units/use-currency.ts'
import { isNone } from '@spudder/core/base/reference'
import { percent, quantityOf, valueIn } from '@spudder/core/base/quantity'
import type { MaterialOffer } from '@spudder/core/soil/acid-plan'
import { computed } from 'vue'
import TextField from '../../ui/TextField.vue'
import ScrollBox from '../../shared/ScrollBox.vue'
import { groundUnit, inGroundUnit } from '../../shared/units/ground-rate.ts'
import { moneyRange } from '../../shared/units/money-words.ts'
import { useAcidStore } from './acid-store.ts'

const currency = useCurrency()
/** Every material for the same need, side by side: how much, money, speed, what else it brings. */
const { offers, draft, system, groundM2, layOutAnew } = useAcidStore()
const unit = computed(() => groundUnit(system.value, draft.value.situation))
const nutrientWords = { N: 'nitrogen', S: 'sulfur', Fe: 'iron' } as const

/** Two figures are as many as such a sum deserves. */
const rough = (value: number) => formatNumber(Number(value.toPrecision(2)))

function amountWords({ kgPerM2: { low, high } }: MaterialOffer): string {
  const from = formatNumber(inGroundUnit(low, unit.value), 2)
  return Number.isFinite(high)
    ? `${from}-${formatNumber(inGroundUnit(high, unit.value), 2)}`
    : `${from} and far more`
}
function moneyWords({ cost: { low, high } }: MaterialOffer): string {
  const area = groundM2 ?? 1
  return Number.isFinite(high)
    ? moneyRange(low * area, high * area, currency.value)
    : 'no end of it'
}
const perGround = (kgPerHa: number) =>
  system.value === 'us'
    ? `${rough(valueIn(quantityOf(kgPerHa, 'kg/ha'), 'lb/acre'))} lb/acre`
    : `${rough(kgPerHa)} kg/ha`
const bringsWords = ({ bringsKgPerHa }: MaterialOffer) =>
  (Object.keys(nutrientWords) as (keyof typeof nutrientWords)[])
    .flatMap((name) => {
      const amount = bringsKgPerHa[name]
      return amount === undefined ? [] : [`${nutrientWords[name]} ${perGround(amount)}`]
    })
    .join(', ')
function limitWords({ notHere, coveredShare, stepCount }: MaterialOffer): string {
  if (notHere) return notHere
  const steps = stepCount === 1 ? 'one step' : `${stepCount} steps`
  return coveredShare > 0.99 ? steps : `${percent(coveredShare)} of it in ${steps}`
}
/** Another bag is another plan of steps: those of the plan under way are laid out anew. */
function choose({ acidity }: MaterialOffer): void {
  draft.value.sourceId = acidity.sourceId
  draft.value.price = ''
  layOutAnew()
}

const practiceWords = ({ acidity: { practicePerSulfur } }: MaterialOffer): string =>
  isNone(practicePerSulfur) ? '' : `practice: ${practicePerSulfur.join('-')} × sulfur`
</script>

<template>
  <section class="materials" aria-label="Materials side by side">
    <h2>The same acid from other bags</h2>
    <ScrollBox label="Materials">
      <table>
        <thead>
          <tr>
            <th scope="col">Material</th>
            <th scope="col">{{ unit.words }}</th>
            <th scope="col">Money, whole ground</th>
            <th scope="col">How fast</th>
            <th scope="col">Within limits, three years</th>
            <th scope="col">Brings too</th>
          </tr>
        </thead>
        <tbody>
          <tr
            v-for="offer in offers"
            :key="offer.acidity.sourceId"
            :class="{ on: draft.sourceId === offer.acidity.sourceId, out: offer.notHere }"
          >
            <th scope="row">
              <button
                type="button"
                :aria-pressed="draft.sourceId === offer.acidity.sourceId"
                :disabled="offer.notHere !== undefined"
                @click="choose(offer)"
              >
                {{ offer.name }}
              </button>
            </th>
            <td class="figure">
              {{ amountWords(offer) }}
              <span v-if="practiceWords(offer)" class="faint-note">{{ practiceWords(offer) }}</span>
            </td>
            <td class="figure">{{ moneyWords(offer) }}</td>
            <td>{{ offer.acidity.speed }}</td>
            <td>{{ limitWords(offer) }}</td>
            <td>
              {{ bringsWords(offer) }} <span class="faint-note">{{ offer.acidity.remark }}</span>
            </td>
          </tr>
        </tbody>
      </table>
    </ScrollBox>
    <TextField
      v-model="draft.price"
      class="price"
      label="Your own price of the chosen one, money for a kilogram"
      inputmode="decimal"
      hint="left empty: usual retail prices"
    />
  </section>
</template>

<style scoped>
.materials {
  display: grid;
  gap: 8px;
  border-top: 1px solid var(--line);
  padding-top: 12px;
}
table {
  width: 100%;
  min-width: 820px;
  border-collapse: collapse;
  font-size: 0.86rem;
}
th,
td {
  text-align: left;
  vertical-align: top;
  padding: 6px 12px 6px 0;
  border-top: 1px solid var(--line);
}
thead th {
  border-top: 0;
  color: var(--slate);
  font-weight: 500;
}
th[scope='row'] {
  min-width: 180px;
}
.figure {
  white-space: nowrap;
}
.figure .faint-note {
  display: block;
}
button {
  border: 0;
  background: none;
  padding: 0 0 0 9px;
  border-left: 4px solid transparent;
  text-align: left;
  cursor: pointer;
  font-weight: 580;
  text-decoration: underline dotted;
  text-underline-offset: 3px;
}
.on button {
  border-left-color: var(--ink);
  text-decoration: none;
}
.out td,
.out button {
  color: var(--slate);
  cursor: default;
  text-decoration: none;
}
.price {
  max-width: 380px;
}
</style>
