<script setup lang="ts">
import RoleNote from '../../shared/role/RoleNote.vue'
import { typedNumber } from '@spudder/core/base/writing'
import AmountField from '../../ui/AmountField.vue'
import FoldBox from '../../ui/FoldBox.vue'
import { useCurrency } from '../../shared/units/use-currency.ts'
import { toShelfProduct } from '@spudder/contract/shelf'
import { currencies } from '@spudder/core/base/quantity'
import { stainNames } from '@spudder/core/material/shelf'
import { findIronSource, ironSources } from '@spudder/core/material/source'
import { Button } from 'ant-design-vue'
import { computed, ref } from 'vue'
import { usePlace } from '../../api/places.ts'
import { useShelf } from '../../api/shelf.ts'
import ChoiceField from '../../ui/ChoiceField.vue'
import DayField from '../../ui/DayField.vue'
import ProblemNote from '../../ui/ProblemNote.vue'
import QuantityField from '../../ui/QuantityField.vue'
import TextField from '../../ui/TextField.vue'
import LabelBounds from '../../shared/label/LabelBounds.vue'
import LabelFields from '../../shared/label/LabelFields.vue'
import { numberIn } from '../../shared/form/number-text.ts'
import ShelfFile from './ShelfFile.vue'
import ShelfTable from './ShelfTable.vue'
import StockForecast from './StockForecast.vue'
import { labelExample, useProductForm } from './use-product-form.ts'

const currency = useCurrency()
/** The user's own products: label, price, stock. */
const { place } = usePlace()
const system = computed(() => place.value?.unitSystem ?? 'us')
const shelf = useShelf(() => place.value?.id)
const products = computed(() => (shelf.data.value ?? []).filter(({ isRetired }) => !isRetired))
const retired = computed(() => (shelf.data.value ?? []).filter(({ isRetired }) => isRetired))
const form = useProductForm(
  () => place.value?.id ?? '',
  () => system.value,
)
const { draft } = form

const sourceOptions = computed(() => [
  {
    value: '' as const,
    words: form.inferred.value
      ? `by the label: ${findIronSource(form.inferred.value).name}`
      : 'by the label',
  },
  ...ironSources.map(({ id, name }) => ({ value: id, words: name })),
])
const stainOptions = stainNames.map((value) => ({ value, words: value }))
const applicatorOptions = [
  { value: 'anybody', words: 'anybody who works here' },
  { value: 'licensed', words: 'licensed applicators alone' },
] as const
const organicOptions = [
  { value: 'unknown', words: 'not known' },
  { value: 'certified', words: 'may be used' },
  { value: 'not', words: 'may not' },
] as const

/** The pH that the label is read at here; each stand reads it at its own. */
const pHText = ref(typedNumber(7.5))
const pH = computed(() => {
  const value = numberIn(pHText.value)
  return value >= 3 && value <= 10.5 ? { pH: value, doubt: 0.1 } : undefined
})
const saved = ref('')
async function save(): Promise<void> {
  const { name } = draft.value
  if (await form.save()) saved.value = `${name} is on the shelf.`
}
const shownProducts = computed(() => products.value.map(toShelfProduct))
</script>

