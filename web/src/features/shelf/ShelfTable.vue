<script setup lang="ts">
import { formatNumber } from '@spudder/core/base/writing'
import { useCurrency } from '../../shared/units/use-currency.ts'
import type { ProductDto } from '@spudder/contract/shelf'
import { amountWords, type UnitSystem } from '@spudder/core/base/quantity'
import { checkLabel } from '@spudder/core/material/label'
import { findIronSource } from '@spudder/core/material/source'
import ScrollBox from '../../shared/ScrollBox.vue'
import { money } from '../../shared/units/money-words.ts'

const currency = useCurrency()
/** Products on the shelf, by what a kilogram of their iron costs. */
const props = defineProps<{
  products: readonly ProductDto[]
  /** Id of the product whose form is open. */
  editing: string
  system: UnitSystem
}>()
const emit = defineEmits<{ edit: [product: ProductDto]; retire: [product: ProductDto] }>()

const ironOf = ({ label }: ProductDto): number => checkLabel(label).label?.iron ?? 0
function pricePerKgIron({ label, packPrice, packKg }: ProductDto): string {
  const iron = checkLabel(label).label?.iron
  if (packPrice === null || packKg === null || !iron) return ''
  return money(packPrice / packKg / (iron / 100), currency.value)
}
const mass = (kg: number | null): string =>
  kg === null ? '' : amountWords('mass', kg, props.system)
</script>

<template>
  <ScrollBox label="Products">
    <table>
      <thead>
        <tr>
          <th scope="col">Product</th>
          <th scope="col" class="figure">iron</th>
          <th scope="col" class="figure">a kg of its iron</th>
          <th scope="col" class="figure pack">pack</th>
          <th scope="col" class="figure">stock</th>
          <th scope="col"><span class="visually-hidden">Change</span></th>
        </tr>
      </thead>
      <tbody>
        <tr v-for="each in products" :key="each.id" :class="{ on: editing === each.id }">
          <th scope="row">
            {{ each.name }}
            <span class="form"
              >{{ findIronSource(each.sourceId).name
              }}{{ each.lot === '' ? '' : `, lot ${each.lot}` }}</span
            >
          </th>
          <td class="figure">{{ formatNumber(ironOf(each)) }} %</td>
          <td class="figure strong">{{ pricePerKgIron(each) }}</td>
          <td class="figure pack">
            {{ mass(each.packKg)
            }}<template v-if="each.packPrice !== null"
              >, {{ money(each.packPrice, currency) }}</template
            >
          </td>
          <td class="figure">{{ mass(each.stockKg) }}</td>
          <td class="acts">
            <button type="button" :aria-label="`Change ${each.name}`" @click="emit('edit', each)">
              Change
            </button>
            <button
              type="button"
              :aria-label="`Take ${each.name} off the shelf`"
              @click="emit('retire', each)"
            >
              Take off
            </button>
          </td>
        </tr>
      </tbody>
    </table>
  </ScrollBox>
</template>

<style scoped>
table {
  width: 100%;
  border-collapse: collapse;
  font-size: 0.88rem;
}
th,
td {
  text-align: left;
  padding: 7px 12px 7px 0;
  border-bottom: 1px solid var(--line);
  font-weight: 500;
  vertical-align: baseline;
}
thead th {
  font-size: 0.8rem;
  color: var(--slate);
}
tbody th {
  font-weight: 620;
}
.form {
  display: block;
  font-weight: 450;
  font-size: 0.82rem;
  color: var(--slate);
}
.figure {
  text-align: right;
  white-space: nowrap;
}
.strong {
  font-weight: 660;
}
.on {
  background: var(--sheet);
}
.acts {
  white-space: nowrap;
  text-align: right;
  padding-right: 0;
}
button {
  border: 0;
  background: none;
  color: var(--rust);
  cursor: pointer;
  padding: 4px 6px;
  min-height: 28px;
}
@media (width < 700px) {
  .pack {
    display: none;
  }
  button {
    display: block;
    margin-left: auto;
    min-height: 38px;
  }
}
</style>
