<script setup lang="ts">
import { daysBetween } from '@spudder/core/base/calendar'
import { percent } from '@spudder/core/base/quantity'
import { casesLike, likenessDerivation, type PastCase } from '@spudder/core/verdict/precedent'
import { computed } from 'vue'
import { usePastCases } from '../../api/precedents.ts'
import { useStandCase } from '../../shared/case/stand-case.ts'
import HowGot from '../../shared/how/HowGot.vue'
import { dayWords } from '../../shared/units/today.ts'
import { listed } from '../../shared/words/listed.ts'

/** Cases of the place that are over and were like this one: what was done, and how it went. */
const { stand, verdict, openCase } = useStandCase()
const past = usePastCases(() => stand.value?.placeId)
const others = computed(() => (past.data.value ?? []).filter(({ id }) => id !== openCase.value?.id))
const like = computed(() => {
  if (!stand.value || !verdict.value) return []
  const { context, plantId } = stand.value
  const chances = verdict.value.ranked.map(({ id, probability }) => ({ causeId: id, probability }))
  return casesLike({ context, plantId, verdict: chances }, others.value)
})
const doneWords = ({ treatments }: PastCase): string =>
  treatments.length === 0
    ? 'Nothing was put out.'
    : `${listed(treatments.map(({ appliedName, happenedOn }) => `${appliedName} on ${dayWords(happenedOn)}`))}.`
function endWords({ outcome, openedOn, closedOn, treatments }: PastCase): string {
  const days = daysBetween(treatments[0]?.happenedOn ?? openedOn, closedOn)
  const since = treatments.length === 0 ? 'the first look' : 'the treatment'
  const ended = outcome === 'green' ? 'Green' : 'Given up'
  return `${ended} ${days} ${days === 1 ? 'day' : 'days'} after ${since}.`
}
</script>

<template>
  <section v-if="like.length > 0" class="stack gap-6" aria-label="Cases like this here">
    <h3>Cases like this here</h3>
    <ul class="plain-list stack gap-10 text-small">
      <li v-for="{ past: each, likeness } in like" :key="each.id">
        <RouterLink :to="{ name: 'watch', params: { standId: each.standId } }">{{
          each.standName
        }}</RouterLink>, {{ dayWords(each.openedOn) }}
        <span class="text-slate">({{ percent(likeness) }} alike)</span>
        <p>{{ doneWords(each) }} {{ endWords(each) }}</p>
        <p v-if="each.note !== ''" class="text-slate">{{ each.note }}</p>
      </li>
    </ul>
    <HowGot :derivation="likenessDerivation(like, others.length)" />
  </section>
</template>
