<script setup lang="ts">
import { entryRoutes, CorrectEntryDto, type EntryDto } from '@spudder/contract/entry'
import { amountWords } from '@spudder/core/base/quantity'
import { sources } from '@spudder/core/material/source'
import { routes, routeWords } from '@spudder/core/stand/plant'
import { Button } from 'ant-design-vue'
import { computed, ref } from 'vue'
import { useShelf } from '../../api/shelf.ts'
import { useChange } from '../../api/use-change.ts'
import { useStandCase } from '../../shared/case/stand-case.ts'
import { useKept } from '../../shared/form/kept.ts'
import { useChecked } from '../../shared/form/use-checked.ts'
import ChoiceField from '../../ui/ChoiceField.vue'
import ConfirmButton from '../../ui/ConfirmButton.vue'
import DayField from '../../ui/DayField.vue'
import ProblemNote from '../../ui/ProblemNote.vue'
import QuantityField from '../../ui/QuantityField.vue'
import TextField from '../../ui/TextField.vue'

/** Puts an entry right by a new one that names it, or says that it did not happen. */
const props = defineProps<{ entry: EntryDto }>()
const emit = defineEmits<{ done: [] }>()
const { system, stand } = useStandCase()
const { data: products } = useShelf(() => stand.value?.placeId)
const correct = useChange(entryRoutes.correct, { told: 'beside' })
const { checked, messageFor } = useChecked(CorrectEntryDto, () => correct.error.value)
const { productId, sourceId } = props.entry
/** A product of the shelf, or a form of the catalogue where none was taken. */
const wentOut = productId === null ? `form:${sourceId}` : `product:${productId}`
const asStored = {
  product: amountWords('mass', props.entry.productKg, system.value),
  water: amountWords('volume', props.entry.waterL, system.value),
}
const {
  value: draft,
  forget,
  failed,
} = useKept(`correction:${props.entry.id}`, () => ({
  id: crypto.randomUUID() as string,
  happenedOn: props.entry.happenedOn,
  wentOut,
  route: props.entry.route,
  ...asStored,
  startedAt: props.entry.startedAt ?? '',
  endedAt: props.entry.endedAt ?? '',
  worker: props.entry.worker,
  lot: props.entry.lot,
  equipment: props.entry.equipment,
  waterSource: props.entry.waterSource,
  licence: props.entry.licence,
  note: props.entry.note,
  reason: '',
}))
const wentOutOptions = computed(() => [
  ...(products.value ?? []).map(({ id, name }) => ({ value: `product:${id}`, words: name })),
  ...sources.map(({ id, name }) => ({ value: `form:${id}`, words: `${name} (no product of the shelf)` })), // prettier-ignore
])
const routeOptions = routes.map((value) => ({ value, words: routeWords[value] }))
const productKg = ref<number>()
const waterL = ref<number>()

/** What went out, where it is said to be something else. */
function appliedPart(said: string): object {
  if (said === wentOut) return {}
  const [kind, id] = said.split(':')
  return kind === 'product' ? { productId: id } : { productId: null, sourceId: id }
}
/** What was left as it stood is stored as it was, not as the rounded figure on screen. */
const exact = (text: string, before: string, stored: number, read: number | undefined) =>
  text === before ? stored : read

async function save(isStruck: boolean): Promise<void> {
  const now = draft.value
  const {
    id,
    happenedOn,
    route,
    startedAt,
    endedAt,
    worker,
    lot,
    equipment,
    waterSource,
    licence,
  } = now
  const dto = checked({
    id,
    happenedOn,
    productKg: exact(now.product, asStored.product, props.entry.productKg, productKg.value),
    waterL: exact(now.water, asStored.water, props.entry.waterL, waterL.value),
    worker,
    lot,
    equipment,
    waterSource,
    licence,
    isStruck,
    ...appliedPart(now.wentOut),
    ...(route === props.entry.route ? {} : { route }),
    // A clock that was emptied is left as it was.
    ...(startedAt === '' ? {} : { startedAt }),
    ...(endedAt === '' ? {} : { endedAt }),
    note: now.note,
    reason: now.reason,
  })
  if (!dto || !(await correct.send({ entryId: props.entry.id, dto }, failed))) return
  forget()
  emit('done')
}
</script>

<template>
  <form class="correction stack gap-8" @submit.prevent="save(false)">
    <div class="stack halves gap-8 items-start">
      <DayField v-model="draft.happenedOn" label="Done on" :message="messageFor('happenedOn')" />
      <ChoiceField
        v-model="draft.wentOut"
        label="What went out"
        :options="wentOutOptions"
        :message="messageFor('productId')"
      />
      <QuantityField
        v-model="draft.product"
        label="Product used"
        dimension="mass"
        unit="kg"
        :message="messageFor('productKg')"
        @value="productKg = $event"
      />
      <QuantityField
        v-model="draft.water"
        label="Water used"
        dimension="volume"
        unit="L"
        :message="messageFor('waterL')"
        @value="waterL = $event"
      />
      <ChoiceField v-model="draft.route" label="Given" :options="routeOptions" />
      <TextField v-model="draft.worker" label="Who did it" :message="messageFor('worker')" />
      <TextField v-model="draft.startedAt" label="Begun at" :message="messageFor('startedAt')" />
      <TextField v-model="draft.endedAt" label="Ended at" :message="messageFor('endedAt')" />
      <TextField v-model="draft.lot" label="Lot" :message="messageFor('lot')" />
      <TextField v-model="draft.equipment" label="Equipment" :message="messageFor('equipment')" />
      <TextField
        v-model="draft.waterSource"
        label="Water from"
        :message="messageFor('waterSource')"
      />
      <TextField v-model="draft.licence" label="Licence" :message="messageFor('licence')" />
      <TextField v-model="draft.note" label="Note" :message="messageFor('note')" />
    </div>
    <TextField v-model="draft.reason" label="Why it is corrected" :message="messageFor('reason')" />
    <ProblemNote :problem="correct.error.value" />
    <div class="lined wrapped gap-8">
      <Button type="primary" html-type="submit" :loading="correct.isLoading.value">{{
        entry.isStruck ? 'Bring it back as above' : 'Save correction'
      }}</Button>
      <ConfirmButton
        v-if="!entry.isStruck"
        words="It did not happen"
        question="Strike this entry out?"
        about="It stays in the record, struck through with your reason. The shelf gets the product back, and the job is to be done again."
        sure="Strike it out"
        @confirm="save(true)"
      />
      <Button type="text" @click="emit('done')">Leave it</Button>
    </div>
  </form>
</template>

<style scoped>
.correction {
  padding: 8px 0;
}
</style>
