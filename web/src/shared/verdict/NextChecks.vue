<script setup lang="ts">
import { said } from '../units/said.ts'
import type { Column } from '../../ui/table-columns.ts'
import DataTable from '../../ui/DataTable.vue'
import FoldBox from '../../ui/FoldBox.vue'
import { percent } from '@spudder/core/base/quantity'
import {
  answersTo,
  type Check,
  type CheckAnswer,
  type FeatureName,
  type NextCheck,
  type Verdict,
} from '@spudder/core/verdict/diagnosis'
import { findingsAsked, valuesOf, type FindingName } from '@spudder/core/seen/finding'
import type { Currency } from '@spudder/core/base/quantity'
import { Button } from 'ant-design-vue'
import { computed, ref } from 'vue'
import { dayWords } from '../units/today.ts'
import { midSentence } from '@spudder/core/base/writing'
import { effortWords } from './check-words.ts'

/** The checks most worth their effort, each opening to what its answers would do. */
const props = defineProps<{
  checks: readonly NextCheck[]
  verdict: Verdict
  currency: Currency
  shown?: number
  /** Whether a look can be answered on the spot. */
  isAnswerable?: boolean
  /** The days of checks that are planned; absent where nothing can be planned. */
  planned?: ReadonlyMap<string, string> | undefined
}>()
const emit = defineEmits<{ say: [name: FindingName, value: string]; plan: [check: Check] }>()

/** Checks that would tell next to nothing are left out [bit]. */
const leastGain = 0.01
/** How many are answered on the spot, before the list grows too tall. */
const answered = 3
/** More answers than this are chosen where they are drawn. */
const mostAnswers = 8
const worthIt = computed(() =>
  props.checks.filter(({ gainBits }) => gainBits > leastGain).slice(0, props.shown ?? 5),
)
const most = computed(() => worthIt.value[0]?.gainForEffort ?? 1)
const asked = computed<readonly FeatureName[]>(() =>
  findingsAsked(props.verdict.state.setting.context),
)

/** Answers are worked out for what is open only: the list follows every stroke of a brush. */
const opened = ref<ReadonlySet<string>>(new Set())
function toggled(isOpen: boolean, id: string): void {
  const others = [...opened.value].filter((each) => each !== id)
  opened.value = new Set(isOpen ? [...others, id] : others)
}

/** What of a check can be said by choosing a word. */
const findingsOf = (check: Check): FindingName[] =>
  check.reveals
    .filter(
      (name): name is FindingName =>
        asked.value.includes(name) && !props.verdict.state.known.has(name),
    )
    .filter((name) => Object.keys(valuesOf(name)).length <= mostAnswers)

/** What a check is likely to bring, as a grower would say it. */
function gainWords({ clears, treatmentGain, settles }: NextCheck): string {
  const doubt = `Likely to clear up about ${percent(clears)} of the doubt`
  const points = Math.round(treatmentGain * 100)
  const end = settles < 0.05 ? '' : ` A chance of ${percent(settles)} that it settles the matter.`
  if (points < 1) return `${doubt}, though it would hardly change what to do.${end}`
  return `${doubt}, and to make the right remedy ${points} ${points === 1 ? 'point' : 'points'} likelier.${end}`
}

function effectWords({ leads, probability, changesLead, changesTreatment }: CheckAnswer): string {
  const lead = `${midSentence(leads)}, ${percent(probability)}`
  if (changesTreatment) return `another remedy: ${lead}`
  return changesLead ? `another cause: ${lead}` : `still ${lead}`
}
const answerColumns: readonly Column<CheckAnswer>[] = [
  { key: 'if', title: 'If', isHead: true, text: (answer) => said(answer.words) },
  { key: 'chance', title: 'chance', isFigure: true, text: (answer) => percent(answer.chance) },
  { key: 'then', title: 'then' },
]
</script>

<template>
  <section v-if="worthIt.length > 0" class="next stack gap-8" aria-label="Check next">
    <h3>Check next, most worth the effort first</h3>
    <ol>
      <li v-for="(next, index) in worthIt" :key="next.check.id">
        <FoldBox
          :open="opened.has(next.check.id)"
          tone="row"
          @update:open="toggled($event, next.check.id)"
          ><template #head>
            <span class="check stack items-baseline">
              <span class="name text-strong text-small">{{ next.check.name }}</span>
              <span class="effort text-tiny text-slate one-line">{{
                effortWords(next, currency)
              }}</span>
              <i
                :style="{ width: `${Math.max(2, (next.gainForEffort / most) * 100)}%` }"
                :class="{ first: index === 0 }"
              />
            </span>
          </template>
          <div v-if="opened.has(next.check.id)" class="opened stack gap-6 text-small above-6">
            <p>{{ said(next.check.how) }}</p>
            <p v-if="next.check.caution" class="text-rust text-strong">
              {{ said(next.check.caution) }}
            </p>
            <DataTable
              :label="`Answers to: ${next.check.name}`"
              :columns="answerColumns"
              :rows="answersTo(next.check, verdict)"
              :row-key="(answer) => answer.words"
            >
              <template #then="{ row }">
                <component :is="row.changesLead ? 'b' : 'span'">{{ effectWords(row) }}</component>
              </template>
            </DataTable>
            <p v-if="planned?.has(next.check.id)" class="text-strong">
              Planned: the answer is due {{ dayWords(planned.get(next.check.id) ?? '') }}.
            </p>
            <div v-else-if="planned">
              <Button size="small" @click="emit('plan', next.check)">
                Plan it{{
                  next.check.days > 0 ? `, answer in ${next.check.days} days` : ' for today'
                }}
              </Button>
            </div>
            <p class="gain text-slate">
              {{ gainWords(next) }}
            </p>
          </div>
        </FoldBox>
        <div v-if="isAnswerable && index < answered" class="answers lined wrapped gap-4 above-4">
          <template v-for="name in findingsOf(next.check)" :key="name">
            <Button
              v-for="(words, value) in valuesOf(name)"
              :key="value"
              size="small"
              shape="round"
              @click="emit('say', name, String(value))"
            >
              <span class="visually-hidden">{{ next.check.name }}: </span>{{ said(words) }}
            </Button>
          </template>
        </div>
      </li>
    </ol>
  </section>
</template>

<style scoped>
ol {
  list-style: none;
  display: grid;
  gap: 9px;
}
.check {
  grid-template-columns: 1fr auto;
  gap: 1px 10px;
}
.name {
  line-height: 1.25;
}
i {
  grid-column: 1 / -1;
  display: block;
  height: 4px;
  background: var(--strong-line);
  border-radius: 2px;
}
i.first {
  background: var(--rust);
}
.opened {
  padding: 6px 0 4px 10px;
  border-left: 2px solid var(--line);
}
</style>
