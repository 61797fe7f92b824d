<script setup lang="ts">
import { caseEndings } from '@spudder/core/outcome/progress'
import { formatDecimals } from '@spudder/core/base/writing'
import { percent } from '@spudder/core/base/quantity'
import { readingKinds, readingWords } from '@spudder/core/seen/reading'
import { computed } from 'vue'
import { useStandCase } from '../../shared/case/stand-case.ts'
import { dayWords } from '../../shared/units/today.ts'

const {
  story,
  openCase,
  shownCase,
  newestLook,
  looks,
  isDirty,
  hasFindings,
  verdict,
  remedies,
  jobs,
  standing,
  judged,
} = useStandCase()

const remedy = computed(() => remedies.value.at(-1))
const planned = computed(() => jobs.value.filter(({ status }) => status === 'planned'))

const lookWords = computed(() => {
  if (isDirty.value) return 'begun, not saved'
  const look = newestLook.value ?? looks.value.at(-1)
  return look ? dayWords(look.lookedOn) : 'not yet'
})
const verdictWords = computed(() => {
  const first = verdict.value?.ranked[0]
  if (!hasFindings.value || !first) return openCase.value ? 'needs a look' : 'no open case'
  return `${first.name}, ${percent(first.probability)}`
})
const benchWords = computed(() => {
  const last = story.value?.readings.findLast(({ kind }) => !readingKinds[kind].isColour)
  return last ? readingWords(last) : 'nothing measured'
})
const remedyWords = computed(() => {
  return remedy.value ? remedy.value.appliedName : 'none chosen'
})
const acidWords = computed(() => {
  const plan = story.value?.acidPlans.at(-1)
  return plan
    ? `${formatDecimals(plan.fromPH, 1)} to ${formatDecimals(plan.targetPH, 1)}`
    : 'no plan'
})
const jobWords = computed(() => {
  const next = planned.value[0]
  if (next) return `${dayWords(next.dueOn)}: ${next.title}`
  return standing.value.length > 0 ? `${standing.value.length} recorded` : 'nothing planned'
})
const watchWords = computed(() => {
  if (judged.value) return judged.value.judgement.word
  const last = standing.value.at(-1)
  return last ? `treated ${dayWords(last.happenedOn)}, colour missing` : 'nothing applied yet'
})

const steps = computed(() => [
  { name: 'look', label: 'Look', words: lookWords.value },
  { name: 'verdict', label: 'Verdict', words: verdictWords.value },
  { name: 'bench', label: 'Bench', words: benchWords.value },
  { name: 'remedy', label: 'Remedy', words: remedyWords.value },
  { name: 'acid', label: 'Acid', words: acidWords.value },
  { name: 'jobs', label: 'Jobs', words: jobWords.value },
  { name: 'watch', label: 'Watch', words: watchWords.value },
])
const caseWords = computed(() => {
  const shown = shownCase.value
  if (!shown) return 'No case yet: the first look opens one.'
  if (shown.closedOn === null) return `Case open since ${dayWords(shown.openedOn)}.`
  const outcome = shown.outcome === null ? '' : caseEndings[shown.outcome]
  return `Last case closed ${dayWords(shown.closedOn)}, ${outcome}: ${shown.outcomeNote}`
})
</script>

<template>
  <nav aria-label="Steps of the case">
    <RouterLink
      v-for="step in steps"
      :key="step.name"
      :to="{ name: step.name }"
      class="step stack shrinks"
    >
      <b>{{ step.label }}</b>
      <span>{{ step.words }}</span>
    </RouterLink>
  </nav>
  <p class="case text-small text-slate">{{ caseWords }}</p>
</template>

<style scoped>
nav {
  display: grid;
  grid-template-columns: repeat(7, 1fr);
  border-bottom: 1px solid var(--strong-line);
  margin-top: 4px;
}
.step {
  padding: 6px 12px 7px;
  text-decoration: none;
  border-bottom: 3px solid transparent;
}
.step span {
  font-size: var(--text-tiny);
  color: var(--slate);
  white-space: nowrap;
  overflow: hidden;
  text-overflow: ellipsis;
}
.router-link-active {
  border-bottom-color: var(--rust);
  background: var(--sheet);
}
.case {
  padding: 6px 2px 8px;
}
@media (width < 700px) {
  .step {
    padding: 13px 0 11px;
    text-align: center;
    font-size: var(--text-small);
  }
  .step span {
    display: none;
  }
}
</style>
