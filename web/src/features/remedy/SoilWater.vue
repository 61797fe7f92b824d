<script setup lang="ts">
import { formatNumber } from '@spudder/core/base/writing'
import { logCalcium } from '@spudder/core/material/chemistry'
import { computed, useId } from 'vue'
import ChoiceField from '../../ui/ChoiceField.vue'
import { usualSoilWater, type SoilWaterDraft } from './soil-water.ts'

/** Calcium, lime and chelate of the soil water, to be dragged while the curves follow. */
const props = defineProps<{ pH: number }>()
const soil = defineModel<SoilWaterDraft>({ required: true })
const id = useId()

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
const number = (event: Event): number => Number((event.target as HTMLInputElement).value)
/** Sliders of concentrations run in logarithms, 0.05 to 20 mmol/L. */
const logCalciumMmol = computed(() => Math.log10(calcium.value))
</script>

<template>
  <fieldset class="soil-water">
    <legend class="visually-hidden">Soil water</legend>
    <div class="slider">
      <label :for="`${id}-ca`">
        Calcium <b>{{ formatNumber(calcium, 2) }} mmol/L</b>
        <span>{{ formatNumber(calcium * 40.08, 2) }} mg/L</span>
      </label>
      <input
        :id="`${id}-ca`"
        type="range"
        min="-1.3"
        max="1.3"
        step="0.01"
        :value="logCalciumMmol"
        :aria-valuetext="`${formatNumber(calcium, 2)} mmol/L`"
        @input="change({ calciumFrom: 'measured', calciumMmolPerL: 10 ** number($event) })"
      />
    </div>
    <div class="slider">
      <label :for="`${id}-salt`">
        Lime soil, other salts <b>{{ formatNumber(soil.otherAnionsMeqPerL, 2) }} meq/L</b>
      </label>
      <input
        :id="`${id}-salt`"
        type="range"
        min="0"
        max="20"
        step="0.1"
        :value="soil.otherAnionsMeqPerL"
        :aria-valuetext="`${formatNumber(soil.otherAnionsMeqPerL, 2)} meq/L`"
        @input="change({ calciumFrom: 'lime', otherAnionsMeqPerL: number($event) })"
      />
    </div>
    <div class="slider">
      <label :for="`${id}-ligand`">
        Chelate in the soil water <b>{{ formatNumber(10 ** soil.logLigandM * 1e6, 2) }} µmol/L</b>
      </label>
      <input
        :id="`${id}-ligand`"
        type="range"
        min="-6"
        max="-2"
        step="0.02"
        :value="soil.logLigandM"
        :aria-valuetext="`${formatNumber(10 ** soil.logLigandM * 1e6, 2)} µmol/L`"
        @input="change({ logLigandM: number($event) })"
      />
    </div>
    <ChoiceField
      :model-value="soil.calciumFrom"
      label="Calcium is"
      :options="calciumOptions"
      @update:model-value="change({ calciumFrom: $event })"
    />
    <ChoiceField
      :model-value="soil.ironSolid"
      label="Iron lies in the soil as"
      :options="solidOptions"
      @update:model-value="change({ ironSolid: $event })"
    />
    <button v-if="!isUsual" type="button" class="back" @click="soil = { ...usualSoilWater }">
      Back to this soil
    </button>
  </fieldset>
</template>

<style scoped>
.soil-water {
  display: grid;
  grid-template-columns: repeat(3, minmax(0, 1fr));
  gap: 8px 20px;
  align-items: end;
}
.slider {
  display: grid;
  gap: 2px;
}
label {
  font-size: 0.8rem;
  color: var(--slate);
  display: flex;
  flex-wrap: wrap;
  gap: 2px 7px;
}
b {
  color: var(--ink);
}
input[type='range'] {
  width: 100%;
  accent-color: var(--rust);
  min-height: 26px;
}
.back {
  border: 1px solid var(--strong-line);
  border-radius: var(--radius);
  background: var(--sheet);
  padding: 7px 12px;
  cursor: pointer;
  justify-self: start;
}
@media (width < 700px) {
  .soil-water {
    grid-template-columns: minmax(0, 1fr);
  }
}
</style>
