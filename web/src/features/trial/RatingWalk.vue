<script setup lang="ts">
import ChipChoice from '../../ui/ChipChoice.vue'
import DayField from '../../ui/DayField.vue'
import { typedNumber } from '@spudder/core/base/writing'
import { trialRoutes } from '@spudder/contract/trial'
import { useChange } from '../../api/use-change.ts'
import type { TrialDto } from '@spudder/contract/trial'
import { readingKinds } from '@spudder/core/seen/reading'
import { treatmentName, walkingOrder, type Plot } from '@spudder/core/outcome/trial'
import { Button, Checkbox } from 'ant-design-vue'
import { computed, ref } from 'vue'
import { useKept } from '../../shared/form/kept.ts'
import { numberIn } from '../../shared/form/number-text.ts'
import ProblemNote from '../../ui/ProblemNote.vue'
import TextField from '../../ui/TextField.vue'
import { today } from '../../shared/units/today.ts'

/** Plot by plot in walking order, one large number at a time; what is rated stays until it is stored. */
const props = defineProps<{ trial: TrialDto; plots: readonly Plot[] }>()
const current = defineModel<number | undefined>('current')
const rate = useChange(trialRoutes.rate, { told: 'beside' })
const {
  value: draft,
  forget,
  failed,
} = useKept(`walk:${props.trial.id}`, () => ({
  ratedOn: today(),
  values: {} as Record<string, string>,
  ids: {} as Record<string, string>,
}))
const walk = computed(() => walkingOrder(props.plots))
const at = computed(() =>
  Math.max(
    0,
    walk.value.findIndex(({ number }) => number === current.value),
  ),
)
const plot = computed(() => walk.value[at.value])
const kind = computed(() => readingKinds[props.trial.scale])
/** Buttons for scales of few steps; the rest is typed. */
const steps = computed(() => {
  const { min, max } = kind.value
  const count = Math.round((max - min) * 2) + 1
  return max - min >= 4 && count <= 17
    ? Array.from({ length: count }, (_, index) => min + index / 2)
    : []
})
const isBlind = defineModel<boolean>('blind', { required: true })
const name = computed(() =>
  plot.value ? treatmentName(props.trial.design.factors, plot.value.levels) : '',
)
const rated = computed(() => Object.values(draft.value.values).filter((text) => text !== '').length)
const typed = computed({
  get: () => draft.value.values[String(plot.value?.number)] ?? '',
  set: (text: string) => keep(text),
})

function keep(text: string): void {
  const key = String(plot.value?.number)
  draft.value.values[key] = text
  draft.value.ids[key] ??= crypto.randomUUID()
}
function go(steps: number): void {
  current.value = walk.value[(at.value + steps + walk.value.length) % walk.value.length]?.number
}
function give(value: number): void {
  keep(typedNumber(value))
  if (at.value < walk.value.length - 1) go(1)
}
const wrong = ref('')
async function save(): Promise<void> {
  const { min, max, label } = kind.value
  const ratings = Object.entries(draft.value.values)
    .filter(([, text]) => text.trim() !== '')
    .map(([number, text]) => ({
      id: draft.value.ids[number] ?? crypto.randomUUID(),
      plot: Number(number),
      ratedOn: draft.value.ratedOn,
      value: numberIn(text),
    }))
  const bad = ratings.find(({ value }) => !(value >= min && value <= max))
  wrong.value = bad ? `Plot ${bad.plot}: give ${label.toLowerCase()} from ${min} to ${max}.` : ''
  if (bad) {
    current.value = bad.plot
    return
  }
  if (await rate.send({ trialId: props.trial.id, dto: { ratings } }, failed)) forget()
}
</script>

<template>
  <section v-if="plot" class="walk stack gap-12" aria-label="Rate the plots">
    <header>
      <DayField v-model="draft.ratedOn" label="Rated on" />
      <Checkbox v-model:checked="isBlind">hide the treatment</Checkbox>
    </header>
    <div class="plot lined gap-16 items-center" aria-live="polite">
      <span class="figure number text-heavy">{{ plot.number }}</span>
      <span>
        row {{ plot.row + 1 }}, {{ plot.column + 1 }} from the left<br />
        <template v-if="!isBlind">{{ name }}</template>
        <template v-else>{{ at + 1 }} of {{ walk.length }} on the walk</template>
      </span>
    </div>
    <ChipChoice
      v-if="steps.length > 0"
      :model-value="typed === '' ? undefined : typed"
      :label="kind.label"
      :options="steps.map((step) => ({ value: typedNumber(step), words: typedNumber(step) }))"
      @update:model-value="give(numberIn($event ?? ''))"
    />
    <TextField v-else v-model="typed" :label="kind.label" inputmode="decimal" />
    <div class="row">
      <Button size="large" @click="go(-1)">Back</Button>
      <Button size="large" @click="go(1)">Next plot</Button>
      <Button
        type="primary"
        size="large"
        :disabled="rated === 0"
        :loading="rate.isLoading.value"
        @click="save"
        >Save {{ rated }} {{ rated === 1 ? 'rating' : 'ratings' }}</Button
      >
    </div>
    <p v-if="wrong" class="warn text-rust text-strong" role="alert">{{ wrong }}</p>
    <ProblemNote :problem="rate.error.value" />
  </section>
</template>

<style scoped>
header,
.row {
  display: flex;
  flex-wrap: wrap;
  gap: 10px 18px;
  align-items: end;
}
.number {
  font-size: 3.4rem;
  line-height: 1;
}
.steps {
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(58px, 1fr));
  gap: 6px;
}
</style>
