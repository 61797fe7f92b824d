<script setup lang="ts">
import FoldBox from '../../ui/FoldBox.vue'
import ProgressBar from '../../ui/ProgressBar.vue'
import { useCurrency } from '../../shared/units/use-currency.ts'
import { Button, Checkbox } from 'ant-design-vue'
import { computed, ref, watch } from 'vue'
import ProblemNote from '../../ui/ProblemNote.vue'
import { money } from '../../shared/units/money-words.ts'
import { dayWords } from '../../shared/units/today.ts'
import WorkerNote from '../../shared/worker/WorkerNote.vue'
import { useDatesStore } from './dates-store.ts'

const currency = useCurrency()
/** What a plan of the season would change, job by job with its reasons, to be accepted. */
const store = useDatesStore()
const { moves, planner } = store
const moved = computed(() => moves.value.filter(({ to }) => to !== undefined))
const leftOut = computed(() => moves.value.filter(({ to }) => to === undefined))
const wanted = ref<string[]>([])
/** What somebody does not want stays so while better plans come. */
const unwanted = ref<readonly string[]>([])
watch(
  moved,
  (now) =>
    (wanted.value = now.map(({ task }) => task.id).filter((id) => !unwanted.value.includes(id))),
  { immediate: true },
)
const standName = (id: string) => store.standOf(id)?.name ?? ''
function want(id: string, isWanted: boolean): void {
  const others = wanted.value.filter((each) => each !== id)
  wanted.value = isWanted ? [...others, id] : others
  unwanted.value = isWanted ? unwanted.value.filter((each) => each !== id) : [...unwanted.value, id]
}
const cost = computed(() => planner.season.value?.cost)
const parts = computed(() =>
  cost.value
    ? [
        ['leaves pale for longer', cost.value.late],
        ['too early to do its work', cost.value.early],
        ['mornings that turn out unfit', cost.value.unfit],
        ['sprays washed off', cost.value.washedOff],
        ['trips', cost.value.trips],
        ['left out', cost.value.leftOut],
      ].filter(([, value]) => Number(value) >= 0.5)
    : [],
)
/** How far the best so far can be from the cheapest there is. */
const gapWords = computed(() => {
  const { total = 0 } = cost.value ?? {}
  const bound = Math.max(0, planner.season.value?.bound ?? 0)
  return `no plan is under ${money(bound, currency.value)}, so at most ${money(Math.max(0, total - bound), currency.value)} more can be saved`
})
const jobWords = (count: number) => `${count} ${count === 1 ? 'job' : 'jobs'}`
const share = computed(() => {
  return planner.progress.value?.share ?? 0
})
</script>

<template>
  <section
    class="moves"
    aria-label="Plan of the season"
    :aria-live="planner.isRunning.value ? 'off' : 'polite'"
  >
    <div v-if="planner.isRunning.value" class="running">
      <p>Planning {{ jobWords(store.tasks.value.length) }} …</p>
      <ProgressBar :share="share" label="Time used of the most it may take" />
      <p v-if="cost" class="part">The best so far stands below; {{ gapWords }}.</p>
      <Button @click="planner.enough()">Stop; the best so far will do</Button>
    </div>
    <WorkerNote :failure="planner.failure.value" @again="planner.again()" />
    <template v-if="planner.season.value">
      <h2>
        {{
          moved.length === 0 && leftOut.length === 0
            ? 'Every job is on its best day.'
            : moved.length === 0
              ? 'No job would do better on another day.'
              : `${jobWords(moved.length)} would do better on another day`
        }}
      </h2>
      <p v-if="store.costNow.value !== undefined && cost">
        Expected loss <b>{{ money(cost.total, currency) }}</b>
        <template v-if="store.costNow.value - cost.total > 0.5">
          in place of {{ money(store.costNow.value, currency) }}</template
        >.
      </p>
      <FoldBox class="how" tone="word" words="how">
        <p v-for="[words, value] in parts" :key="words">
          {{ words }}: {{ money(Number(value), currency) }}
        </p>
        <p>
          No plan within the rules is under
          {{ money(Math.max(0, planner.season.value.bound), currency) }}; the cheapest there is may
          lie anywhere between. What a pale day, a trip and an hour cost is set below, and are our
          guesses until you say.
        </p>
      </FoldBox>
      <ol class="list stack">
        <li v-for="{ task, to, reasons } in moved" :key="task.id">
          <Checkbox
            :checked="wanted.includes(task.id)"
            @update:checked="(isWanted: boolean) => want(task.id, isWanted)"
          >
            <span class="stack">
              <b>{{ standName(task.standId) }}: {{ task.title }}</b>
              <span class="days">
                {{ dayWords(store.jobOf(task.id)?.dueOn ?? '') }} →
                <b>{{ dayWords(to ?? '') }}</b>
              </span>
              <span v-for="reason in reasons" :key="reason" class="reason text-small text-slate">{{
                reason
              }}</span>
            </span>
          </Checkbox>
        </li>
      </ol>
      <div v-if="leftOut.length > 0" class="out">
        <h3>No day holds for</h3>
        <p v-for="{ task, reasons } in leftOut" :key="task.id">
          <b>{{ standName(task.standId) }}: {{ task.title }}.</b> {{ reasons.join(' ') }}
        </p>
      </div>
      <ProblemNote :problem="store.accept.error.value" />
      <div class="lined wrapped gap-8">
        <Button
          v-if="moved.length > 0"
          type="primary"
          :disabled="wanted.length === 0"
          :loading="store.accept.isLoading.value"
          @click="store.acceptMoves(wanted)"
        >
          Move {{ wanted.length === moved.length ? 'them all' : jobWords(wanted.length) }}
        </Button>
        <Button type="text" @click="planner.forget()">Leave it as it is</Button>
      </div>
    </template>
  </section>
</template>

<style scoped>
.moves,
.running,
.out {
  display: grid;
  gap: 9px;
}
.part,
.how {
  color: var(--slate);
  font-size: var(--text-small);
}
.list {
  padding: 0;
  list-style: none;
  max-height: 52vh;
  overflow-y: auto;
}
.list li {
  border-top: 1px solid var(--line);
  padding: 7px 0;
}
</style>
