<script setup lang="ts">
import { CreateReadingDto } from '@spudder/contract/reading'
import type { Context } from '@spudder/core/plant'
import { readingKinds } from '@spudder/core/reading'
import {
  greennessOf,
  greennessWords,
  leafColour,
  type ColourReadingKind,
} from '@spudder/core/regreening'
import { Button } from 'ant-design-vue'
import { computed } from 'vue'
import { useStoreReading } from '../../api/stands.ts'
import { useStandCase } from '../../shared/case/stand-case.ts'
import ChoiceField from '../../shared/form/ChoiceField.vue'
import { useKept } from '../../shared/form/kept.ts'
import { numberIn } from '../../shared/form/number-text.ts'
import ProblemNote from '../../shared/form/ProblemNote.vue'
import TextField from '../../shared/form/TextField.vue'
import { useChecked } from '../../shared/form/use-checked.ts'
import { today } from '../../shared/units/today.ts'

const { standId, stand, story } = useStandCase()
const store = useStoreReading()
const { checked, messageFor } = useChecked(CreateReadingDto, () => store.error.value)

const usualScale = (context: Context | undefined): ColourReadingKind =>
  context === 'turf' ? 'turfColour' : 'severity'
/** The scale used last on this stand: a curve wants one scale. */
const lastScale = computed(() => {
  const last = story.value?.readings.findLast(({ kind }) => readingKinds[kind].isColour)
  return (last?.kind as ColourReadingKind | undefined) ?? usualScale(stand.value?.context)
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
}))
const scaleOptions = (['turfColour', 'severity', 'chlorophyll'] as const).map((value) => ({
  value,
  words: readingKinds[value].label,
}))
const scale = computed(() => readingKinds[draft.value.kind])
const preview = computed(() => {
  const value = numberIn(draft.value.value)
  const { min, max } = scale.value
  return value >= min && value <= max ? greennessOf(draft.value.kind, value) : undefined
})

async function save(): Promise<void> {
  const { id, kind, value, takenOn } = draft.value
  const method = kind === 'chlorophyll' ? 'meter' : 'eye'
  const dto = checked({ id, kind, value: numberIn(value), method, takenOn })
  if (!dto) return
  await store.mutateAsync({ id: standId.value, dto }).then(forget, failed)
}
</script>

<template>
  <form class="sheet colour" @submit.prevent="save">
    <h2>Colour now</h2>
    <ChoiceField v-model="draft.kind" label="Scale" :options="scaleOptions" />
    <div class="row">
      <TextField
        v-model="draft.value"
        :label="`Value, ${scale.min} to ${scale.max}`"
        inputmode="decimal"
        :message="messageFor('value')"
      />
      <TextField v-model="draft.takenOn" label="on" type="date" :message="messageFor('takenOn')" />
    </div>
    <p v-if="preview !== undefined" class="preview">
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
  display: grid;
  gap: 10px;
}
.row {
  display: grid;
  grid-template-columns: 1fr 1.35fr;
  gap: 8px;
}
.preview {
  display: flex;
  gap: 8px;
  align-items: center;
  font-size: 0.9rem;
}
.preview i {
  width: 42px;
  height: 18px;
  border: 1px solid var(--strong-line);
  border-radius: 2px;
}
</style>
