<script setup lang="ts">
import FoldBox from '../../ui/FoldBox.vue'
import { formatDecimals, formatNumber } from '@spudder/core/base/writing'
import type { TrialDto } from '@spudder/contract/trial'
import { readingKinds } from '@spudder/core/seen/reading'
import { eyeScaleNames, ratedTogether } from '@spudder/core/seen/eye'
import { greennessOf, isColourKind, leafColour } from '@spudder/core/seen/colour'
import type { AnovaRow } from '@spudder/core/base/statistics'
import { treatmentMeansByDay, type Plot } from '@spudder/core/outcome/trial'
import { computed, ref } from 'vue'
import ChoiceField from '../../ui/ChoiceField.vue'
import DataTable from '../../ui/DataTable.vue'
import type { Column } from '../../ui/table-columns.ts'
import { dayWords } from '../../shared/units/today.ts'
import { useKnown } from '../../shared/known/use-known.ts'
import { listed } from '../../shared/words/listed.ts'
import WorkerNote from '../../shared/worker/WorkerNote.vue'
import TreatmentChart from './TreatmentChart.vue'
import MeansChart from './MeansChart.vue'
import { useAnalysis } from './use-analysis.ts'

/** What the ratings say: in words, as means with letters, and as the table behind them. */
const props = defineProps<{ trial: TrialDto; plots: readonly Plot[] }>()

const days = computed(() =>
  [...new Set(props.trial.ratings.map(({ ratedOn }) => ratedOn))].toSorted(),
)
const chosen = ref('')
const day = computed(() => {
  const last = days.value.at(-1) ?? ''
  if (chosen.value === 'season' && days.value.length > 1) return 'season'
  return days.value.includes(chosen.value) ? chosen.value : last
})
const shownDay = computed({ get: () => day.value, set: (now: string) => (chosen.value = now) })
const options = computed(() => [
  ...days.value.map((value) => ({ value, words: dayWords(value) })),
  ...(days.value.length > 1
    ? [{ value: 'season', words: 'the season: mean under the curve' }]
    : []),
])
const store = useKnown()
const together = computed(() =>
  ratedTogether(
    store.known.eyes,
    props.trial.scale,
    props.trial.ratings.map(({ plot, ratedOn, value, createdBy }) => ({
      plot,
      day: ratedOn,
      value,
      ratedBy: createdBy,
    })),
  ),
)
const ratings = computed(() => together.value.ratings)
/** Of several raters, whether their numbers can be laid side by side; nothing for a scale that no eye rates. */
const ratersWords = computed(() => {
  const { putRightBy, unmeasured } = together.value
  if (putRightBy.length > 0)
    return `Rated by ${listed(putRightBy)}: each one's numbers are put right by their eye.`
  if (unmeasured.length === 0 || !eyeScaleNames.some((name) => name === props.trial.scale))
    return ''
  return `Several people rated, and the eye of ${listed(unmeasured)} was never measured: the numbers stand as they were said, and differences between people are in them.`
})
/** From date to date, where there is more than one. */
const treatments = computed(() =>
  days.value.length > 1 ? treatmentMeansByDay(props.trial.design, props.plots, ratings.value) : [],
)
const asked = computed(() =>
  day.value === ''
    ? undefined
    : {
        design: props.trial.design,
        plots: props.plots,
        ratings: ratings.value,
        day: day.value,
      },
)
const { answer, failure, isRunning, again } = useAnalysis(asked)
const analysis = computed(() => answer.value?.analysis)
const dates = computed(() => answer.value?.dates ?? [])
const number = (value: number | undefined) =>
  value === undefined || Number.isNaN(value) ? '' : formatNumber(value, 4)
/** Least differences that are real, for one pair alone and among all. */
const differences = computed(() =>
  (analysis.value?.comparisons ?? []).flatMap(({ of, pairs: [pair] }) =>
    pair
      ? [{ of, alone: number(pair.leastSignificant), among: number(pair.honestlySignificant) }]
      : [],
  ),
)
const kind = computed(() => readingKinds[props.trial.scale])
const colourOf = (value: number): string =>
  isColourKind(props.trial.scale)
    ? leafColour(
        greennessOf(props.trial.scale, Math.min(kind.value.max, Math.max(kind.value.min, value))),
      )
    : 'var(--slate)'
const chance = ({ p }: AnovaRow) =>
  p === undefined ? '' : p < 0.001 ? '< 0.001' : formatDecimals(p, 3)
const columns: readonly Column<AnovaRow>[] = [
  { key: 'source', title: 'Source', isHead: true, text: (row) => row.name },
  {
    key: 'squares',
    title: 'Sum of squares',
    isFigure: true,
    text: (row) => number(row.sumOfSquares),
  },
  { key: 'df', title: 'df', isFigure: true, text: (row) => String(row.degreesOfFreedom) },
  { key: 'mean', title: 'Mean square', isFigure: true, text: (row) => number(row.meanSquare) },
  { key: 'f', title: 'F', isFigure: true, text: (row) => number(row.f) },
  { key: 'p', title: 'P', isFigure: true, text: chance },
  { key: 'against', title: 'tested against', text: (row) => row.against ?? '' },
]
</script>

<template>
  <section class="result stack gap-10" aria-label="What the ratings say">
    <p v-if="days.length === 0" class="faint-note">
      Nothing is rated yet. Walk the plots, then the answer stands here.
    </p>
    <template v-else>
      <ChoiceField v-model="shownDay" label="Rated on" :options="options" />
      <WorkerNote :failure="failure" @again="again" />
      <p v-if="isRunning && !analysis" role="status">Calculating …</p>
      <template v-if="analysis">
        <p v-if="analysis.warning" class="warn text-rust text-strong" role="note">
          {{ analysis.warning }}
        </p>
        <p v-for="words in analysis.words" :key="words" class="words text-body">{{ words }}</p>
        <p v-if="analysis.missing > 0" class="faint-note">
          {{ analysis.missing }} of {{ plots.length }} plots are not rated; the rest is weighed
          without them.
        </p>
        <p v-if="ratersWords" class="faint-note">{{ ratersWords }}</p>
        <div v-for="comparison in analysis.comparisons" :key="comparison.of">
          <h3>{{ comparison.of }}</h3>
          <MeansChart :comparison="comparison" :bounds="kind" :colour-of="colourOf" />
        </div>
        <TreatmentChart
          v-if="treatments.length > 0"
          :treatments="treatments"
          :colour-of="colourOf"
        />
        <FoldBox words="The table behind it">
          <DataTable
            label="Analysis of variance"
            :columns="columns"
            :rows="[...analysis.table, ...dates]"
            :row-key="(row) => row.name + row.sumOfSquares"
          />
          <p v-for="each in differences" :key="each.of" class="differences text-small">
            {{ each.of }}: two means are apart from {{ each.alone }} on where just these two are
            asked about (least significant difference), from {{ each.among }} on among all (Tukey).
          </p>
          <p class="faint-note">
            Points: means; bars: one deviation of a mean. Means that share a letter are not apart at
            5 in 100 (Tukey). Analysis of variance by the layout; combinations of split plots are
            compared by the error of the split.
            {{
              dates.length > 0
                ? 'Dates near each other are alike, so chances of dates are somewhat too small; those of the mean under the curve are not.'
                : ''
            }}
          </p>
        </FoldBox>
      </template>
    </template>
  </section>
</template>

<style scoped>
.result {
  grid-template-columns: minmax(0, 1fr);
}
.words {
  max-width: 72ch;
}
h3 {
  font-size: var(--text-body);
}
</style>
