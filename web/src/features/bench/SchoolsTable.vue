<script setup lang="ts">
import { Radio, RadioGroup } from 'ant-design-vue'
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
import { computed } from 'vue'
import { useStandCase } from '../../shared/case/stand-case.ts'
import ProblemNote from '../../ui/ProblemNote.vue'
import { dayWords } from '../../shared/units/today.ts'

/** The last soil iron as the three schools read it; the one chosen is what the verdict goes by. */
const { story, place } = useStandCase()
const settings = useChange(placeRoutes.changeSettings, { told: 'beside' })
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
const chose = (event: { readonly target: { readonly value?: unknown } }) =>
  choose(event.target.value as IronSchoolName)
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
    <h2 class="minor">Soil iron, three ways to read it</h2>
    <p v-if="iron" class="faint-note">
      {{ measuredWords }}
    </p>
    <p v-else class="faint-note">
      No DTPA iron yet. The verdict will go by the school chosen here.
    </p>
    <RadioGroup class="schools" :value="chosen" aria-label="School of soil iron" @change="chose">
      <Radio v-for="name in ironSchoolNames" :key="name" :value="name">
        <span class="school stack">
          <b>{{ ironSchools[name].name }}</b>
          <strong v-if="iron">{{ readings.find(({ school }) => school === name)?.says }}</strong>
          <span class="faint-note">{{ bandWords(name) }} mg/kg</span>
          <span class="faint-note">{{ sourceWords(ironSchools[name]) }}</span>
        </span>
      </Radio>
    </RadioGroup>
    <p class="faint-note">
      Alone it does not foretell chlorosis on limy ground: take it with pH, lime, EC and wetness.
    </p>
    <ProblemNote :problem="settings.error.value" />
  </section>
</template>

<style scoped>
section,
.schools {
  display: grid;
  gap: 6px;
}
.school {
  grid-template-columns: 1fr auto;
  gap: 0 12px;
}
.school > .faint-note {
  grid-column: 1 / -1;
}
</style>
