<script setup lang="ts">
import { CreateEntryDto } from '@spudder/contract/entry'
import type { JobDto } from '@spudder/contract/job'
import { Button } from 'ant-design-vue'
import { ref } from 'vue'
import { useRecordEntry } from '../../api/stands.ts'
import { useStandCase } from '../../shared/case/stand-case.ts'
import { useKept } from '../../shared/form/kept.ts'
import ProblemNote from '../../shared/form/ProblemNote.vue'
import QuantityField from '../../shared/form/QuantityField.vue'
import TextField from '../../shared/form/TextField.vue'
import { useChecked } from '../../shared/form/use-checked.ts'
import { amountWords } from '@spudder/core/quantity'
import { today } from '../../shared/units/today.ts'

const props = defineProps<{
  job: JobDto
  planned: { readonly productKg: number; readonly waterL: number }
}>()
const { system } = useStandCase()
const record = useRecordEntry()
const { checked, messageFor } = useChecked(CreateEntryDto, () => record.error.value)

const { planned } = props
const plannedText = {
  product: amountWords('mass', planned.productKg, system.value),
  water: amountWords('volume', planned.waterL, system.value),
}
const {
  value: draft,
  forget,
  failed,
} = useKept(`entry:${props.job.id}`, () => ({
  id: crypto.randomUUID() as string,
  happenedOn: today(),
  ...plannedText,
  note: '',
}))
const productKg = ref<number>()
const waterL = ref<number>()

/** What was left as planned is stored as planned, not as the rounded figure on screen. */
const exact = (text: string, asPlanned: string, value: number, read: number | undefined) =>
  text === asPlanned ? value : read

async function save(): Promise<void> {
  const { id, happenedOn, product, water, note } = draft.value
  const dto = checked({
    id,
    happenedOn,
    productKg: exact(product, plannedText.product, planned.productKg, productKg.value),
    waterL:
      planned.waterL === 0 ? 0 : exact(water, plannedText.water, planned.waterL, waterL.value),
    note,
  })
  if (!dto) return
  await record.mutateAsync({ id: props.job.id, dto }).then(forget, failed)
}
</script>

<template>
  <form class="record" @submit.prevent="save">
    <h3>Done? What really went out</h3>
    <div class="fields">
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
        :hint="`planned ${plannedText.product}`"
        :message="messageFor('productKg')"
        @value="productKg = $event"
      />
      <QuantityField
        v-if="planned.waterL > 0"
        v-model="draft.water"
        label="Water used"
        dimension="volume"
        unit="L"
        :hint="`planned ${plannedText.water}`"
        :message="messageFor('waterL')"
        @value="waterL = $event"
      />
      <TextField
        v-model="draft.note"
        label="Note"
        hint="weather, who helped, what was odd"
        :message="messageFor('note')"
      />
    </div>
    <ProblemNote :problem="record.error.value" />
    <Button type="primary" html-type="submit" size="large" :loading="record.isLoading.value"
      >Record it</Button
    >
  </form>
</template>

<style scoped>
.record {
  display: grid;
  gap: 10px;
  justify-items: start;
  border-top: 1px solid var(--line);
  padding-top: 12px;
}
.fields {
  display: grid;
  grid-template-columns: repeat(2, 1fr);
  align-items: start;
  gap: 10px;
  width: 100%;
}
@media (width < 700px) {
  .fields {
    grid-template-columns: minmax(0, 1fr);
  }
  .record > :deep(.ant-btn) {
    width: 100%;
    height: 52px;
  }
}
</style>
