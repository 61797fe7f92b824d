<script setup lang="ts">
import FoldBox from '../../ui/FoldBox.vue'
import DayField from '../../ui/DayField.vue'
import { jobRoutes } from '@spudder/contract/job'
import { useChange } from '../../api/use-change.ts'
import { ChangeJobDto, type JobDto } from '@spudder/contract/job'
import { doneBy, putsOut } from '@spudder/core/days/plan'
import { findPractice } from '@spudder/core/days/practice'
import type { RemedyDto } from '@spudder/contract/remedy'
import { checks } from '@spudder/core/verdict/diagnosis'
import { Button } from 'ant-design-vue'
import { computed, ref } from 'vue'
import ProblemNote from '../../ui/ProblemNote.vue'
import { useChecked } from '../../shared/form/use-checked.ts'
import { amountWords } from '@spudder/core/base/quantity'
import { useStandCase } from '../../shared/case/stand-case.ts'
import { said } from '../../shared/units/said.ts'
import { dayWords, today } from '../../shared/units/today.ts'
import DropJob from '../../shared/history/DropJob.vue'
import CheckCard from './CheckCard.vue'
import JobSheet from './JobSheet.vue'
import { useShelf } from '../../api/shelf.ts'
import { useSprayers } from '../../api/sprayers.ts'
import { useUndo } from '../../shared/history/use-undo.ts'
import { plannedOf } from '../../shared/record/record-draft.ts'
import RecordForm from '../../shared/record/RecordForm.vue'
import StepSheet from './StepSheet.vue'

const props = defineProps<{
  job: JobDto
  /** The remedy that brought it; a check comes before any. */
  remedy?: RemedyDto | undefined
  isOpen: boolean
}>()
const done = computed(() => doneBy[props.job.kind])
const check = computed(() => checks.find(({ id }) => id === props.job.checkId))
const { stand, system, jobs } = useStandCase()
const change = useChange(jobRoutes.change, { told: 'beside' })
const { checked, messageFor } = useChecked(ChangeJobDto, () => change.error.value)
const shelf = useShelf(() => stand.value?.placeId)
const sprayers = useSprayers(() => stand.value?.placeId)
const planned = computed(() =>
  plannedOf(props.job, props.remedy, {
    products: shelf.data.value ?? [],
    sprayers: sprayers.data.value ?? [],
  }),
)
/** The record is begun with lot and sprayer; it waits until they are known. */
const isReady = computed(
  () => shelf.status.value !== 'pending' && sprayers.status.value !== 'pending',
)
const undo = useUndo()
const dueOn = ref(props.job.dueOn)
const isDue = computed(() => props.job.dueOn <= today())
const isMoved = computed(() => dueOn.value !== props.job.dueOn)

async function move(): Promise<void> {
  const { id, version, title } = props.job
  const dto = checked({ dueOn: dueOn.value, version })
  if (!dto || !(await change.send({ jobId: id, dto }))) return
  undo.offer(`${title} is moved to ${dayWords(dueOn.value)}.`, change.lastId())
}
const sayDone = () => change.send({ jobId: props.job.id, dto: { status: 'done' } })
const practice = computed(() =>
  props.job.practiceId === null ? undefined : findPractice(props.job.practiceId),
)
/** What is to be done for a job that nothing is measured by. */
const doWords = computed(() => {
  switch (props.job.kind) {
    case 'strip':
      return 'Peg out a strip across the stand, as wide as your sprayer, and put nothing on it: what the treated ground does better than the strip was the treatment.'
    case 'partner':
      return 'By its own label, and watered in at once. The iron has dried on the leaf by then; watered in together it would be washed off.'
    case 'buy':
      return `${amountWords('mass', props.job.plannedKg ?? 0, system.value)}, before the next job that needs it.`
    case 'practice':
      return said(practice.value?.how ?? '')
    default:
      return ''
  }
})
</script>

<template>
  <FoldBox class="job sheet" :open="isOpen" tone="row"
    ><template #head>
      <span class="headline lined gap-16 items-baseline">
        <span :class="['day', { due: isDue }]"
          >{{ isDue ? 'due ' : '' }}{{ dayWords(job.dueOn) }}</span
        >
        <b>{{ job.title }}</b>
      </span>
    </template>
    <div class="inside stack gap-16">
      <template v-if="putsOut(job.kind)">
        <JobSheet v-if="remedy" :job="job" :remedy="remedy" />
        <StepSheet v-else :job="job" />
        <RecordForm v-if="isReady" :job="job" :planned="planned" :system="system" />
      </template>
      <p v-else-if="job.kind === 'look'">
        Look at the colour as you did before, in the same light, and
        <RouterLink :to="{ name: 'watch' }">put the reading in</RouterLink>; that does this job.
      </p>
      <p v-else-if="job.kind === 'test'">
        Measure pH and <RouterLink :to="{ name: 'look' }">add it</RouterLink>; that does this job.
      </p>
      <CheckCard v-else-if="check" :check="check" />
      <template v-else-if="done.by === 'saying'">
        <p>{{ doWords }}</p>
        <ul v-if="practice && practice.cautions.length > 0" class="plain-list text-small">
          <li v-for="caution in practice.cautions" :key="caution" class="stop">
            {{ said(caution) }}
          </li>
        </ul>
        <Button type="primary" @click="sayDone">
          {{ done.words }}
        </Button>
      </template>
      <form class="lined gap-8 items-end inside-10 ruled" @submit.prevent="move">
        <DayField v-model="dueOn" label="New day" :message="messageFor('dueOn')" />
        <Button html-type="submit" :disabled="!isMoved" :loading="change.isLoading.value"
          >Move</Button
        >
      </form>
      <div><DropJob :job="job" :jobs="jobs" /></div>
      <ProblemNote :problem="change.error.value" />
    </div>
  </FoldBox>
</template>

<style scoped>
.headline {
  padding: 12px 16px;
}
.day {
  min-width: 92px;
  color: var(--slate);
}
.due {
  color: var(--rust);
  font-weight: 650;
}
.inside {
  padding: 4px 16px 14px;
}
</style>
