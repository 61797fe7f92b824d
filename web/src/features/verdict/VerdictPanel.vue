<script setup lang="ts">
import SettledNote from '../../shared/verdict/SettledNote.vue'
import { causeChance } from '../../shared/verdict/cause-chance.ts'
import LinkButton from '../../ui/LinkButton.vue'
import EmptyState from '../../ui/EmptyState.vue'
import FoldBox from '../../ui/FoldBox.vue'
import { formatDecimals } from '@spudder/core/base/writing'
import { useCurrency } from '../../shared/units/use-currency.ts'
import { percent } from '@spudder/core/base/quantity'
import { caseRoutes } from '@spudder/contract/case'
import { useChange } from '../../api/use-change.ts'
import { addDays } from '@spudder/core/base/calendar'
import { contradictionsIn } from '@spudder/core/seen/reading'
import { oddFindings, settlingOf, storyOf, type Check } from '@spudder/core/verdict/diagnosis'
import { computed } from 'vue'
import { useStandCase } from '../../shared/case/stand-case.ts'
import ProblemNote from '../../ui/ProblemNote.vue'
import PlantFigure from '../../shared/figure/PlantFigure.vue'
import MindChangers from '../../shared/verdict/MindChangers.vue'
import NextChecks from '../../shared/verdict/NextChecks.vue'
import VerdictRibbon from '../../shared/verdict/VerdictRibbon.vue'
import { dayWords, today } from '../../shared/units/today.ts'
import WorkerNote from '../../shared/worker/WorkerNote.vue'
import MendButton from '../../shared/history/MendButton.vue'
import AdviceNotes from './AdviceNotes.vue'
import CasesLike from './CasesLike.vue'
import CauseEnding from './CauseEnding.vue'
import PracticeList from './PracticeList.vue'

const currency = useCurrency()
const {
  stand,
  look,
  verdict,
  openChecks,
  checksFailure,
  checkAgain,
  hasFindings,
  isDirty,
  newestLook,
  openCase,
  remedies,
  jobs,
  story,
  leftOut,
} = useStandCase()
const leading = computed(() => verdict.value?.ranked[0])
const settling = computed(() => verdict.value && settlingOf(verdict.value))
/** The leading cause takes part in pairs too: said, so that no other screen seems to say more. */
const pairsWords = computed(() => {
  const [cause, other] = leading.value?.causes ?? []
  const chance = verdict.value && cause && !other ? causeChance(verdict.value, cause.id) : undefined
  return chance?.withPairs === undefined
    ? ''
    : `${chance.alone} by itself; ${chance.withPairs} when the pairs with another cause are counted.`
})
/** What cannot all be right: readings against each other, newest first, and what was seen or told. */
const contradictions = computed(() => {
  if (!story.value) return []
  const { readings, events } = story.value
  const { pHHistory, events: told } = storyOf(look.value.lookedOn, readings, events)
  const measured = contradictionsIn(pHHistory.readings, pHHistory.corrections, dayWords)
  return [
    ...measured.slice(0, 2).map(({ words }) => words),
    ...oddFindings(look.value.findings, {
      lookedOn: look.value.lookedOn,
      events: told,
      pH: verdict.value?.exposure?.pH,
      readings: pHHistory.readings,
    }),
  ]
})
const ironWords = computed(() => percent(verdict.value?.ironIsRemedy ?? 0))
/** Nobody should buy iron where what leads does not ask for it, and more speaks against than for. */
const isNotIron = computed(
  () =>
    leading.value?.causes.every(({ remedy }) => remedy === 'not-iron') &&
    (verdict.value?.ironIsRemedy ?? 1) < 0.5,
)
const planCheck = useChange(caseRoutes.planCheck, { told: 'beside' })
const plannedChecks = computed(() =>
  openCase.value
    ? new Map(
        jobs.value
          .filter(({ kind, status }) => kind === 'check' && status === 'planned')
          .map(({ checkId, dueOn }) => [checkId ?? '', dueOn]),
      )
    : undefined,
)
async function plan({ id: checkId, days }: Check): Promise<void> {
  if (!openCase.value) return
  const dto = { id: crypto.randomUUID(), checkId, dueOn: addDays(today(), days) }
  await planCheck.send({ caseId: openCase.value.id, dto })
}
const seenWords = computed(() => {
  if (isDirty.value) return 'A look begun, not saved yet.'
  return newestLook.value ? `Seen ${dayWords(newestLook.value.lookedOn)}.` : ''
})
</script>

