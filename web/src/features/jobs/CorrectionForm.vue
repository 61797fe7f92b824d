<script setup lang="ts">
import DayField from '../../ui/DayField.vue'
import { entryRoutes } from '@spudder/contract/entry'
import { useChange } from '../../api/use-change.ts'
import { CorrectEntryDto, type EntryDto } from '@spudder/contract/entry'
import { Button } from 'ant-design-vue'
import { ref } from 'vue'
import { useStandCase } from '../../shared/case/stand-case.ts'
import { useKept } from '../../shared/form/kept.ts'
import ProblemNote from '../../ui/ProblemNote.vue'
import QuantityField from '../../ui/QuantityField.vue'
import TextField from '../../ui/TextField.vue'
import { useChecked } from '../../shared/form/use-checked.ts'
import { amountWords } from '@spudder/core/base/quantity'

const props = defineProps<{ entry: EntryDto }>()
const emit = defineEmits<{ done: [] }>()
const { system } = useStandCase()
const correct = useChange(entryRoutes.correct, { told: 'beside' })
const { checked, messageFor } = useChecked(CorrectEntryDto, () => correct.error.value)
const {
  value: draft,
  forget,
  failed,
} = useKept(`correction:${props.entry.id}`, () => ({
  id: crypto.randomUUID() as string,
  happenedOn: props.entry.happenedOn,
  product: amountWords('mass', props.entry.productKg, system.value),
  startedAt: props.entry.startedAt ?? '',
  endedAt: props.entry.endedAt ?? '',
  worker: props.entry.worker,
  lot: props.entry.lot,
  reason: '',
}))
const productKg = ref<number>()

async function save(): Promise<void> {
  const { id, happenedOn, startedAt, endedAt, worker, lot, reason } = draft.value
  const { waterL, note } = props.entry
  const dto = checked({
    id,
    happenedOn,
    productKg: productKg.value,
    waterL,
    worker,
    lot,
    // A clock that was emptied is left as it was.
    ...(startedAt === '' ? {} : { startedAt }),
    ...(endedAt === '' ? {} : { endedAt }),
    note,
    reason,
  })
  if (!dto) return
  const stored = await correct.send({ entryId: props.entry.id, dto }, failed)
  if (!stored) return
  forget()
  emit('done')
}
</script>

<template>
  <form class="correction stack gap-8" @submit.prevent="save">
    <DayField v-model="draft.happenedOn" label="Done on" :message="messageFor('happenedOn')" />
    <QuantityField
      v-model="draft.product"
      label="Product used"
      dimension="mass"
      unit="kg"
      :message="messageFor('productKg')"
      @value="productKg = $event"
    />
    <div class="two stack halves gap-8">
      <TextField v-model="draft.startedAt" label="Begun at" :message="messageFor('startedAt')" />
      <TextField v-model="draft.endedAt" label="Ended at" :message="messageFor('endedAt')" />
      <TextField v-model="draft.worker" label="Who did it" :message="messageFor('worker')" />
      <TextField v-model="draft.lot" label="Lot" :message="messageFor('lot')" />
    </div>
    <TextField v-model="draft.reason" label="Why it is corrected" :message="messageFor('reason')" />
    <ProblemNote :problem="correct.error.value" />
    <div class="lined gap-8">
      <Button type="primary" html-type="submit" :loading="correct.isLoading.value"
        >Save correction</Button
      >
      <Button type="text" @click="emit('done')">Leave it</Button>
    </div>
  </form>
</template>

<style scoped>
.correction {
  padding: 8px 0;
}
</style>
