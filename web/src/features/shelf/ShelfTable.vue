<script setup lang="ts">
import { Button, Space } from 'ant-design-vue'
import { formatNumber } from '@spudder/core/base/writing'
import { useCurrency } from '../../shared/units/use-currency.ts'
import type { ProductDto } from '@spudder/contract/shelf'
import { amountWords, type UnitSystem } from '@spudder/core/base/quantity'
import { checkLabel } from '@spudder/core/material/label'
import { findIronSource } from '@spudder/core/material/source'
import DataTable from '../../ui/DataTable.vue'
import type { Column } from '../../ui/table-columns.ts'
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
/** What a kilogram of its iron costs; undefined where label or price say too little. */
function pricePerKgIron({ label, packPrice, packKg }: ProductDto): number | undefined {
  const iron = checkLabel(label).label?.iron
  if (packPrice === null || packKg === null || !iron) return undefined
  return packPrice / packKg / (iron / 100)
}
const priceWords = (product: ProductDto): string => {
  const price = pricePerKgIron(product)
  return price === undefined ? '' : money(price, currency.value)
}
const packWords = ({ packKg, packPrice }: ProductDto): string =>
  [mass(packKg), packPrice === null ? '' : money(packPrice, currency.value)]
    .filter((words) => words !== '')
    .join(', ')
const mass = (kg: number | null): string =>
  kg === null ? '' : amountWords('mass', kg, props.system)
const columns: readonly Column<ProductDto>[] = [
  { key: 'product', title: 'Product', isHead: true, sortBy: ({ name }) => name },
  {
    key: 'iron',
    title: 'iron',
    isFigure: true,
    text: (each) => `${formatNumber(ironOf(each))} %`,
    sortBy: ironOf,
  },
  {
    key: 'price',
    title: 'cost per kg iron',
    isFigure: true,
    text: priceWords,
    sortBy: pricePerKgIron,
  },
  { key: 'pack', title: 'pack', isFigure: true, text: packWords },
  {
    key: 'stock',
    title: 'stock',
    isFigure: true,
    text: ({ stockKg }) => mass(stockKg),
    sortBy: ({ stockKg }) => stockKg ?? undefined,
  },
  { key: 'acts', title: 'Change', isTitleHidden: true },
]
</script>

<template>
  <DataTable
    label="Products"
    :columns="columns"
    :rows="products"
    :row-key="(each) => each.id"
    :row-class="(each) => (editing === each.id ? 'on' : '')"
    empty="No product yet."
  >
    <template #product="{ row }">
      {{ row.name }}
      <span class="form text-small text-slate"
        >{{ findIronSource(row.sourceId).name }}{{ row.lot === '' ? '' : `, lot ${row.lot}` }}</span
      >
    </template>
    <template #acts="{ row }">
      <Space wrap>
        <Button
          type="link"
          size="small"
          :aria-label="`Change ${row.name}`"
          @click="emit('edit', row)"
        >
          Change
        </Button>
        <Button
          type="link"
          size="small"
          :aria-label="`Remove ${row.name} from the shelf`"
          @click="emit('retire', row)"
        >
          Remove
        </Button>
      </Space>
    </template>
  </DataTable>
</template>

<style scoped>
.form {
  display: block;
  font-weight: 450;
}
</style>
