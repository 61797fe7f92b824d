<script setup lang="ts">
import { formatNumber } from '@spudder/core/base/writing'
import { situationNames, situations, stepLimits, sulfurTables } from '@spudder/core/soil/acid-plan'
import { acidities, molPerKgSulfur, findSource } from '@spudder/core/material/source'
import { pathFigures } from '@spudder/core/soil/pH-path'
import { sourceWords } from '@spudder/core/base/reference'
import { bufferFigures, textureNames, textures } from '@spudder/core/soil/soil'
import ScrollBox from '../../shared/ScrollBox.vue'

const kinds = ['sulfur', 'nitrogen', 'salt', 'lime', 'organic'] as const
const limits = situationNames.flatMap((situation) =>
  kinds
    .map((kind) => ({ situation, kind, ...stepLimits[situation][kind] }))
    .filter(({ once }) => once.value > 0),
)
const grams = (kg: number) => formatNumber(kg * 1000, 3)
const figures = [...bufferFigures, ...pathFigures]
</script>

<template>
  <h2>What a kilogram does</h2>
  <ScrollBox label="Acid of each material">
    <table>
      <thead>
        <tr>
          <th scope="col">Material</th>
          <th scope="col" class="figure">mol acid/kg</th>
          <th scope="col" class="figure">for a kg of sulfur</th>
          <th scope="col">How fast</th>
          <th scope="col">From</th>
        </tr>
      </thead>
      <tbody>
        <tr v-for="each in acidities" :key="each.sourceId">
          <th scope="row">{{ findSource(each.sourceId).name }}</th>
          <td class="figure">{{ formatNumber(each.molPerKg.usual, 3) }}</td>
          <td class="figure">
            {{
              each.molPerKg.usual > 0
                ? `${formatNumber(molPerKgSulfur / each.molPerKg.usual, 3)} kg`
                : 'the other way'
            }}
          </td>
          <td>{{ each.speed }}</td>
          <td class="from">{{ sourceWords(each) }}</td>
        </tr>
      </tbody>
    </table>
  </ScrollBox>
  <h2>How much at once, and in a year</h2>
  <ScrollBox label="Limits of steps">
    <table>
      <thead>
        <tr>
          <th scope="col">Where</th>
          <th scope="col">Of</th>
          <th scope="col" class="figure">at once, g/m²</th>
          <th scope="col" class="figure">a year</th>
          <th scope="col" class="figure">days apart</th>
          <th scope="col">From</th>
        </tr>
      </thead>
      <tbody>
        <tr v-for="each in limits" :key="`${each.situation} ${each.kind}`">
          <th scope="row">{{ situations[each.situation].label }}</th>
          <td>{{ each.kind }}</td>
          <td class="figure">{{ grams(each.once.value) }}</td>
          <td class="figure">{{ grams(each.year.value) }}</td>
          <td class="figure">{{ each.daysApart }}</td>
          <td class="from">{{ sourceWords(each.once) }}; {{ each.year.source }}</td>
        </tr>
      </tbody>
    </table>
  </ScrollBox>
  <h2>What soil holds, and what a path runs by</h2>
  <ScrollBox label="Figures of soil and path">
    <table>
      <tbody>
        <tr v-for="name in textureNames" :key="name">
          <th scope="row">{{ textures[name].label }}</th>
          <td class="figure">
            clay {{ textures[name].clayPercent }} %, organic matter
            {{ textures[name].organicPercent }} %
          </td>
          <td class="from">{{ sourceWords(textures[name]) }}</td>
        </tr>
        <tr v-for="[name, figure] in figures" :key="name">
          <th scope="row">{{ name }}</th>
          <td class="figure">
            {{
              figure.value < 1e-3 ? figure.value.toExponential(1) : formatNumber(figure.value, 3)
            }}
            {{ figure.unit }}
          </td>
          <td class="from">{{ sourceWords(figure) }}</td>
        </tr>
        <tr v-for="table in sulfurTables" :key="table.id">
          <th scope="row">Ticks: {{ table.name }}</th>
          <td class="figure">to pH {{ table.toPH }}</td>
          <td class="from">{{ sourceWords(table) }}</td>
        </tr>
      </tbody>
    </table>
  </ScrollBox>
</template>
