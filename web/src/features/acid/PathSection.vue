<script setup lang="ts">
import { said } from '../../shared/units/said.ts'
import { Button } from 'ant-design-vue'
import { formatDecimals, formatNumber, lineStart } from '@spudder/core/base/writing'
import { harmsRootsBelow, situations } from '@spudder/core/soil/acid-plan'
import { percent } from '@spudder/core/base/quantity'
import { tenthDeviation } from '@spudder/core/base/reference'
import { computed } from 'vue'
import { dayWords } from '../../shared/units/today.ts'
import WorkerNote from '../../shared/worker/WorkerNote.vue'
import { useAcidStore } from './acid-store.ts'
import PathChart from './PathChart.vue'

/** Where pH goes under the plan, and what the retests have taught. */
const {
  forecast,
  share,
  cancel,
  pathFailure,
  followAgain,
  ground,
  measured,
  band,
  isUpward,
  retests,
  draft,
} = useAcidStore()

/** Sulfur on top bites there first, where living roots are. */
const bites = computed(() => {
  if (!situations[draft.value.situation].isLiving) return undefined
  const lowest = Math.min(...(forecast.value?.points ?? []).map(({ top }) => top))
  if (!(lowest < harmsRootsBelow.value)) return undefined
  return `The top 5 cm fall to pH ${formatDecimals(lowest, 1)}: acid formed beside roots hurts them. Smaller steps, further apart; test the top apart.`
})

const arrival = computed(() => {
  const { points, shareArrived } = forecast.value ?? { points: [], shareArrived: [] }
  const end = isUpward.value ? band.value.low : band.value.high
  const at = (wanted: number) => points[shareArrived.findIndex((each) => each >= wanted)]?.day
  const [soon, half] = [at(0.1), at(0.5)]
  const last = shareArrived.at(-1) ?? 0
  const bound = `pH ${formatDecimals(end, 1)} or ${isUpward.value ? 'above' : 'below'}`
  if (!soon)
    return lineStart(`${percent(last)} of soils like this stand at ${bound} when the path ends.`)
  const middle = half ? `half of them by ${dayWords(half)}` : `${percent(last)} of them in the end`
  return `One such soil in ten is at ${bound} by ${dayWords(soon)}, ${middle}.`
})
const taught = computed(() => {
  const buffer = forecast.value?.buffer
  if (measured.value.length === 0 || !buffer || !ground.value) return undefined
  const { mmolPerKg, doubt } = ground.value.buffer
  const spread = Math.exp(tenthDeviation * doubt)
  const words = (value: number) => formatNumber(value, 2)
  return `${measured.value.length === 1 ? 'A retest has' : `${measured.value.length} retests have`} pulled the path through. Acid for one pH: thought ${words(mmolPerKg / spread)}-${words(mmolPerKg * spread)}, now ${words(buffer.low)}-${words(buffer.high)} mmol/kg.`
})
/** What to do at the next retest, by where it falls in the band. */
const nextTest = computed(() => {
  const day = retests.value[0]
  const point = forecast.value?.points.find((each) => day !== undefined && each.day >= day)
  if (!day || !point) return undefined
  const [low, high] = [formatDecimals(point.low, 1), formatDecimals(point.high, 1)]
  const [slow, fast] = isUpward.value ? [`under ${low}`, `over ${high}`] : [`over ${high}`, `under ${low}`] // prettier-ignore
  return `At the test of ${dayWords(day)}: from ${low} to ${high} go on; ${slow} it goes slower than thought, put the next step out and test again in half a year; ${fast} leave the next step out.`
})
</script>

<template>
  <section class="path stack gap-4" aria-label="Where pH goes">
    <WorkerNote :failure="pathFailure" @again="followAgain" />
    <div class="head lined gap-16 items-baseline">
      <h3>Where pH goes</h3>
      <p v-if="share !== undefined" class="running text-small text-slate" role="status">
        following a thousand such soils: {{ percent(share) }}
        <Button type="link" size="small" @click="cancel">Stop</Button>
      </p>
    </div>
    <PathChart v-if="forecast" />
    <p v-else-if="share !== undefined" class="faint-note waiting">
      Following a thousand such soils through three years …
    </p>
    <template v-if="forecast">
      <p>{{ arrival }}</p>
      <p v-if="bites" class="stop">{{ said(bites) }}</p>
      <p v-if="taught" class="taught">{{ taught }}</p>
      <p v-if="nextTest" class="faint-note">{{ nextTest }}</p>
      <p class="faint-note">
        Band: 8 such soils of 10. Line: the middle; dotted: {{ said('the top 5 cm') }} alone. Sulfur
        eaten by bacteria as soil warms and dries, nitrogen, lime in ground and water, rain and
        worms are followed day by day.
        <RouterLink :to="{ name: 'reference', params: { chapter: 'acid' } }"
          >Where the figures come from</RouterLink
        >
      </p>
    </template>
  </section>
</template>

<style scoped>
.head {
  min-height: 28px;
}
.waiting {
  min-height: 300px;
}
.taught {
  border-left: 3px solid var(--ink);
  padding-left: 9px;
}
</style>
