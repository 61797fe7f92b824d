<script setup lang="ts">
import { changesFor, nextSeason } from '@spudder/core/outcome/season-review'
import { seasonOf } from '@spudder/core/soil/season'
import { Button } from 'ant-design-vue'
import { computed, ref } from 'vue'
import HowGot from '../../shared/how/HowGot.vue'
import { money } from '../../shared/units/money-words.ts'
import { today } from '../../shared/units/today.ts'
import { useCurrency } from '../../shared/units/use-currency.ts'
import WorkerNote from '../../shared/worker/WorkerNote.vue'
import ChoiceField from '../../ui/ChoiceField.vue'
import ChangeList from './ChangeList.vue'
import EmptyState from '../../ui/EmptyState.vue'
import FoldBox from '../../ui/FoldBox.vue'
import LinkButton from '../../ui/LinkButton.vue'
import ProblemNote from '../../ui/ProblemNote.vue'
import NextSeason from './NextSeason.vue'
import SeasonCauses from './SeasonCauses.vue'
import SeasonGained from './SeasonGained.vue'
import { saveSeasonPdf } from './season-pdf.ts'
import { daysWords, greenDayDerivation, productsWords, rangeWords, said } from './season-words.ts'
import { useSeasonReview } from './use-season-review.ts'

/** What a season cost and brought, what to do otherwise, and where the next one starts. */
const currency = useCurrency()
const thisSeason = Number(seasonOf(today()))
/** As many as a place is likely to look back on. */
const seasonsBack = 6
const season = ref(String(thisSeason))
const seasons = Array.from({ length: seasonsBack }, (_, back) => {
  const value = String(thisSeason - back)
  return { value, words: back === 0 ? `${value}, so far` : value }
})
const { place, review, problem, failure, again, looks, courses, colours } = useSeasonReview(() =>
  Number(season.value),
)
const changes = computed(() => (review.value ? changesFor(review.value) : []))
/** So many are taken to heart; more are folded. */
const firstChanges = 5
const rest = computed(() => changes.value.slice(firstChanges))
const next = computed(
  () =>
    review.value &&
    nextSeason(review.value, { planned: looks.value, courses: courses.value, today: today() }),
)
const isEmpty = computed(() => review.value?.stands.length === 0)

const isPrinting = ref(false)
const printProblem = ref<Error>()
async function print(): Promise<void> {
  if (!review.value || !next.value) return
  isPrinting.value = true
  printProblem.value = undefined
  await saveSeasonPdf({
    placeName: place.value?.name ?? '',
    season: season.value,
    system: place.value?.unitSystem ?? 'us',
    currency: currency.value,
    printedOn: today(),
    review: review.value,
    changes: changes.value,
    next: next.value,
    madeUp: colours.value.madeUp,
  }).catch((error: unknown) => {
    printProblem.value = error instanceof Error ? error : new Error(String(error))
  })
  isPrinting.value = false
}
</script>

<template>
  <div class="head lined wrapped gap-16">
    <h1>Season</h1>
    <ChoiceField v-model="season" label="Season" is-label-hidden :options="seasons" />
    <Button v-if="review && !isEmpty" :loading="isPrinting" @click="print">PDF</Button>
  </div>
  <ProblemNote :problem="problem ?? printProblem" />
  <WorkerNote :failure="failure" @again="again" />
  <EmptyState
    v-if="isEmpty"
    title="Nothing was done or seen in this season"
    words="Record what is put out and enter a colour before and after it: then this page says what a green day cost, what worked, and what to do otherwise."
    ><LinkButton :to="{ name: 'estate' }">To the estate</LinkButton></EmptyState
  >
  <div v-else-if="review" class="season stack gap-32 above-16">
    <section class="stack gap-8" aria-label="What a green day cost">
      <p v-if="review.total.perGreenDay" class="lead">
        A green day cost <b>{{ money(review.total.perGreenDay.usual, currency) }}</b>
        <span class="range text-slate">{{ rangeWords(review.total.perGreenDay, currency) }}</span>
      </p>
      <p v-else class="lead">
        What a green day cost cannot be said yet:
        {{
          review.total.spent.total > 0
            ? 'nobody looked at what was treated'
            : 'nothing was put out'
        }}.
      </p>
      <p>
        {{ money(review.total.spent.total, currency) }} spent: products
        {{ productsWords(review.total.spent, currency) }}; trips
        {{ money(review.total.spent.trips, currency) }}; checks
        {{ money(review.total.spent.checks, currency) }}. Where it was spent,
        {{ daysWords(review.total.green) }} of {{ said(review.total.known) }} days of which it can
        be said were green, and {{ daysWords(review.total.gained) }} days were gained by what was
        put out.
      </p>
      <p v-if="colours.madeUp > 0" class="made-up">
        ✕ {{ colours.madeUp }} of {{ colours.all }} colours were made up by practice devices, which
        count at this place.
      </p>
      <HowGot :derivation="greenDayDerivation(review, currency)" />
    </section>
    <section class="stack gap-8" aria-label="What to do otherwise">
      <h2>What to do otherwise</h2>
      <template v-if="changes.length > 0">
        <ChangeList :changes="changes.slice(0, firstChanges)" />
        <FoldBox v-if="rest.length > 0" tone="word" :words="`${rest.length} more`">
          <ChangeList :changes="rest" />
        </FoldBox>
      </template>
      <p v-else class="faint-note">Nothing stands out.</p>
    </section>
    <SeasonGained :review="review" />
    <SeasonCauses :review="review" />
    <NextSeason v-if="next && place" :next="next" :place="place" />
  </div>
</template>

<style scoped>
.head {
  align-items: center;
}
.season {
  max-width: 1060px;
}
.lead {
  font-size: 20px;
}
.lead b {
  font-size: 34px;
  font-variant-numeric: tabular-nums;
}
.range {
  margin-left: 10px;
  font-size: 14px;
}
.season p {
  max-width: 78ch;
}
</style>
