<script setup lang="ts">
import { useTimestamp } from '@vueuse/core'
import { formatNumber, typedNumber } from '@spudder/core/base/writing'
import {
  colourChartNames,
  colourCharts,
  readingKinds,
  vialReading,
  type ColourChartName,
} from '@spudder/core/seen/reading'
import { Button, RadioButton, RadioGroup } from 'ant-design-vue'
import { interpolateLab } from 'd3-interpolate'
import { computed, ref, watch } from 'vue'
import { ring } from '../../shared/device/alarm.ts'
import { useAwake } from '../../shared/device/use-awake.ts'
import ChoiceField from '../../ui/ChoiceField.vue'
import ProblemNote from '../../ui/ProblemNote.vue'
import { today } from '../../shared/units/today.ts'
import { useKeepReading } from './use-keep-reading.ts'

const { keep, problem, isLoading } = useKeepReading()
const name = ref<ColourChartName>('nitrate-vial')
const options = colourChartNames.map((value) => ({ value, words: colourCharts[value].name }))
const chart = computed(() => colourCharts[name.value])
const colourAt = (index: number) => {
  const { colours, steps } = chart.value
  return interpolateLab(colours[0], colours[1])(index / (steps.length - 1))
}

const endsAt = ref<number>()
const now = useTimestamp({ interval: 250 })
const secondsLeft = computed(() =>
  endsAt.value === undefined ? undefined : Math.ceil((endsAt.value - now.value) / 1000),
)
const isDone = computed(() => (secondsLeft.value ?? 1) <= 0)
const clock = computed(() => {
  const left = Math.max(0, secondsLeft.value ?? chart.value.minutes * 60)
  return `${Math.floor(left / 60)}:${String(left % 60).padStart(2, '0')}`
})
// The vial stands on the ground, the phone in a pocket: it rings when the colour can be read.
useAwake(() => secondsLeft.value !== undefined && !isDone.value)
watch(isDone, (isOver) => isOver && ring(3))
function start(): void {
  endsAt.value = Date.now() + chart.value.minutes * 60_000
}
function choose(next: ColourChartName): void {
  name.value = next
  endsAt.value = undefined
  picked.value = undefined
  readingId.value = crypto.randomUUID()
}

/** Made once for each reading, so that sending it again stores it once. */
const readingId = ref<string>(crypto.randomUUID())
const picked = ref<number>()
/** A colour between two steps is read half a step either way, one deviation a third of the span. */
const doubt = computed(() => {
  const { steps } = chart.value
  const at = picked.value ?? 0
  const below = steps[at - 1] ?? steps[at] ?? 0
  const above = steps[at + 1] ?? steps[at] ?? 0
  return Math.max((above - below) / 4, readingKinds[chart.value.kind].usualDoubt)
})
async function save(): Promise<void> {
  if (picked.value === undefined) return
  const value = chart.value.steps[picked.value] ?? 0
  const given = { kind: chart.value.kind, value, doubt: doubt.value, method: 'vial' } as const
  const instrument = `colour vial, ${chart.value.name}`
  if (await keep({ id: readingId.value, ...given, takenOn: today(), instrument }, true))
    choose(name.value)
}
</script>

<template>
  <div class="vial stack gap-24">
    <div class="left stack gap-8 from-top">
      <ChoiceField
        :model-value="name"
        label="vial"
        :options="options"
        @update:model-value="choose"
      />
      <p class="clock text-strong" role="timer" :aria-label="`${clock} left`">{{ clock }}</p>
      <Button v-if="secondsLeft === undefined" @click="start">
        Last reagent is in: start {{ chart.minutes }} min
      </Button>
      <p v-else-if="isDone" role="alert" class="text-heavy text-rust">Read it now.</p>
      <p v-else class="faint-note">Leave it standing, capped, out of the sun.</p>
    </div>
    <div>
      <p class="faint-note">{{ vialReading }}</p>
      <RadioGroup v-model:value="picked" class="card" :aria-label="`${chart.name}: which colour`">
        <RadioButton v-for="(value, index) in chart.steps" :key="value" :value="index">
          <i :style="{ background: colourAt(index) }" />
          <span>{{ typedNumber(value) }}</span>
        </RadioButton>
      </RadioGroup>
      <p class="faint-note">
        {{ readingKinds[chart.kind].unit || 'pH' }}; the drawn colours guide the eye only, your card
        decides.
      </p>
      <div class="bar lined gap-12 items-center above-8 wrapped">
        <Button type="primary" :disabled="picked === undefined" :loading="isLoading" @click="save">
          Keep {{ picked === undefined ? 'the reading' : chart.steps[picked] }}
          <template v-if="picked !== undefined"> ± {{ formatNumber(doubt, 2) }}</template>
        </Button>
        <span v-if="picked !== undefined && !isDone" class="faint-note">
          {{ secondsLeft === undefined ? 'The timer was not started.' : 'The time is not up yet.' }}
        </span>
      </div>
      <ProblemNote :problem="problem" />
    </div>
  </div>
</template>

<style scoped>
.vial {
  grid-template-columns: 230px 1fr;
}
.clock {
  font-size: 2.6rem;
  font-variant-numeric: tabular-nums;
  line-height: 1.1;
}
.card {
  display: flex;
  flex-wrap: wrap;
  gap: 6px;
  margin: 8px 0;
  padding: 10px;
  background: #fff;
  border: 1px solid var(--line);
  border-radius: var(--radius);
}
.card :deep(.ant-radio-button-wrapper) {
  height: auto;
  padding: 5px;
  border: 2px solid transparent;
  background: none;
  color: #232c33;
  line-height: 1.3;
  text-align: center;
}
.card :deep(.ant-radio-button-wrapper::before) {
  display: none;
}
.card :deep(.ant-radio-button-wrapper-checked) {
  border-color: #232c33;
}
i {
  display: block;
  width: 48px;
  height: 42px;
  border-radius: 3px;
  border: 1px solid #0000001f;
}
@media (width < 700px) {
  .vial {
    grid-template-columns: minmax(0, 1fr);
  }
}
</style>
