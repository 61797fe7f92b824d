<script setup lang="ts">
import { typedNumber } from '@spudder/core/base/writing'
import { soilConstants } from '@spudder/core/material/chemistry'
import {
  confidenceSpread,
  ligandIds,
  ligands,
  metalIds,
  type Ligand,
  type LigandId,
  type StabilityConstant,
} from '@spudder/core/material/source'
import { sourceWords } from '@spudder/core/base/reference'
import { computed, ref } from 'vue'
import ChipChoice from '../../ui/ChipChoice.vue'

const chosen = ref<LigandId | undefined>('edta')
const options = ligandIds.map((id) => ({ value: id, words: ligands[id].name }))

interface Row {
  readonly reaction: string
  readonly constant: StabilityConstant
}
const reactions = [
  ['ml', (m: string) => `${m} + L = ${m}L`],
  ['mhl', (m: string) => `${m}L + H = ${m}HL`],
  ['mohl', (m: string) => `${m}L + H2O = ${m}OHL + H`],
  ['moh2l', (m: string) => `${m}OHL + H2O = ${m}(OH)2L + H`],
  ['dimer', (m: string) => `2 ${m}OHL = (${m}OHL)2`],
] as const
const rows = computed<readonly Row[]>(() => {
  const ligand: Ligand = ligands[chosen.value ?? 'edta']
  const hydrogen = (count: number) => (count === 0 ? 'L' : `H${count === 1 ? '' : count}L`)
  const protons = ligand.protons.map((constant, index) => ({
    reaction: `H + ${hydrogen(index)} = ${hydrogen(index + 1)}`,
    constant,
  }))
  const metals = metalIds.flatMap((metal) =>
    reactions.flatMap(([key, words]) => {
      const constant = ligand.metals[metal]?.[key]
      return constant ? [{ reaction: words(metal), constant }] : []
    }),
  )
  return [...protons, ...metals]
})
import ScrollBox from '../../shared/ScrollBox.vue'
</script>

<template>
  <h2>Stability constants</h2>
  <p>
    Decimal logarithms at 25 °C and an ionic strength of 0.1 M, carried to 0.01 M by the Davies
    equation. Fe is Fe(III). None is fitted to what the trade knows.
  </p>
  <ChipChoice v-model="chosen" label="Ligand" :options="options" />
  <ScrollBox label="Stability constants">
    <table>
      <thead>
        <tr>
          <th scope="col">Reaction</th>
          <th scope="col" class="figure">log K</th>
          <th scope="col" class="figure">sure to</th>
          <th scope="col">From</th>
        </tr>
      </thead>
      <tbody>
        <tr v-for="row in rows" :key="row.reaction">
          <th scope="row">{{ row.reaction }}</th>
          <td class="figure">{{ row.constant.logK }}</td>
          <td class="figure">± {{ confidenceSpread[row.constant.confidence] }}</td>
          <td class="from">{{ sourceWords(row.constant) }}</td>
        </tr>
      </tbody>
    </table>
  </ScrollBox>
  <h2>Soil and water</h2>
  <ScrollBox label="Constants of soil and water">
    <table>
      <thead>
        <tr>
          <th scope="col">What</th>
          <th scope="col" class="figure">value</th>
          <th scope="col">unit</th>
          <th scope="col">From</th>
        </tr>
      </thead>
      <tbody>
        <tr v-for="each in soilConstants" :key="each.words">
          <th scope="row">{{ each.words }}</th>
          <td class="figure">{{ typedNumber(each.figure.value) }}</td>
          <td>{{ each.figure.unit }}</td>
          <td class="from">{{ sourceWords(each.figure) }}</td>
        </tr>
      </tbody>
    </table>
  </ScrollBox>
</template>
