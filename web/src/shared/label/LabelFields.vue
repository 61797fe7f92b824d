<script setup lang="ts">
import { Button, Textarea } from 'ant-design-vue'
import {
  checkLabel,
  readLabelText,
  type LabelDraft,
  type LabelField,
} from '@spudder/core/material/label'
import { nutrients } from '@spudder/core/material/source'
import { computed, ref, useId } from 'vue'
import TextField from '../../ui/TextField.vue'

/** A label, pasted whole or typed field by field; what is wrong stands beside its field. */
const draft = defineModel<LabelDraft>({ required: true })
const props = defineProps<{ isFresh?: boolean }>()
const id = useId()
const pasted = ref('')
const unread = ref<readonly string[]>([])

const problems = computed(() => checkLabel(draft.value).problems as Partial<Record<string, string>>)
/** A field that nobody touched is not wrong yet. */
const isUntouched = computed(
  () => props.isFresh === true && Object.keys(draft.value.analysis).length === 0,
)
const said = (field: LabelField): string | undefined =>
  isUntouched.value ? undefined : problems.value[field]

function read(): void {
  if (pasted.value.trim() === '') return
  const reading = readLabelText(pasted.value)
  draft.value = reading.draft
  unread.value = reading.unread
}
function setContent(nutrient: keyof LabelDraft['analysis'], text: string): void {
  const { [nutrient]: _before, ...others } = draft.value.analysis
  draft.value = {
    ...draft.value,
    analysis: text === '' ? others : { ...others, [nutrient]: text },
  }
}
const change = (part: Partial<LabelDraft>) => (draft.value = { ...draft.value, ...part })
const unknown = computed(() => checkLabel(draft.value).label?.unknownNames ?? [])
</script>

<template>
  <div class="stack gap-10">
    <div class="paste stack gap-4">
      <label :for="`${id}-paste`">Type or paste what the label says</label>
      <Textarea
        :id="`${id}-paste`"
        v-model:value="pasted"
        :rows="3"
        placeholder="N 5, Mg 1, S 7, Mn 2, Fe 9 (all chelated by EDDHA, EDTA, citrate)"
        @blur="read"
        @paste="$nextTick(read)"
        @keydown.ctrl.enter.prevent="read"
      />
      <Button class="read" size="small" @click="read">Read label</Button>
      <p v-if="unread.length > 0" class="faint-note" role="status">
        Not read: {{ unread.join('; ') }}. Enter it in its field if it matters.
      </p>
    </div>
    <div class="contents stack">
      <TextField
        v-for="nutrient in nutrients"
        :key="nutrient"
        :model-value="draft.analysis[nutrient] ?? ''"
        :label="`${nutrient === 'Fe' ? 'Fe, total' : nutrient} %`"
        inputmode="decimal"
        :message="said(nutrient)"
        @update:model-value="setContent(nutrient, $event)"
      />
    </div>
    <div class="parts stack">
      <TextField
        :model-value="draft.chelated"
        label="of the iron chelated, %"
        hint="a figure, or all"
        :message="said('chelated')"
        @update:model-value="change({ chelated: $event })"
      />
      <TextField
        :model-value="draft.waterSoluble"
        label="water-soluble, %"
        hint="if it says so"
        :message="said('waterSoluble')"
        @update:model-value="change({ waterSoluble: $event })"
      />
      <TextField
        :model-value="draft.orthoOrtho"
        label="ortho-ortho, %"
        hint="of EDDHA"
        :message="said('orthoOrtho')"
        @update:model-value="change({ orthoOrtho: $event })"
      />
    </div>
    <TextField
      :model-value="draft.derivedFrom"
      label="derived from, chelated by"
      hint="as on the label: iron EDDHA, ferrous sulfate, urea"
      :message="said('derivedFrom')"
      @update:model-value="change({ derivedFrom: $event })"
    />
    <p v-if="unknown.length > 0" class="faint-note">
      Not known here, and left out of the calculation: {{ unknown.join(', ') }}.
    </p>
  </div>
</template>

<style scoped>
.read {
  justify-self: start;
}
.paste label {
  font-size: var(--text-tiny);
  font-weight: 600;
  color: var(--slate);
}
.contents {
  grid-template-columns: repeat(auto-fill, minmax(84px, 1fr));
  gap: 8px 10px;
}
.parts {
  grid-template-columns: repeat(3, minmax(0, 1fr));
  gap: 8px 10px;
}
@media (width < 700px) {
  .parts {
    grid-template-columns: minmax(0, 1fr);
  }
}
</style>
