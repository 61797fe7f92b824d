<script setup lang="ts">
import { typedNumber } from '@spudder/core/base/writing'
import { openIronHalfLifeDays, openIronOfUse } from '@spudder/core/material/persistence'
import {
  findIronSource,
  lossProcesses,
  lossTable,
  type LossPlace,
} from '@spudder/core/material/source'
import { sourceWords, type FigureRange } from '@spudder/core/base/reference'

const daysWords = ({ low, usual, high }: FigureRange): string => `${usual} (${low}-${high})`
const placeWords = {
  leaf: 'onto the leaf',
  soil: 'into the soil',
  clear: 'into a tank that light gets into',
  covered: 'into a covered tank',
} as const satisfies Readonly<Record<LossPlace, string>>
const names = (ids: readonly string[]): string =>
  ids.map((id) => findIronSource(id).name).join('; ')
import ScrollBox from '../../shared/ScrollBox.vue'
</script>

<template>
  <h2>Days in which half is lost</h2>
  <p>
    Half of what is left goes in so many days, and half of the rest in as many again. Losses of one
    form add up.
  </p>
  <ScrollBox label="Half-lives">
    <table>
      <thead>
        <tr>
          <th scope="col">Way in</th>
          <th scope="col">Loss</th>
          <th scope="col">Forms</th>
          <th scope="col" class="figure">half in days</th>
          <th scope="col">From</th>
        </tr>
      </thead>
      <tbody>
        <tr v-for="({ loss, place, sourceIds }, index) in lossTable" :key="index">
          <td>{{ placeWords[place] }}</td>
          <th scope="row">{{ lossProcesses[loss.process] }}</th>
          <td>{{ names(sourceIds) }}</td>
          <td class="figure">{{ daysWords(loss.halfLifeDays) }}</td>
          <td class="from">{{ sourceWords(loss) }}</td>
        </tr>
      </tbody>
    </table>
  </ScrollBox>
  <h2>Open iron in soil</h2>
  <p>
    From a salt, or let go by a chelate: the share roots can use, and the days in which half of that
    ages past use.
  </p>
  <ScrollBox label="Share of open iron by pH">
    <table>
      <thead>
        <tr>
          <th scope="col">pH</th>
          <th scope="col" class="figure">share of use, %</th>
        </tr>
      </thead>
      <tbody>
        <tr v-for="point in openIronOfUse.points" :key="point.pH">
          <th scope="row">{{ typedNumber(point.pH) }}</th>
          <td class="figure">
            {{ Math.round(point.usual * 100) }} ({{ Math.round(point.low * 100) }}-{{
              Math.round(point.high * 100)
            }})
          </td>
        </tr>
      </tbody>
    </table>
  </ScrollBox>
  <p class="from">{{ sourceWords(openIronOfUse) }}</p>
  <ScrollBox label="Half-life of open iron by pH">
    <table>
      <thead>
        <tr>
          <th scope="col">pH</th>
          <th scope="col" class="figure">half in days</th>
        </tr>
      </thead>
      <tbody>
        <tr v-for="point in openIronHalfLifeDays.points" :key="point.pH">
          <th scope="row">{{ typedNumber(point.pH) }}</th>
          <td class="figure">{{ daysWords(point) }}</td>
        </tr>
      </tbody>
    </table>
  </ScrollBox>
  <p class="from">{{ sourceWords(openIronHalfLifeDays) }}</p>
</template>
