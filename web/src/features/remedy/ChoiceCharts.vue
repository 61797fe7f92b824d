<script setup lang="ts">
import { said } from '../../shared/units/said.ts'
import FoldBox from '../../ui/FoldBox.vue'
import { aims, courseOf, type AimId } from '@spudder/core/material/choice'
import { compareWithTrade } from '@spudder/core/material/chemistry'
import type { Medium, PHBelief } from '@spudder/core/material/persistence'
import { isNone } from '@spudder/core/base/reference'
import { knownLigand } from '@spudder/core/material/source'
import type { Route } from '@spudder/core/stand/plant'
import { computed, ref } from 'vue'
import CourseChart from './CourseChart.vue'
import { curvesInSoil, curvesInSolution, type Curve } from './curve-chart.ts'
import type { Offer } from './offers.ts'
import SoilWater from './SoilWater.vue'
import StabilityChart from './StabilityChart.vue'
import type { SoilWaterDraft } from './soil-water.ts'

/** The chemistry behind the order: curves over pH, and what is left over the days. */
const props = defineProps<{
  route: Route
  medium: Medium
  pH: PHBelief | undefined
  offer: Offer
  aimId: AimId
}>()
const soilWater = defineModel<SoilWaterDraft>({ required: true })

const isTradeOpen = ref(false)
const curves = computed(() =>
  props.route === 'solution'
    ? curvesInSolution()
    : curvesInSoil(props.medium.soil ?? {}, 10 ** soilWater.value.logLigandM),
)
const chosenCurve = computed<Curve['id'] | undefined>(() => {
  if (!props.offer.candidate) return undefined
  const { boundBy, kind } = props.offer.candidate.source
  if (!isNone(boundBy)) return knownLigand(boundBy.ligand).id
  return kind === 'salt' ? 'salt' : undefined
})
/** Days over which the course is drawn: the season, or less for a spray. */
const horizon = computed(() =>
  props.route === 'leaf' ? 42 : Math.max(60, aims[props.aimId].horizonDays),
)
const again = computed(() => {
  const interval = props.offer.rates[0]?.intervalDays
  return interval && (interval.low + interval.high) / 2
})
/** As many points as the eye can tell apart; a blend needs a programme for each. */
const course = computed(() => {
  const { candidate } = props.offer
  if (!candidate) return []
  const step = Math.ceil(horizon.value / 42)
  const days = Array.from({ length: Math.floor(horizon.value / step) + 1 }, (_, i) => i * step)
  const course = courseOf(candidate, props.route, props.medium)
  return days.map((day) => ({ day, ...course.at(day) }))
})
const trade = compareWithTrade()
</script>

<template>
  <div class="charts stack gap-12 shrinks">
    <figure v-if="route !== 'leaf'">
      <figcaption>
        How much of its iron each form keeps dissolved
        {{ route === 'solution' ? 'in a usual feed solution' : 'in soil' }}
      </figcaption>
      <StabilityChart
        :curves="curves"
        :p-h="pH"
        :chosen-id="chosenCurve"
        :has-brackets="route === 'soil'"
      />
      <SoilWater v-if="route === 'soil'" v-model="soilWater" :p-h="medium.pH" />
      <p v-if="!pH" class="stop">
        No pH known. Measure it before you buy; every source is judged with doubt till then.
      </p>
      <FoldBox
        v-if="route === 'soil'"
        tone="word"
        words="how, and where calculation and trade differ"
        @update:open="isTradeOpen = true"
      >
        <div v-if="isTradeOpen" class="how text-small text-slate stack gap-6 inside-6">
          <p>
            Share of the chelate that carries iron once iron hydroxide, calcium, magnesium, zinc and
            copper of the soil have had their say: chemical equilibrium from published constants,
            none fitted. Lines: zinc and copper as a field usually holds them; the grey band round
            the chosen one: all that soil minerals allow, to none. Sulfate’s dotted line is
            practice, not equilibrium, which would leave it under a millionth. While solids hold the
            metals, more chelate does not hold longer: drag it and see.
          </p>
          <ul>
            <li v-for="each in trade" :key="each.ligandId">
              <b v-if="each.verdict !== 'agrees'">Differs.</b> {{ said(each.words) }}
            </li>
          </ul>
          <p>
            Practice names no share that must be left, so agreement here is by a fair reading, and
            no proof.
          </p>
        </div>
      </FoldBox>
    </figure>
    <figure v-if="course.length > 0">
      <figcaption>{{ offer.name }}: iron at work in the days after, with its spread</figcaption>
      <CourseChart :name="offer.name" :course="course" :again="again" />
    </figure>
  </div>
</template>

<style scoped>
figure {
  margin: 0;
  display: grid;
  gap: 6px;
  min-width: 0;
}
figcaption {
  font-weight: 600;
  font-size: var(--text-small);
}
.how ul {
  padding-left: 17px;
  display: grid;
  gap: 2px;
}
</style>
