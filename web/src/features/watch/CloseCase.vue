<script setup lang="ts">
import FoldBox from '../../ui/FoldBox.vue'
import { caseRoutes } from '@spudder/contract/case'
import { useChange } from '../../api/use-change.ts'
import { CloseCaseDto, type CaseDto, type CaseOutcome } from '@spudder/contract/case'
import { Button } from 'ant-design-vue'
import { computed } from 'vue'
import ChipChoice from '../../ui/ChipChoice.vue'
import { useKept } from '../../shared/form/kept.ts'
import ProblemNote from '../../ui/ProblemNote.vue'
import TextField from '../../ui/TextField.vue'
import { useUndo } from '../../shared/history/use-undo.ts'
import { useChecked } from '../../shared/form/use-checked.ts'
import { today } from '../../shared/units/today.ts'

const props = defineProps<{ openCase: CaseDto }>()
const undo = useUndo()
const close = useChange(caseRoutes.close, { told: 'beside' })
const { checked, messageFor } = useChecked(CloseCaseDto, () => close.error.value)
const { value: draft, forget } = useKept(`close:${props.openCase.id}`, () => ({
  outcome: undefined as CaseOutcome | undefined,
  note: '',
}))
const outcomes = [
  { value: 'green', words: 'it is green' },
  { value: 'given-up', words: 'given up' },
] as const

const wrong = computed(() => messageFor('outcome') ?? messageFor('closedOn'))

async function save(): Promise<void> {
  const { id, version } = props.openCase
  const dto = checked({ ...draft.value, closedOn: today(), version })
  if (!dto || !(await close.send({ caseId: id, dto }))) return
  forget()
  undo.offer('The case is closed.', close.lastId())
}
</script>

<template>
  <FoldBox words="Close the case">
    <form @submit.prevent="save">
      <ChipChoice v-model="draft.outcome" label="How did it end?" :options="outcomes" />
      <p v-if="wrong" class="message text-rust text-small" role="alert">{{ wrong }}</p>
      <TextField
        v-model="draft.note"
        label="What would you want to know next year?"
        :message="messageFor('note')"
      />
      <p class="faint-note">Jobs still planned for it are dropped.</p>
      <ProblemNote :problem="close.error.value" />
      <Button html-type="submit" :loading="close.isLoading.value">Close it</Button>
    </form>
  </FoldBox>
</template>

<style scoped>
form {
  display: grid;
  gap: 9px;
  padding-top: 9px;
}
</style>
