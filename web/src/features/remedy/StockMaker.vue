<script setup lang="ts">
import TickList from '../../ui/TickList.vue'
import { formatDecimals } from '@spudder/core/base/writing'
import { CoreError } from '@spudder/core/base/error'
import {
  planTanks,
  ratioReadings,
  stockFor,
  stockMaterials,
  tooStrong,
  type RatioReading,
} from '@spudder/core/apply/mix'
import { amountWords, type UnitSystem } from '@spudder/core/base/quantity'
import type { SourceId } from '@spudder/core/material/source'
import { computed, ref } from 'vue'
import ChipChoice from '../../ui/ChipChoice.vue'
import { useKept } from '../../shared/form/kept.ts'
import { numberIn } from '../../shared/form/number-text.ts'
import QuantityField from '../../ui/QuantityField.vue'
import TextField from '../../ui/TextField.vue'
import HowGot from '../../shared/how/HowGot.vue'

/** Stock for an injector, whether it dissolves, and which tank everything goes into. */
const props = defineProps<{
  standId: string
  sourceId: SourceId
  /** What it is called on the shelf or in the catalogue. */
  sourceName: string
  contentShare: number
  wantedMgPerL: number | undefined
  system: UnitSystem
}>()
const { value: draft } = useKept(`stock:${props.standId}`, () => ({
  stock: props.system === 'us' ? '5 gal' : '20 L',
  ratio: '100',
  reading: 'of' as RatioReading | undefined,
  materials: ['calcium-nitrate', 'iron-chelate'],
}))
const stockL = ref<number>()
const readingOptions = (Object.keys(ratioReadings) as RatioReading[]).map((value) => ({
  value,
  words: ratioReadings[value].replaceAll('100', draft.value.ratio || '100'),
}))
const made = computed(() => {
  if (props.wantedMgPerL === undefined || stockL.value === undefined) return {}
  try {
    const stock = stockFor({
      wantedMgPerL: props.wantedMgPerL,
      contentShare: props.contentShare,
      ratio: numberIn(draft.value.ratio),
      reading: draft.value.reading ?? 'of',
      stockL: stockL.value,
    })
    return { stock, strong: tooStrong(props.sourceId, stock.strengthGPerL) }
  } catch (error) {
    if (!(error instanceof CoreError)) throw error
    return { problem: error.sentence() }
  }
})
const plan = computed(() =>
  planTanks(stockMaterials.filter(({ id }) => draft.value.materials.includes(id))),
)
const named = (materials: readonly { readonly name: string }[]) =>
  materials.map(({ name }) => name).join(', ') || 'nothing'
</script>

<template>
  <div class="stock stack gap-8">
    <div class="fields stack halves gap-10">
      <QuantityField
        v-model="draft.stock"
        label="Stock tank"
        dimension="volume"
        unit="L"
        @value="stockL = $event"
      />
      <TextField
        v-model="draft.ratio"
        label="Injector, one to"
        inputmode="decimal"
        :message="made.problem"
      />
    </div>
    <ChipChoice
      v-model="draft.reading"
      label="Which your injector means"
      :options="readingOptions"
    />
    <template v-if="made.stock">
      <p>
        <b class="text-large">{{ amountWords('mass', made.stock.productKg, system, 4) }}</b>
        {{ sourceName }} in the stock; it makes
        {{ amountWords('volume', made.stock.feedL, system) }} of feed.
      </p>
      <p v-if="made.strong" class="stop">
        That is {{ formatDecimals(made.stock.strengthGPerL, 0) }} g in a litre of stock; at most
        {{ made.strong.mostGPerL }} g dissolve ({{ made.strong.source }}). Take more stock or
        another ratio.
      </p>
      <HowGot :derivation="made.stock.derivation" />
    </template>
    <TickList
      v-model="draft.materials"
      label="What the feed is made of"
      :options="stockMaterials.map(({ id, name }) => ({ value: id, words: name }))"
    />
    <p><b>Tank A:</b> {{ named(plan.a) }}</p>
    <p><b>Tank B:</b> {{ named(plan.b) }}</p>
    <p v-for="clash in plan.clashes" :key="clash" class="stop">
      {{ clash }}. Give one of them a third tank.
    </p>
    <p class="faint-note">
      Calcium and iron chelate stand in A, sulfate, phosphate and acid in B (common practice). A
      backflow device on the injector.
    </p>
  </div>
</template>

<style scoped>
fieldset {
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(170px, 1fr));
  gap: 3px 12px;
  font-size: var(--text-small);
}
</style>
