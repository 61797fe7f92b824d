<script setup lang="ts">
import { caseRoutes } from '@spudder/contract/case'
import type { StandDto } from '@spudder/contract/stand'
import { costWords, practicesFor, roundsOf, type Practice } from '@spudder/core/days/practice'
import { sourceWords } from '@spudder/core/base/reference'
import { standKindOf } from '@spudder/core/stand/plant'
import type { Cause } from '@spudder/core/verdict/diagnosis'
import { Button } from 'ant-design-vue'
import { group } from 'd3-array'
import { computed, ref } from 'vue'
import { useStandCase } from '../../shared/case/stand-case.ts'
import { useChange } from '../../api/use-change.ts'
import { moneyRange } from '../../shared/units/money-words.ts'
import { useCurrency } from '../../shared/units/use-currency.ts'
import { dayWords, today } from '../../shared/units/today.ts'
import { said } from '../../shared/units/said.ts'
import DayField from '../../ui/DayField.vue'
import FoldBox from '../../ui/FoldBox.vue'
import ProblemNote from '../../ui/ProblemNote.vue'

/** What practitioners do beside a product where it is such a cause: when, how, at what cost. */
const props = defineProps<{
  causes: readonly Cause[]
  stand: StandDto
  /** The open case; without one nothing is planned. */
  caseId: string | undefined
}>()
const offered = computed(() => {
  const kind = standKindOf(props.stand)
  const all = props.causes.flatMap(({ id }) => practicesFor(id, kind, props.stand.measures ?? {}))
  return [...new Set(all)]
})
const { jobs } = useStandCase()
const dueOn = ref(today())
const change = useChange(caseRoutes.planPractice, { told: 'beside' })
const currency = useCurrency()
const costOf = (practice: Practice) =>
  costWords(practice, (low, high) => moneyRange(low, high, currency.value))
/** Days of each practice that is planned already, in order. */
const planned = computed(() =>
  group(
    jobs.value
      .filter(({ kind, status }) => kind === 'practice' && status === 'planned')
      .toSorted((one, other) => one.dueOn.localeCompare(other.dueOn)),
    ({ practiceId }) => practiceId ?? '',
  ),
)

async function plan(practice: Practice): Promise<void> {
  if (!props.caseId) return
  const days = roundsOf(practice, dueOn.value)
  const ids = days.map(() => crypto.randomUUID())
  const dto = { ids, practiceId: practice.id, dueOn: dueOn.value }
  await change.send({ caseId: props.caseId, dto })
}
</script>

<template>
  <section v-if="offered.length > 0" class="stack gap-6" aria-labelledby="beside-heading">
    <h3 id="beside-heading">What helps beside a product</h3>
    <FoldBox v-for="practice in offered" :key="practice.id" :words="practice.name">
      <div class="stack gap-6 text-body">
        <p><b>When.</b> {{ said(practice.when) }}</p>
        <p><b>How.</b> {{ said(practice.how) }}</p>
        <p><b>Cost.</b> {{ said(costOf(practice)) }}</p>
        <p v-for="school in practice.schools" :key="school"><b>Or else.</b> {{ said(school) }}</p>
        <ul v-if="practice.cautions.length > 0" class="stop text-small">
          <li v-for="caution in practice.cautions" :key="caution">{{ said(caution) }}</li>
        </ul>
        <p class="faint-note">{{ sourceWords(practice) }}</p>
        <div v-if="caseId && !planned.has(practice.id)" class="lined wrapped gap-10 items-end">
          <DayField v-model="dueOn" label="On" />
          <Button :loading="change.isLoading.value" @click="plan(practice)">Plan it</Button>
        </div>
        <p v-if="planned.has(practice.id)" role="status">
          Planned for
          {{
            (planned.get(practice.id) ?? []).map(({ dueOn: day }) => dayWords(day)).join(' and ')
          }}.
        </p>
      </div>
    </FoldBox>
    <ProblemNote :problem="change.error.value" />
  </section>
</template>
