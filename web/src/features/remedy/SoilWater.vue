<script setup lang="ts">
import SlideField from '../../ui/SlideField.vue'
import { Button } from 'ant-design-vue'
import { formatNumber } from '@spudder/core/base/writing'
import { logCalcium } from '@spudder/core/material/chemistry'
import { computed } from 'vue'
import ChoiceField from '../../ui/ChoiceField.vue'
import { usualSoilWater, type SoilWaterDraft } from './soil-water.ts'

/** Calcium, lime and chelate of the soil water, to be dragged while the curves follow. */
const props = defineProps<{ pH: number }>()
const soil = defineModel<SoilWaterDraft>({ required: true })

const change = (part: Partial<SoilWaterDraft>) => (soil.value = { ...soil.value, ...part })
const calcium = computed(() => {
  const { calciumFrom, otherAnionsMeqPerL, calciumMmolPerL } = soil.value
  if (calciumFrom === 'measured') return calciumMmolPerL
  const rule =
    calciumFrom === 'lime'
      ? ({ kind: 'lime', otherAnionsMeqPerL } as const)
      : ({ kind: 'sodic' } as const)
  return 10 ** (logCalcium(props.pH, rule) + 3)
})
const isUsual = computed(() => JSON.stringify(soil.value) === JSON.stringify(usualSoilWater))
const calciumOptions = [
  { value: 'lime', words: 'set by lime' },
  { value: 'measured', words: 'by hand' },
  { value: 'sodic', words: 'sodic soil' },
] as const
const solidOptions = [
  { value: 'soil-iron', words: 'iron hydroxide of soil' },
  { value: 'amorphous', words: 'fresh rust' },
  { value: 'goethite', words: 'old, hard rust' },
] as const
/** Sliders of concentrations run in logarithms, 0.05 to 20 mmol/L. */
const logCalciumMmol = computed(() => Math.log10(calcium.value))
</script>

<template>
  <div class="soil-water stack items-end" role="group" aria-label="Soil water">
    <SlideField
      :model-value="logCalciumMmol"
      label="Calcium"
      :least="-1.3"
      :most="1.3"
      :step="0.01"
      :words="`${formatNumber(calcium, 2)} mmol/L, ${formatNumber(calcium * 40.08, 2)} mg/L`"
      @update:model-value="change({ calciumFrom: 'measured', calciumMmolPerL: 10 ** $event })"
    />
    <SlideField
      :model-value="soil.otherAnionsMeqPerL"
      label="Lime soil, other salts"
      :least="0"
      :most="20"
      :step="0.1"
      :words="`${formatNumber(soil.otherAnionsMeqPerL, 2)} meq/L`"
      @update:model-value="change({ calciumFrom: 'lime', otherAnionsMeqPerL: $event })"
    />
    <SlideField
      :model-value="soil.logLigandM"
      label="Chelate in the soil water"
      :least="-6"
      :most="-2"
      :step="0.02"
      :words="`${formatNumber(10 ** soil.logLigandM * 1e6, 2)} µmol/L`"
      @update:model-value="change({ logLigandM: $event })"
    />
    <ChoiceField
      :model-value="soil.calciumFrom"
      label="Calcium is"
      :options="calciumOptions"
      @update:model-value="change({ calciumFrom: $event })"
    />
    <ChoiceField
      :model-value="soil.ironSolid"
      label="Iron in the soil is"
      :options="solidOptions"
      @update:model-value="change({ ironSolid: $event })"
    />
    <Button v-if="!isUsual" @click="soil = { ...usualSoilWater }"> Back to this soil </Button>
  </div>
</template>

<style scoped>
.soil-water {
  grid-template-columns: repeat(3, minmax(0, 1fr));
  gap: 8px 20px;
}
@media (width < 700px) {
  .soil-water {
    grid-template-columns: minmax(0, 1fr);
  }
}
</style>
