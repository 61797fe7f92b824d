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
  endingOf,
} from '@spudder/core/verdict/diagnosis'
import { leafColour } from '@spudder/core/seen/colour'
import { useElementSize } from '@vueuse/core'
import { computed, ref, shallowRef, useTemplateRef, watch } from 'vue'
import { useNarrow } from '../../ui/use-narrow.ts'
import { frayed } from './frayed.ts'

/** The verdict as a ribbon that frays into causes and pairs, each opening to its reasons. */
const props = defineProps<{
  verdict: Verdict
  /** How many stand before "more". */
  shown?: number
  /** Opens the leading one to begin with. */
  isOpen?: boolean
  /** The mechanism of the leading cause stands above already. */
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
/** Opened by place, not by cause: what leads stays open while causes change places. */
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
/** The strands end at the lines of their causes, wherever those stand. */
const list = useTemplateRef<HTMLElement>('list')
const { height: listHeight } = useElementSize(list)
const isNarrow = useNarrow()
const shape = computed(() => ({ width: isNarrow.value ? 52 : 96, height: 62 }))
const ends = shallowRef<readonly number[]>([])
/** From the top of a line to the middle of its words [px]. */
const toMiddle = 13
watch(
  [ranked, listHeight],
  () => {
    const lines = [...(list.value?.children ?? [])] as HTMLElement[]
    ends.value = lines.map(({ offsetTop }) => offsetTop + toMiddle)
  },
  { flush: 'post', immediate: true },
)
const ribbon = computed(() =>
  frayed(
    ranked.value.map(({ probability }) => probability),
    ends.value,
    shape.value,
  ),
)
/** The colour of a leaf that is short of something: what the ribbon of the stand shows then. */
const pale = leafColour(0.42)

const isIron = ({ causes }: RankedHypothesis) => causes.some(({ remedy }) => remedy === 'iron')
</script>

<template>
  <div class="verdict stack gap-8">
    <svg :width="shape.width" :height="Math.max(listHeight, shape.height)" aria-hidden="true">
      <path :d="ribbon.rest.path" :stroke-width="ribbon.rest.thick" class="rest" />
      <template v-for="({ path, thick }, index) in ribbon.strands" :key="index">
        <path :d="path" :stroke-width="thick" class="edge" />
        <path :d="path" :stroke-width="Math.max(0.6, thick - 1)" :stroke="pale" />
      </template>
    </svg>
    <ol ref="list" class="causes stack from-top gap-8">
      <li v-for="(each, index) in ranked" :key="each.id">
        <FoldBox :open="opened.has(index)" tone="row" @update:open="toggled($event, index)"
          ><template #head>
            <span class="line lined apart gap-10 items-baseline">
              <span class="name text-strong">{{ each.name }}</span>
              <span class="share text-strong one-line">{{ percent(each.probability) }}</span>
            </span>
          </template>
          <div v-if="opened.has(index)" class="opened above-6 stack gap-6 text-small">
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
              <p v-if="!isIron(each)" class="text-strong text-rust">
                Not iron: do not buy iron for this.
              </p>
              <p v-for="cause in each.causes" :key="cause.id" class="text-slate">
                {{ endingOf(cause, verdict.state.setting).first }}
              </p>
            </template>
          </div>
        </FoldBox>
      </li>
    </ol>
  </div>
  <Button v-if="!all && likely.length > ranked.length" type="link" size="small" @click="all = true">
    {{ likely.length - ranked.length }} less likely causes
  </Button>
</template>

<style scoped>
.verdict {
  grid-template-columns: auto minmax(0, 1fr);
}
path {
  fill: none;
}
.edge {
  stroke: var(--ink);
}
.rest {
  stroke: var(--sunken);
}
.causes {
  position: relative;
  list-style: none;
}
.name {
  line-height: 1.25;
}
li:first-child .name {
  font-size: var(--text-body);
  font-weight: 650;
}
.opened {
  padding: 7px 0 4px 10px;
  border-left: 2px solid var(--line);
}
.opened li {
  display: grid;
  grid-template-columns: 54px 1fr;
  gap: 6px;
  padding: 2px 0;
}
.sign {
  font-weight: 600;
}
.sign.against {
  color: var(--slate);
  font-style: italic;
}
</style>