<template>
  <div
    v-if="stand && verdict && hasFindings && leading && settling"
    class="verdict stack items-start"
  >
    <section class="main stack gap-10">
      <h2 class="cause text-huge">
        {{ leading.name }}
        <span class="lead-share text-slate one-line">{{ percent(leading.probability) }}</span>
      </h2>
      <p v-for="cause in leading.causes" :key="cause.id" class="text-body text-slate">
        {{ cause.mechanism }}
      </p>
      <p v-if="pairsWords" class="faint-note">{{ pairsWords }}</p>
      <SettledNote :verdict="verdict" checks-at="beside this" />
      <p v-if="leftOut > 0" class="faint-note" role="note">
        {{ leftOut === 1 ? 'One reading is' : `${leftOut} readings are` }} made up by practice
        devices and kept out of this verdict.
        <RouterLink :to="{ name: 'settings', query: { tab: 'practice' } }"
          >Let them count</RouterLink
        >
      </p>
      <p v-for="words in contradictions" :key="words" class="stop" role="note">{{ words }}</p>
      <p v-if="isNotIron" class="stop">
        Not iron: do not buy iron for this. Iron is the remedy or a part of it with {{ ironWords }}.
      </p>
      <VerdictRibbon :verdict="verdict" :shown="7" is-open is-lead-told />
      <CauseEnding
        v-for="cause in leading.causes"
        :key="cause.id"
        :cause="cause"
        :setting="verdict.state.setting"
      />
      <PracticeList :causes="leading.causes" :stand="stand" :case-id="openCase?.id" />
    </section>
    <aside>
      <div class="seen-plant stack gap-16 items-center">
        <PlantFigure
          :context="stand.context"
          :plant-id="stand.plantId"
          :paint="look.paint"
          :roots="look.findings.roots"
        />
        <div>
          <p class="seen">
            {{ seenWords }}
            <RouterLink :to="{ name: 'look' }">Look again</RouterLink>
            <MendButton
              v-if="newestLook && !isDirty"
              :id="newestLook.id"
              kind="look"
              words="correct this look"
              :about="`Look of ${dayWords(newestLook.lookedOn)}`"
            />
          </p>
          <p v-if="verdict.exposure" class="seen">
            pH {{ formatDecimals(verdict.exposure.pH, 1) }} ±
            {{ formatDecimals(verdict.exposure.doubt, 1) }} while the leaves grew ({{
              dayWords(verdict.window.from)
            }}
            to {{ dayWords(verdict.window.to) }}).
          </p>
          <p class="seen">Iron is the remedy, or part of it: {{ ironWords }}.</p>
        </div>
      </div>
      <LinkButton v-if="openCase && !isDirty && remedies.length > 0" :to="{ name: 'jobs' }">
        On to the jobs
      </LinkButton>
      <LinkButton
        v-else-if="openCase && !isDirty && !isNotIron"
        :to="{ name: 'remedy' }"
        :is-quiet="settling.state === 'open'"
      >
        Choose the remedy
      </LinkButton>
      <LinkButton v-else-if="isDirty || !openCase" :to="{ name: 'look' }">
        Save the look first
      </LinkButton>
      <WorkerNote :failure="checksFailure" @again="checkAgain" />
      <NextChecks
        v-if="openChecks"
        :checks="openChecks.checks"
        :verdict="verdict"
        :currency="currency"
        :shown="6"
        :planned="plannedChecks"
        @plan="plan"
      />
      <ProblemNote :problem="planCheck.error.value" />
      <MindChangers v-if="openChecks" :changers="openChecks.changers" />
      <CasesLike />
      <AdviceNotes :stand-id="stand.id" />
      <FoldBox class="how" tone="word" words="how">
        <p>
          Every cause, and every pair that can go together, starts from how common it is in this
          kind of stand. Each finding multiplies it by how often that finding is seen under that
          cause (Bayes' rule); the reasons give the weight of each against all others together. A
          finding that says again what another has said counts for the rest of its weight only. pH,
          feed and events count as they were while the affected leaves grew. Directions are common
          practice or Marschner's; the sizes are a judgement, laid open in the reference data and
          tried on drawn cases.
        </p>
      </FoldBox>
    </aside>
  </div>
  <EmptyState
    v-else
    title="No verdict yet"
    words="Take a look first: paint what the leaves show, and add a pH if you have one."
    ><LinkButton :to="{ name: 'look' }">Take a look</LinkButton></EmptyState
  >
</template>

<style scoped>
.verdict {
  grid-template-columns: minmax(0, 1fr) 372px;
  gap: 40px;
}
.main {
  max-width: 720px;
}
.cause {
  letter-spacing: -0.018em;
  line-height: 1.15;
}
.lead-share {
  font-weight: 500;
}
aside {
  display: grid;
  gap: 16px;
}
.seen-plant {
  grid-template-columns: 128px 1fr;
}
.seen,
.how {
  font-size: var(--text-small);
  color: var(--slate);
}
@media (width < 900px) {
  .verdict {
    grid-template-columns: minmax(0, 1fr);
    gap: 20px;
  }
}
</style>
