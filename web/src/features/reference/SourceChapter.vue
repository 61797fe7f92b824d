<script setup lang="ts">
import { formatNumber } from '@spudder/core/base/writing'
import { useCurrency } from '../../shared/units/use-currency.ts'
import { sourceWords, type FigureRange } from '@spudder/core/base/reference'
import { contentWords, ironSources, otherSources } from '@spudder/core/material/source'
import { money, moneyRange } from '../../shared/units/money-words.ts'

const percentRange = ({ low, high }: FigureRange): string => {
  const [from, to] = [low, high].map((share) => formatNumber(share * 100))
  return from === to ? `${from} %` : `${from}-${to} %`
}
const priceWords = new Set(ironSources.map(({ pricePerKg }) => sourceWords(pricePerKg)))
const stainWords = { rust: 'rust', red: 'red', little: 'little' } as const
const organicWords = { often: 'often', seldom: 'seldom', ask: 'ask' } as const
import ScrollBox from '../../shared/ScrollBox.vue'

const currency = useCurrency()
</script>

<template>
  <h2>Forms of iron</h2>
  <ScrollBox label="Forms of iron">
    <table>
      <thead>
        <tr>
          <th scope="col">Form</th>
          <th scope="col" class="figure">iron</th>
          <th scope="col" class="figure">a kg costs</th>
          <th scope="col">stains</th>
          <th scope="col">organic growing</th>
          <th scope="col">What to know</th>
        </tr>
      </thead>
      <tbody>
        <tr v-for="each in ironSources" :key="each.id">
          <th scope="row">{{ each.name }}</th>
          <td class="figure">{{ percentRange(each.contentShare) }}</td>
          <td class="figure">
            {{ moneyRange(each.pricePerKg.low, each.pricePerKg.high, currency) }}
          </td>
          <td>{{ stainWords[each.stains] }}</td>
          <td>{{ organicWords[each.organic] }}</td>
          <td>
            {{ each.remark }} <span class="from">{{ sourceWords(each) }}</span>
          </td>
        </tr>
      </tbody>
    </table>
  </ScrollBox>
  <p v-for="words in priceWords" :key="words" class="from">Prices: {{ words }}.</p>
  <h2>Manganese, zinc and magnesium</h2>
  <ScrollBox label="Sources of manganese, zinc and magnesium">
    <table>
      <thead>
        <tr>
          <th scope="col">Source</th>
          <th scope="col">of</th>
          <th scope="col" class="figure">holds</th>
          <th scope="col" class="figure">a kg costs</th>
          <th scope="col">What to know</th>
        </tr>
      </thead>
      <tbody>
        <tr v-for="each in otherSources" :key="each.id">
          <th scope="row">{{ each.name }}</th>
          <td>{{ contentWords[each.nutrient] }}</td>
          <td class="figure">{{ percentRange(each.contentShare) }}</td>
          <td class="figure">about {{ money(each.pricePerKg.usual, currency) }}</td>
          <td>
            {{ each.remark }} <span class="from">{{ sourceWords(each) }}</span>
          </td>
        </tr>
      </tbody>
    </table>
  </ScrollBox>
</template>
