<script setup lang="ts">
import { typedNumber } from '@spudder/core/base/writing'
import { burnHeatC, leafBurnLimit, partnerKinds } from '@spudder/core/apply/mix'
import { contexts, type Context } from '@spudder/core/stand/plant'
import { isNone, sourceWords } from '@spudder/core/base/reference'
import { seasonLimits } from '@spudder/core/soil/season'
import { sources } from '@spudder/core/material/source'
import ScrollBox from '../../shared/ScrollBox.vue'

const standing = { usually: 'usually', doubtful: 'doubtful', never: 'never' } as const
const placements = { leaf: 'stays on the leaf', 'watered-in': 'watered in', either: '' } as const
const burns = Object.entries(leafBurnLimit).map(([context, limit]) => ({
  label: contexts[context as Context].label,
  limit,
}))
const dissolved = sources.flatMap(({ name, solubility }) =>
  isNone(solubility) ? [] : [{ name, limit: solubility }],
)
const limits = Object.entries(seasonLimits).flatMap(([context, row]) =>
  Object.entries(row).map(([nutrient, limit]) => ({
    label: contexts[context as Context].label,
    nutrient,
    limit,
  })),
)
</script>

<template>
  <h2>What goes into one tank with iron</h2>
  <p>
    Nothing before a jar test that is recorded. Never means never, whatever a jar shows. The labels
    of both come first.
  </p>
  <ScrollBox label="Partners">
    <table>
      <thead>
        <tr>
          <th scope="col">Partner</th>
          <th scope="col">with a salt</th>
          <th scope="col">with a chelate</th>
          <th scope="col">Where it works</th>
          <th scope="col">Why</th>
          <th scope="col">From</th>
        </tr>
      </thead>
      <tbody>
        <tr v-for="partner in partnerKinds" :key="partner.id">
          <th scope="row">{{ partner.name }}</th>
          <td>{{ standing[partner.besideSalt] }}</td>
          <td>{{ standing[partner.besideChelate] }}</td>
          <td>{{ placements[partner.placement] }}</td>
          <td>{{ partner.why }}</td>
          <td class="from">{{ sourceWords(partner) }}</td>
        </tr>
      </tbody>
    </table>
  </ScrollBox>
  <h2>Strength that leaves bear, and what dissolves</h2>
  <p>
    Over {{ burnHeatC.wait.value }} °C spray in the cool hours only, over
    {{ burnHeatC.never.value }} °C not at all ({{ sourceWords(burnHeatC.wait) }}).
  </p>
  <ScrollBox label="Strength of sulfate sprays">
    <table>
      <thead>
        <tr>
          <th scope="col">Leaves of</th>
          <th scope="col" class="figure">try a patch from, %</th>
          <th scope="col" class="figure">at most, %</th>
          <th scope="col">From</th>
        </tr>
      </thead>
      <tbody>
        <tr v-for="each in burns" :key="each.label">
          <th scope="row">{{ each.label }}</th>
          <td class="figure">{{ each.limit.tryFirst * 100 }}</td>
          <td class="figure">{{ each.limit.most * 100 }}</td>
          <td class="from">{{ sourceWords(each.limit) }}</td>
        </tr>
      </tbody>
    </table>
  </ScrollBox>
  <ScrollBox label="What dissolves">
    <table>
      <thead>
        <tr>
          <th scope="col">Form</th>
          <th scope="col" class="figure">g in a litre at 20 °C</th>
          <th scope="col">From</th>
        </tr>
      </thead>
      <tbody>
        <tr v-for="each in dissolved" :key="each.name">
          <th scope="row">{{ each.name }}</th>
          <td class="figure">{{ each.limit.gPerL }}</td>
          <td class="from">{{ sourceWords(each.limit) }}</td>
        </tr>
      </tbody>
    </table>
  </ScrollBox>
  <h2>Most in a season</h2>
  <p>Put your local rule in its place where the sums stand, on the remedy.</p>
  <ScrollBox label="Limits of a season">
    <table>
      <thead>
        <tr>
          <th scope="col">Stand</th>
          <th scope="col">Nutrient</th>
          <th scope="col" class="figure">kg/ha</th>
          <th scope="col">From</th>
        </tr>
      </thead>
      <tbody>
        <tr v-for="each in limits" :key="`${each.label} ${each.nutrient}`">
          <th scope="row">{{ each.label }}</th>
          <td>{{ each.nutrient }}</td>
          <td class="figure">{{ typedNumber(each.limit.value) }}</td>
          <td class="from">{{ sourceWords(each.limit) }}</td>
        </tr>
      </tbody>
    </table>
  </ScrollBox>
</template>
