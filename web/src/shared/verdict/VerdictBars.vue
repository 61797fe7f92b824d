<script setup lang="ts">
import { said } from '../units/said.ts'
import FoldBox from '../../ui/FoldBox.vue'
import { Button } from 'ant-design-vue'
import { percent } from '@spudder/core/base/quantity'
import {
  reasonsFor,
  strengthWords,
  type RankedHypothesis,
  type Reason,
  type Verdict,
} from '@spudder/core/verdict/diagnosis'
import { computed, ref } from 'vue'

/** Causes and pairs as bars, each opening to its reasons. */
const props = defineProps<{
  verdict: Verdict
  /** How many stand before "more". */
  shown?: number
  /** Opens the leading one to begin with. */
  isOpen?: boolean
  /** The mechanism of the leading cause stands above the bars already. */
  isLeadTold?: boolean
}>()

const all = ref(false)
/** Pairs less likely than this are noise on a screen. */
const leastShown = 0.002
const likely = computed(() =>
  props.verdict.ranked.filter(
    ({ probability, causes }) => causes.length === 1 || probability >= leastShown,
  ),
)
const ranked = computed(() => likely.value.slice(0, all.value ? undefined : (props.shown ?? 5)))
/** Opened by place, not by cause: what leads stays open while the bars change places. */
const opened = ref<ReadonlySet<number>>(new Set(props.isOpen ? [0] : []))
function toggled(isOpen: boolean, index: number): void {
  const others = [...opened.value].filter((each) => each !== index)
  opened.value = new Set(isOpen ? [...others, index] : others)
}

/** Reasons worth a line of what is open, strongest first. */
const reasons = computed(
  () =>
    new Map(
      ranked.value
        .filter((_, index) => opened.value.has(index))
        .map(({ id }) => [
          id,
          reasonsFor(props.verdict, id).filter(
            ({ weightDb }) => strengthWords(weightDb) !== 'hardly',
          ),
        ]),
    ),
)
const reasonsOf = ({ id }: RankedHypothesis): readonly Reason[] => reasons.value.get(id) ?? []

/** "Clearly. Iron does not move out of old leaves …"; the why belongs to a reason for. */
function weightWords({ weightDb, why }: Reason): string {
  const strength = strengthWords(weightDb)
  const strong = `${strength[0]?.toUpperCase()}${strength.slice(1)}.`
  return why && weightDb > 0 ? `${strong} ${said(why)}` : strong
}
const isIron = ({ causes }: RankedHypothesis) => causes.some(({ remedy }) => remedy === 'iron')
</script>

<template>
  <ol class="causes">
    <li v-for="(each, index) in ranked" :key="each.id">
      <FoldBox :open="opened.has(index)" tone="row" @update:open="toggled($event, index)"
        ><template #head>
          <span class="bar">
            <span class="line">
              <span class="name">{{ each.name }}</span>
              <span class="share">{{ percent(each.probability) }}</span>
            </span>
            <span class="track"><i :style="{ transform: `scaleX(${each.probability})` }" /></span>
          </span>
        </template>
        <div v-if="opened.has(index)" class="opened">
          <template v-if="index > 0 || !isLeadTold">
            <p v-for="cause in each.causes" :key="cause.id">{{ cause.mechanism }}</p>
          </template>
          <ul>
            <li v-for="reason in reasonsOf(each)" :key="reason.label + reason.words">
              <span :class="['sign', { against: reason.weightDb < 0 }]">
                {{ reason.weightDb > 0 ? 'for' : 'against' }}
              </span>
              <span>
                <b>{{ reason.label }}: {{ reason.words }}.</b> {{ weightWords(reason) }}
              </span>
            </li>
          </ul>
          <p v-if="reasonsOf(each).length === 0" class="faint">
            Nothing found speaks for or against it yet.
          </p>
          <template v-if="index > 0 || !isLeadTold">
            <p v-if="!isIron(each)" class="no-iron">Not iron: do not buy iron for this.</p>
            <p v-for="cause in each.causes" :key="cause.id" class="advice">
              {{ cause.ending.first }}
            </p>
          </template>
        </div>
      </FoldBox>
    </li>
  </ol>
  <Button v-if="!all && likely.length > ranked.length" type="link" size="small" @click="all = true">
    {{ likely.length - ranked.length }} less likely causes
  </Button>
</template>

<style scoped>
.causes {
  list-style: none;
  display: grid;
  gap: 9px;
}
.bar {
  display: grid;
  gap: 3px;
}
.line {
  display: flex;
  justify-content: space-between;
  gap: 10px;
  align-items: baseline;
}
.share {
  white-space: nowrap;
}
.name {
  font-weight: 560;
  line-height: 1.25;
}
li:first-child .name {
  font-size: 1.12rem;
  font-weight: 660;
}
.share {
  font-weight: 620;
}
.track {
  height: 7px;
  background: var(--sunken);
  border-radius: 2px;
}
.track i {
  display: block;
  height: 100%;
  transform-origin: left;
  background: var(--slate);
  border-radius: 2px;
  /* Moved without laying the page out anew. */
  transition: transform 0.18s;
}
li:first-child .track i {
  background: var(--rust);
}
@media (prefers-reduced-motion: reduce) {
  .track i {
    transition: none;
  }
}
.opened {
  padding: 7px 0 4px 10px;
  border-left: 2px solid var(--line);
  margin-top: 6px;
  display: grid;
  gap: 6px;
  font-size: 0.88rem;
}
.opened li {
  display: grid;
  grid-template-columns: 54px 1fr;
  gap: 6px;
  padding: 2px 0;
}
.sign {
  font-weight: 620;
}
.sign.against {
  color: var(--slate);
  font-style: italic;
}
.no-iron {
  font-weight: 620;
  color: var(--rust);
}
.advice {
  color: var(--slate);
}
</style>
