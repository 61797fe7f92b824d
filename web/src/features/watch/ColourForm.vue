<script setup lang="ts">
import DayField from '../../ui/DayField.vue'
import { formatDecimals, formatNumber } from '@spudder/core/base/writing'
import { readingRoutes } from '@spudder/contract/reading'
import { useChange } from '../../api/use-change.ts'
import { CreateReadingDto } from '@spudder/contract/reading'
import type { Context } from '@spudder/core/stand/plant'
import { readingKinds, typedColours, type ColourReadingKind } from '@spudder/core/seen/reading'
import { greennessOf, greennessWords, isColourKind, leafColour } from '@spudder/core/seen/colour'
import { Button } from 'ant-design-vue'
import { computed } from 'vue'
import { useStandCase } from '../../shared/case/stand-case.ts'
import ChoiceField from '../../ui/ChoiceField.vue'
import ChipChoice from '../../ui/ChipChoice.vue'
import { useKept } from '../../shared/form/kept.ts'
import { numberIn } from '../../shared/form/number-text.ts'
import { usePractice } from '../../shared/practice/practice.ts'
import ProblemNote from '../../ui/ProblemNote.vue'
import TextField from '../../ui/TextField.vue'
import { useChecked } from '../../shared/form/use-checked.ts'
import { useLeafMeter } from './use-leaf-meter.ts'
import { today } from '../../shared/units/today.ts'

const { standId, stand, story } = useStandCase()
const store = useChange(readingRoutes.create, { told: 'beside' })
const { checked, messageFor } = useChecked(CreateReadingDto, () => store.error.value)

const usualScale = (context: Context | undefined): ColourReadingKind =>
  context === 'turf' ? 'turfColour' : 'severity'
/** The scale used last on this stand: a curve wants one scale. */
const lastScale = computed(() => {
  const last = story.value?.readings.findLast(
    ({ kind }) => isColourKind(kind) && typedColours.includes(kind),
  )
  return last && isColourKind(last.kind) ? last.kind : usualScale(stand.value?.context)
})
const {
  value: draft,
  forget,
  failed,
} = useKept(`colour:${standId.value}`, () => ({
  id: crypto.randomUUID() as string,
  kind: lastScale.value,
  value: '',
  takenOn: today(),
  place: 'whole' as 'whole' | 'untreated' | 'no-nitrogen',
}))
const scaleOptions = typedColours.map((value) => ({ value, words: readingKinds[value].label }))
const places = [
  { value: 'whole' as const, words: 'the stand' },
  { value: 'untreated' as const, words: 'untreated strip' },
  { value: 'no-nitrogen' as const, words: 'strip without nitrogen' },
]
const meter = useLeafMeter()
const { isOn } = usePractice()
const scale = computed(() => readingKinds[draft.value.kind])
const preview = computed(() => {
  const value = numberIn(draft.value.value)
  const { min, max } = scale.value
  return value >= min && value <= max ? greennessOf(draft.value.kind, value) : undefined
})

async function clip(): Promise<void> {
  await meter.clip(standId.value)
  draft.value.value = meter.mean.value === undefined ? '' : formatDecimals(meter.mean.value, 1)
}

async function save(): Promise<void> {
  const { id, kind, value, takenOn, place } = draft.value
  const method = readingKinds[kind].takenBy
  const dto = checked({
    id,
    kind,
    value: numberIn(value),
    method,
    takenOn,
    ...(place === 'whole' ? {} : { place }),
    ...(kind === 'chlorophyll' && meter.leaves.value.length > 1
      ? { doubt: meter.doubt.value }
      : {}),
    // Whoever made a value up says so wherever it goes.
    ...(kind === 'chlorophyll' && meter.leaves.value.length > 0
      ? { instrument: meter.device.value }
      : {}),
  })
  if (!dto) return
  if (!(await store.send({ standId: standId.value, dto }, failed))) return
  forget()
  meter.forget()
}
</script>

<template>
  <form class="sheet colour stack gap-10" @submit.prevent="save">
    <h2>Colour now</h2>
    <ChoiceField v-model="draft.kind" label="Scale" :options="scaleOptions" />
    <div class="row stack gap-8">
      <TextField
        v-model="draft.value"
        :label="`Value, ${scale.min} to ${scale.max}`"
        inputmode="decimal"
        :message="messageFor('value')"
      />
      <DayField v-model="draft.takenOn" label="on" :message="messageFor('takenOn')" />
    </div>
    <div
      v-if="draft.kind === 'chlorophyll' && isOn('leafMeter')"
      class="meter lined wrapped items-center text-small"
    >
      <Button :loading="meter.isReading.value" @click="clip">Clip a leaf</Button>
      <span v-if="meter.leaves.value.length > 0">
        {{ meter.leaves.value.length }} leaves:
        {{ meter.leaves.value.map((value) => formatNumber(value)).join(', ') }};
        <b class="figure"
          >{{ formatDecimals(meter.mean.value ?? 0, 1) }} ±
          {{ formatDecimals(meter.doubt.value, 1) }}</b
        >
      </span>
      <span class="faint-note"
        >Simulated meter. Ten leaves or more, the youngest full-grown ones.</span
      >
    </div>
    <ChipChoice v-model="draft.place" label="Looked at" :options="places" />
    <p v-if="preview !== undefined" class="preview lined gap-8 items-center text-small">
      <i :style="{ background: leafColour(preview) }" /> {{ greennessWords(preview) }}
    </p>
    <ProblemNote :problem="store.error.value" />
    <Button type="primary" html-type="submit" size="large" :loading="store.isLoading.value"
      >Add colour</Button
    >
  </form>
</template>

<style scoped>
.colour {
  padding: 14px;
}
.row {
  grid-template-columns: 1fr 1.35fr;
}
.meter {
  gap: 4px 10px;
}
.preview i {
  width: 42px;
  height: 18px;
  border: 1px solid var(--strong-line);
  border-radius: 2px;
}
</style>
