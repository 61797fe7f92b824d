<script setup lang="ts">
import { jobRoutes } from '@spudder/contract/job'
import type { PlaceDto } from '@spudder/contract/place'
import { amountWords } from '@spudder/core/base/quantity'
import type { FirstLook, NextSeason, SeasonNeed } from '@spudder/core/outcome/season-review'
import { Button } from 'ant-design-vue'
import { computed } from 'vue'
import { useMay } from '../../api/me.ts'
import { useChange } from '../../api/use-change.ts'
import HowGot from '../../shared/how/HowGot.vue'
import { money } from '../../shared/units/money-words.ts'
import { dayWords } from '../../shared/units/today.ts'
import { useCurrency } from '../../shared/units/use-currency.ts'
import DataTable from '../../ui/DataTable.vue'
import LinkButton from '../../ui/LinkButton.vue'
import ProblemNote from '../../ui/ProblemNote.vue'
import { useToasts } from '../../ui/use-toasts.ts'
import type { Column } from '../../ui/table-columns.ts'
import { everyWords, needDerivation, paleFromWords } from './season-words.ts'

/** Where the next season starts: a look before each stand goes pale, and what it is likely to need. */
const props = defineProps<{ next: NextSeason; place: PlaceDto }>()
const currency = useCurrency()
const { may } = useMay()
const toasts = useToasts()
const change = useChange(jobRoutes.planLooks, { told: 'beside' })
const dropping = useChange(jobRoutes.change, { told: 'beside' })
const open = computed(() => props.next.looks.filter(({ plannedOn }) => plannedOn === undefined))
/** Made once for each look, so that sending it again stores it once. */
const made = new Map<string, string>()
function idFor({ standId, lookOn }: FirstLook): string {
  const key = `${standId} ${lookOn}`
  const id = made.get(key) ?? crypto.randomUUID()
  made.set(key, id)
  return id
}
async function plan(): Promise<void> {
  const looks = open.value.map((each) => ({ id: idFor(each), standId: each.standId, dueOn: each.lookOn })) // prettier-ignore
  const stored = await change.send({ placeId: props.place.id, dto: { looks } })
  if (!stored) return
  made.clear()
  const words = stored.length === 1 ? 'One look is planned.' : `${stored.length} looks are planned.`
  toasts.say(words, () => drop(stored.map(({ id }) => id)))
}
async function drop(jobIds: readonly string[]): Promise<boolean> {
  for (const jobId of jobIds) {
    if (!(await dropping.send({ jobId, dto: { status: 'dropped' } }))) return false
  }
  return true
}
const total = computed(() => props.next.needs.reduce((sum, { cost }) => sum + cost, 0))
const looks: readonly Column<FirstLook>[] = [
  { key: 'stand', title: 'Stand', isHead: true, text: ({ name }) => name },
  { key: 'pale', title: 'Pale from', text: paleFromWords, sortBy: ({ paleFrom, expectedFrom }) => expectedFrom ?? paleFrom }, // prettier-ignore
  { key: 'look', title: 'Look on', text: ({ lookOn }) => dayWords(lookOn), sortBy: ({ lookOn }) => lookOn }, // prettier-ignore
  { key: 'planned', title: 'Planned', text: ({ plannedOn }) => (plannedOn === undefined ? 'not yet' : dayWords(plannedOn)) }, // prettier-ignore
]
const needs: readonly Column<SeasonNeed>[] = [
  { key: 'stand', title: 'Stand', isHead: true, text: ({ name }) => name },
  { key: 'what', title: 'What', text: ({ appliedName }) => appliedName },
  { key: 'times', title: 'Times', isFigure: true, text: ({ treatments }) => String(treatments) },
  { key: 'every', title: 'Every', isFigure: true, text: ({ interval }) => everyWords(interval) },
  { key: 'amount', title: 'In all', isFigure: true, text: ({ productKg }) => amountWords('mass', productKg, props.place.unitSystem) }, // prettier-ignore
  { key: 'cost', title: 'Product', isFigure: true, text: ({ cost }) => money(cost, currency.value) }, // prettier-ignore
]
</script>

<template>
  <section class="stack gap-12" aria-label="The next season">
    <h2>The next season</h2>
    <template v-if="next.looks.length > 0">
      <p>
        A look two weeks before each stand goes pale, as it did this season or as it mostly does, so
        that it is found green:
      </p>
      <DataTable
        label="First looks"
        :columns="looks"
        :rows="next.looks"
        :row-key="({ standId }) => standId"
      />
      <ProblemNote :problem="change.error.value ?? dropping.error.value" />
      <div class="lined gap-12">
        <Button
          v-if="may('plan') && open.length > 0"
          type="primary"
          :loading="change.isLoading.value"
          @click="plan"
          >{{ open.length === 1 ? 'Plan this look' : `Plan these ${open.length} looks` }}</Button
        >
        <LinkButton v-if="open.length === 0" is-quiet :to="{ name: 'dates' }"
          >To the dates</LinkButton
        >
      </div>
    </template>
    <p v-else class="faint-note">
      No stand was seen pale, and none is expected to be: there is no day to look before.
    </p>
    <template v-if="next.needs.length > 0">
      <p>
        If it goes as this season went, what worked is likely to be needed so much, for about
        {{ money(total, currency) }} of product:
      </p>
      <DataTable
        label="Likely needed"
        :columns="needs"
        :rows="next.needs"
        :row-key="(row) => `${row.standId} ${row.appliedName}`"
      />
      <HowGot :derivation="needDerivation" />
    </template>
  </section>
</template>

<style scoped>
.stack p {
  max-width: 78ch;
}
</style>
