<script setup lang="ts">
import { CorrectEntryDto, type EntryDto } from '@spudder/contract/entry'
import { Button } from 'ant-design-vue'
import { ref } from 'vue'
import { useCorrectEntry } from '../../api/stands.ts'
import { useStandCase } from '../../shared/case/stand-case.ts'
import { useKept } from '../../shared/form/kept.ts'
import ProblemNote from '../../shared/form/ProblemNote.vue'
import QuantityField from '../../shared/form/QuantityField.vue'
import TextField from '../../shared/form/TextField.vue'
import { useChecked } from '../../shared/form/use-checked.ts'
import { amountWords } from '@spudder/core/quantity'

const props = defineProps<{ entry: EntryDto }>()
const emit = defineEmits<{ done: [] }>()
const { system } = useStandCase()
const correct = useCorrectEntry()
const { checked, messageFor } = useChecked(CorrectEntryDto, () => correct.error.value)
const {
  value: draft,
  forget,
  failed,
} = useKept(`correction:${props.entry.id}`, () => ({
  id: crypto.randomUUID() as string,
  happenedOn: props.entry.happenedOn,
  product: amountWords('mass', props.entry.productKg, system.value),
  reason: '',
}))
const productKg = ref<number>()

async function save(): Promise<void> {
  const { id, happenedOn, reason } = draft.value
  const { waterL, note } = props.entry
  const dto = checked({ id, happenedOn, productKg: productKg.value, waterL, note, reason })
  if (!dto) return
  const stored = await correct.mutateAsync({ id: props.entry.id, dto }).catch(failed)
  if (!stored) return
  forget()
  emit('done')
}
</script>

<template>
  <form class="correction" @submit.prevent="save">
    <TextField
      v-model="draft.happenedOn"
      label="Done on"
      type="date"
      :message="messageFor('happenedOn')"
    />
    <QuantityField
      v-model="draft.product"
      label="Product used"
      dimension="mass"
      unit="kg"
      :message="messageFor('productKg')"
      @value="productKg = $event"
    />
    <TextField v-model="draft.reason" label="Why it is corrected" :message="messageFor('reason')" />
    <ProblemNote :problem="correct.error.value" />
    <div class="buttons">
      <Button type="primary" html-type="submit" :loading="correct.isLoading.value"
        >Store the correction</Button
      >
      <Button type="text" @click="emit('done')">Leave it</Button>
    </div>
  </form>
</template>

<style scoped>
.correction {
  display: grid;
  gap: 8px;
  padding: 8px 0;
}
.buttons {
  display: flex;
  gap: 8px;
}
</style>