<template>
  <h1>Shelf</h1>
  <RoleNote needs="plan" />
  <p class="lead text-slate">
    What you have or buy, by its own label and bill. Every stand ranks it beside the generic forms,
    at its own pH.
  </p>
  <div class="page stack gap-32 items-start">
    <section aria-label="On the shelf">
      <StockForecast />
      <ShelfTable
        v-if="products.length > 0"
        :products="products"
        :editing="draft.editing"
        :system="system"
        @edit="form.edit"
        @retire="form.retire"
      />
      <p v-else class="faint-note">
        Nothing here yet. Type or paste the label of what stands in the shed, beside or from a file.
      </p>
      <ShelfFile v-if="place" :place-id="place.id" :products="shownProducts" />
      <div class="read-at ruled inside-12">
        <h2>What the iron of {{ draft.name === '' ? 'the label beside' : draft.name }} can be</h2>
        <TextField
          v-model="pHText"
          label="read at pH"
          inputmode="decimal"
          :message="pH ? undefined : 'Give a pH from 3 to 10.5.'"
        />
        <LabelBounds v-if="pH" :draft="draft.label" :p-h="pH" :routes="['leaf', 'soil']" />
      </div>
      <FoldBox v-if="retired.length > 0"
        ><template #head>{{ retired.length }} removed</template>
        <ul class="retired">
          <li v-for="each in retired" :key="each.id">
            {{ each.name }}
            <Button size="small" :aria-label="`Put ${each.name} back`" @click="form.retire(each)">
              Put back
            </Button>
          </li>
        </ul>
      </FoldBox>
    </section>

    <form class="product" @submit.prevent="save">
      <h2>{{ draft.editing === '' ? 'A product for the shelf' : `Change ${draft.name}` }}</h2>
      <p v-if="saved" role="status" class="done text-strong">{{ saved }}</p>
      <TextField v-model="draft.name" label="name" :message="form.messageFor('name')" />
      <LabelFields v-model="draft.label" :is-fresh="draft.editing === ''" />
      <p v-if="form.messageFor('label')" class="stop" role="alert">
        {{ form.messageFor('label') }}
      </p>
      <div class="cells stack items-start">
        <TextField
          v-model="draft.packPrice"
          label="price of a pack"
          inputmode="decimal"
          :hint="`in ${currencies[currency].name}s`"
          :message="form.messageFor('packPrice')"
        />
        <AmountField
          v-model="draft.pack"
          label="in the pack"
          :density-kg-per-l="form.densityKgPerL.value"
          :system="system"
          :message="form.messageFor('packKg')"
          @value="form.packKg.value = $event"
        />
        <AmountField
          v-model="draft.stock"
          label="in stock"
          :density-kg-per-l="form.densityKgPerL.value"
          :system="system"
          :message="form.messageFor('stockKg')"
          @value="form.stockKg.value = $event"
        />
        <QuantityField
          v-model="draft.density"
          label="density"
          dimension="mass/volume"
          unit="kg/L"
          hint="weigh a spoon or a litre once"
          :message="form.messageFor('densityKgPerL')"
          @value="form.densityKgPerL.value = $event"
        />
        <TextField v-model="draft.lot" label="lot" :message="form.messageFor('lot')" />
        <DayField
          v-model="draft.lotUseBy"
          label="use by"
          hint="as the bag says"
          :message="form.messageFor('lotUseBy')"
        />
        <TextField
          v-model="draft.labelRate"
          label="rate on the label"
          :hint="`what it says to use, such as ${labelExample(system)}`"
          :message="form.messageFor('labelRate')"
        />
        <TextField
          v-model="draft.labelMaximum"
          label="label maximum"
          hint="the most at once, as the label says it"
          :message="form.messageFor('labelMaximum')"
        />
        <ChoiceField v-model="draft.sourceId" label="handled as" :options="sourceOptions" />
        <ChoiceField v-model="draft.stain" label="stains" :options="stainOptions" />
        <ChoiceField v-model="draft.organic" label="in organic growing" :options="organicOptions" />
        <ChoiceField
          v-model="draft.applicator"
          label="put out by"
          hint="by its label and local law"
          :options="applicatorOptions"
        />
      </div>
      <TextField
        v-model="draft.hazards"
        label="hazards on the label"
        :message="form.messageFor('hazards')"
      />
      <TextField v-model="draft.note" label="note" :message="form.messageFor('note')" />
      <ProblemNote :problem="form.problem.value" />
      <div class="bar lined gap-10">
        <Button type="primary" html-type="submit" :loading="form.isSaving.value">
          {{ draft.editing === '' ? 'Add product' : 'Save' }}
        </Button>
        <Button @click="form.forget">{{ draft.editing === '' ? 'Clear' : 'Leave it' }}</Button>
      </div>
    </form>
  </div>
</template>

<style scoped>
.lead {
  max-width: 70ch;
  margin-bottom: 14px;
}
.page {
  grid-template-columns: minmax(0, 1.25fr) minmax(380px, 1fr);
}
section,
.product,
.read-at {
  display: grid;
  gap: 12px;
  min-width: 0;
}
.cells {
  grid-template-columns: repeat(3, minmax(0, 1fr));
  gap: 10px 12px;
}
.read-at :deep(.field) {
  max-width: 150px;
}
@media (width < 1000px) {
  .page {
    grid-template-columns: minmax(0, 1fr);
  }
}
@media (width < 700px) {
  .cells {
    grid-template-columns: repeat(2, minmax(0, 1fr));
  }
}
</style>
