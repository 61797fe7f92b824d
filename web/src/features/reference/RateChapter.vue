<script setup lang="ts">
import { typedNumber } from '@spudder/core/base/writing'
import { contexts, routeWords } from '@spudder/core/stand/plant'
import { rateBases, type Rate } from '@spudder/core/material/rate'
import { allRates, findSource, sourcesWithRate } from '@spudder/core/material/source'
import { sourceWords } from '@spudder/core/base/reference'
import ScrollBox from '../../shared/ScrollBox.vue'

const span = (low: number, usual: number, high: number) =>
  low === high
    ? typedNumber(usual)
    : `${typedNumber(low)}-${typedNumber(high)}, usual ${typedNumber(usual)}`
const rateOf = ({ rate, unit }: Rate) => `${span(rate.low, rate.usual, rate.high)} ${unit}`
const waterOf = ({ carrier }: Rate) =>
  carrier ? `${span(carrier.low, carrier.usual, carrier.high)} ${carrier.unit}` : ''
const often = ({ intervalDays, timesASeason }: Rate) => {
  const interval = intervalDays ? `${intervalDays.low}-${intervalDays.high} days` : 'once a season'
  return timesASeason ? `${interval}, at most ${timesASeason} times` : interval
}
const where = ({ route, contexts: names }: Rate) =>
  `${routeWords[route]}: ${names.map((name) => contexts[name].label.toLowerCase()).join('; ')}`
</script>

<template>
  <h2>Rates</h2>
  <p>
    What is usual, by form and way in. The label of a product always wins: its maximum, put in on
    the shelf, is a hard limit.
  </p>
  <ScrollBox label="Rates">
    <table>
      <thead>
        <tr>
          <th scope="col">Rate</th>
          <th scope="col">Where</th>
          <th scope="col">Forms</th>
          <th scope="col">Counts by</th>
          <th scope="col">Low-high</th>
          <th scope="col">Water</th>
          <th scope="col">Again</th>
          <th scope="col">From</th>
        </tr>
      </thead>
      <tbody>
        <tr v-for="rate in allRates" :key="rate.id">
          <th scope="row">{{ rate.label }}</th>
          <td>{{ where(rate) }}</td>
          <td>
            {{
              sourcesWithRate(rate.id)
                .map((id) => findSource(id).name)
                .join('; ')
            }}
          </td>
          <td>{{ rateBases[rate.basis].label }}</td>
          <td>{{ rateOf(rate) }}</td>
          <td>{{ waterOf(rate) }}</td>
          <td>{{ often(rate) }}</td>
          <td class="from">{{ sourceWords(rate) }}</td>
        </tr>
      </tbody>
    </table>
  </ScrollBox>
</template>
