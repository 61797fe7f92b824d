<script setup lang="ts">
import { isOffRate, leftReasons, runOut, runOutFigures, shortReasons, type LeftReason, type RunOut, type ShortReason, type TankEnd } from '@spudder/core/days/entry' // prettier-ignore
import { amountWords, percent, type UnitSystem } from '@spudder/core/base/quantity'
import { calculate } from '@spudder/core/base/error'
import { computed, ref, watch } from 'vue'
import { numberIn } from '../form/number-text.ts'
import ChipChoice from '../../ui/ChipChoice.vue'
import ChoiceField from '../../ui/ChoiceField.vue'
import QuantityField from '../../ui/QuantityField.vue'
import TextField from '../../ui/TextField.vue'
import type { Planned } from './record-draft.ts'

/** How the tank came out: what is left, or how far it came, why, and what that says of the rate. */
const props = defineProps<{ planned: Planned; system: UnitSystem }>()
const emit = defineEmits<{
  /** What really went out, with the words for the record; undefined where it came out even. */
  told: [out: RunOut | undefined, words: string]
}>()
const end = ref<'even' | 'left' | 'short'>('even')
const ends = [
  { value: 'even' as const, words: 'came out even' },
  { value: 'left' as const, words: 'some left' },
  { value: 'short' as const, words: 'empty too soon' },
]
const left = ref('')
const leftL = ref<number>()
const done = ref('')
const whyLeft = ref<LeftReason>('faster')
const whyShort = ref<ShortReason>('slower')
const optionsOf = <Reason extends string>(reasons: Readonly<Record<Reason, string>>) =>
  Object.entries<string>(reasons).map(([value, words]) => ({ value: value as Reason, words }))
const leftOptions = optionsOf(leftReasons)
const shortOptions = optionsOf(shortReasons)

const tank = computed((): TankEnd | undefined => {
  if (end.value === 'left' && leftL.value !== undefined)
    return { is: 'left', leftL: leftL.value, why: whyLeft.value }
  const share = numberIn(done.value) / 100
  if (end.value === 'short' && Number.isFinite(share))
    return { is: 'short', doneShare: share, why: whyShort.value }
  return undefined
})
const result = computed(() => {
  const at = tank.value
  return at ? calculate(() => runOut(props.planned, at)) : {}
})
const out = computed(() => result.value.value)
const volume = (litres: number) => amountWords('volume', litres, props.system)
/** The one sentence that goes into the record. */
const words = computed(() => {
  const [at, what] = [tank.value, out.value]
  if (!at || !what) return ''
  const rate = what.rateShare === undefined ? '' : `; ${percent(what.rateShare)} of the planned rate` // prettier-ignore
  return at.is === 'left'
    ? `${volume(at.leftL)} left: ${leftReasons[at.why]}${rate}.`
    : `Empty at ${percent(at.doneShare)} of the ground: ${shortReasons[at.why]}${rate}.`
})
const how = computed(() => {
  const at = tank.value
  if (!at) return ''
  const all = volume(props.planned.waterL)
  return at.is === 'left'
    ? `(${all} − ${volume(at.leftL)}) ÷ ${all}`
    : `${all} on ${percent(at.doneShare)} of its ground: 1 ÷ ${percent(at.doneShare)}`
})
watch([out, words], () => emit('told', out.value, words.value))
</script>

<template>
  <section class="stack gap-8" aria-label="How the tank came out">
    <ChipChoice v-model="end" label="The tank at the end" :options="ends" />
    <div v-if="end !== 'even'" class="stack halves gap-10 items-start">
      <QuantityField
        v-if="end === 'left'"
        v-model="left"
        label="Left in the tank"
        dimension="volume"
        unit="L"
        @value="leftL = $event"
      />
      <TextField v-else v-model="done" label="Ground done, %" inputmode="decimal" />
      <ChoiceField v-if="end === 'left'" v-model="whyLeft" label="Why" :options="leftOptions" />
      <ChoiceField v-else v-model="whyShort" label="Why" :options="shortOptions" />
    </div>
    <p v-if="result.error" class="text-rust text-strong" role="alert">
      {{ result.error.sentence() }}
    </p>
    <template v-if="out">
      <p v-if="out.rateShare !== undefined" class="text-small">
        Went out at <b>{{ percent(out.rateShare) }}</b> of the planned rate
        <span class="text-slate">({{ how }})</span>
      </p>
      <p v-if="isOffRate(out)" class="stop">
        More than {{ percent(runOutFigures.tolerance.value) }} off: measure the sprayer, the pace or
        the ground again before the next job.
        <RouterLink :to="{ name: 'sprayers' }">To the sprayers</RouterLink>
      </p>
      <p v-if="end === 'left'" class="faint-note">
        What is left goes nowhere but where its label and your local rules let it: never down a
        drain.
      </p>
    </template>
  </section>
</template>
