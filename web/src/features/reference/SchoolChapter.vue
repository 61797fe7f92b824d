<script setup lang="ts">
import { typedNumber } from '@spudder/core/base/writing'
import { disagreements, sourceWords } from '@spudder/core/base/reference'
import { ironSchools } from '@spudder/core/seen/reading'
import ScrollBox from '../../shared/ScrollBox.vue'
</script>

<template>
  <h2>Where practitioners differ</h2>
  <p>None of these is settled. Spudder says what it starts with, and shows the others beside it.</p>
  <ScrollBox label="Questions">
    <table>
      <thead>
        <tr>
          <th scope="col">Question</th>
          <th scope="col">Schools</th>
          <th scope="col">Spudder starts with</th>
          <th scope="col">Where</th>
        </tr>
      </thead>
      <tbody>
        <tr v-for="each in disagreements" :key="each.question">
          <th scope="row">{{ each.question }}</th>
          <td>{{ each.schools.join(' · ') }}</td>
          <td>{{ each.startsWith }}</td>
          <td>{{ each.where }}</td>
        </tr>
      </tbody>
    </table>
  </ScrollBox>
  <h2>Soil iron by DTPA</h2>
  <ScrollBox label="Schools of DTPA iron">
    <table>
      <thead>
        <tr>
          <th scope="col">School</th>
          <th scope="col" class="figure">low below, mg/kg</th>
          <th scope="col" class="figure">enough from, mg/kg</th>
          <th scope="col">From</th>
        </tr>
      </thead>
      <tbody>
        <tr v-for="school in ironSchools" :key="school.name">
          <th scope="row">{{ school.name }}</th>
          <td class="figure">{{ typedNumber(school.lowBelow) }}</td>
          <td class="figure">
            {{ school.enoughFrom }}{{ school.aboveManganese ? ' and above manganese' : '' }}
          </td>
          <td class="from">{{ sourceWords(school) }}</td>
        </tr>
      </tbody>
    </table>
  </ScrollBox>
</template>
