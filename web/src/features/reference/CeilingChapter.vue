<script setup lang="ts">
import { formatDecimals } from '@spudder/core/base/writing'
import { compareWithTrade } from '@spudder/core/material/chemistry'
import { ligands } from '@spudder/core/material/source'

const compared = compareWithTrade()
const said = (pH: number | undefined): string =>
  pH === undefined ? 'never' : pH > 10.99 ? 'past 11' : formatDecimals(pH, 1)
import ScrollBox from '../../shared/ScrollBox.vue'
</script>

<template>
  <h2>How far each chelate goes, by reckoning and by the trade</h2>
  <p>
    Up to which pH of a lime soil a chelate keeps its iron. No constant is tuned to meet the trade.
    Practice names no share that must be left, so where the two agree that is by a fair reading, and
    no proof; where they do not, it says so.
  </p>
  <ScrollBox label="Reckoning and trade">
    <table>
      <thead>
        <tr>
          <th scope="col">Chelate</th>
          <th scope="col">The trade says</th>
          <th scope="col" class="figure">four fifths kept, a field’s Zn and Cu</th>
          <th scope="col" class="figure">half kept, all the soil’s Zn and Cu</th>
          <th scope="col">Together</th>
        </tr>
      </thead>
      <tbody>
        <tr v-for="each in compared" :key="each.ligandId">
          <th scope="row">{{ ligands[each.ligandId].name }}</th>
          <td>{{ each.ceiling.words }}</td>
          <td class="figure">{{ said(each.field80) }}</td>
          <td class="figure">{{ said(each.full50) }}</td>
          <td>
            <template v-if="each.verdict === 'agrees'">agree</template>
            <template v-else>
              <b>differ</b>: the reckoning is
              {{ each.verdict === 'model-lower' ? 'lower' : 'higher' }}. {{ each.why }}
            </template>
          </td>
        </tr>
      </tbody>
    </table>
  </ScrollBox>
</template>
