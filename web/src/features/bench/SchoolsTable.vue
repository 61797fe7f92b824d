<script setup lang="ts">
import { formatNumber } from '@spudder/core/base/writing'
import { placeRoutes } from '@spudder/contract/place'
import { useChange } from '../../api/use-change.ts'
import {
  firstIronSchool,
  ironSchoolNames,
  ironSchools,
  schoolsSideBySide,
  type IronSchoolName,
} from '@spudder/core/seen/reading'
import { sourceWords } from '@spudder/core/base/reference'
import { computed, useId } from 'vue'
import { useStandCase } from '../../shared/case/stand-case.ts'
import ProblemNote from '../../ui/ProblemNote.vue'
import { dayWords } from '../../shared/units/today.ts'

/** The last soil iron as the three schools read it; the one chosen is what the verdict goes by. */
const { story, place } = useStandCase()
const settings = useChange(placeRoutes.changeSettings, { told: 'beside' })
const id = useId()
const lastOf = (kind: 'soilIron' | 'soilManganese') =>
  story.value?.readings.findLast((reading) => reading.kind === kind && reading.place !== 'healthy')
const iron = computed(() => lastOf('soilIron'))
const manganese = computed(() => lastOf('soilManganese'))
const readings = computed(() =>
  iron.value ? schoolsSideBySide(iron.value.value, manganese.value?.value) : [],
)
const chosen = computed(() => place.value?.settings.ironSchool ?? firstIronSchool)
async function choose(ironSchool: IronSchoolName): Promise<void> {
  if (place.value) {
    await settings.send({ placeId: place.value.id, dto: { ironSchool } })
  }
}
const measuredWords = computed(() => {
  if (!iron.value) return ''
  const beside = manganese.value ? `; manganese ${formatNumber(manganese.value.value, 3)}` : ''
  return `${formatNumber(iron.value.value, 3)} mg/kg by DTPA, ${dayWords(iron.value.takenOn)}${beside}`
})
const bandWords = (name: IronSchoolName) => {
  const { lowBelow, enoughFrom, aboveManganese } = ironSchools[name]
  const enough = `enough from ${enoughFrom}${aboveManganese ? ', above manganese' : ''}`
  return lowBelow === enoughFrom ? enough : `low under ${lowBelow}, ${enough}`
}
</script>

<template>
  <section aria-label="Soil iron by three schools">
    <h3>Soil iron, three ways to read it</h3>
    <p v-if="iron" class="faint-note">
      {{ measuredWords }}
    </p>
    <p v-else class="faint-note">
      No DTPA iron yet. The verdict will go by the school chosen here.
    </p>
    <ul>
      <li v-for="name in ironSchoolNames" :key="name">
        <label>
          <input
            type="radio"
            :name="id"
            :checked="chosen === name"
            :value="name"
            @change="choose(name)"
          />
          <span>
            <b>{{ ironSchools[name].name }}</b>
            <span class="bands">{{ bandWords(name) }} mg/kg</span>
            <span class="source">
              {{ sourceWords(ironSchools[name]) }}
            </span>
          </span>
          <strong v-if="iron">{{ readings.find(({ school }) => school === name)?.says }}</strong>
        </label>
      </li>
    </ul>
    <p class="faint-note">
      Alone it does not foretell chlorosis on limy ground: take it with pH, lime, EC and wetness.
    </p>
    <ProblemNote :problem="settings.error.value" />
  </section>
</template>

<style scoped>
section {
  display: grid;
  gap: 6px;
}
label {
  display: grid;
  grid-template-columns: auto 1fr auto;
  gap: 9px;
  align-items: baseline;
  padding: 6px 0;
  border-top: 1px solid var(--line);
  cursor: pointer;
  font-size: 0.9rem;
}
.bands,
.source {
  display: block;
  font-size: 0.82rem;
  color: var(--slate);
}
.source {
  font-size: 0.76rem;
  color: var(--slate);
}
strong {
  font-size: 1.02rem;
}
</style>
