<script setup lang="ts">
import { CreateStandDto } from '@spudder/contract/stand'
import { contextNames, contexts, plantsOf, type Context, type SizeKind } from '@spudder/core/plant'
import { Button } from 'ant-design-vue'
import { computed, ref, watch } from 'vue'
import { useRouter } from 'vue-router'
import { useCreateStand, usePlace } from '../../api/places.ts'
import ChipChoice from '../../shared/form/ChipChoice.vue'
import ChoiceField from '../../shared/form/ChoiceField.vue'
import { useKept } from '../../shared/form/kept.ts'
import { numberIn } from '../../shared/form/number-text.ts'
import ProblemNote from '../../shared/form/ProblemNote.vue'
import QuantityField from '../../shared/form/QuantityField.vue'
import TextField from '../../shared/form/TextField.vue'
import { useChecked } from '../../shared/form/use-checked.ts'

const router = useRouter()
const create = useCreateStand()
const { place } = usePlace()
const { checked, messageFor } = useChecked(CreateStandDto, () => create.error.value)
const {
  value: draft,
  forget,
  failed,
} = useKept('new-stand', () => ({
  id: crypto.randomUUID() as string,
  name: '',
  context: 'turf' as Context | undefined,
  plantId: 'creeping-bentgrass',
  area: '',
  count: '',
  diameter: '',
  pot: '',
  volume: '',
  note: '',
}))
const context = computed<Context>(() => draft.value.context ?? 'turf')
const contextOptions = contextNames.map((value) => ({ value, words: contexts[value].label }))
const plantOptions = computed(() =>
  plantsOf(context.value).map(({ id, name }) => ({ value: id, words: name })),
)
watch(context, () => (draft.value.plantId = plantOptions.value[0]?.value ?? ''))
const sizeKind = computed<SizeKind>(() => contexts[context.value].sizeKinds[0])

/** The measures as read from what is typed, in the store's units. */
const measured = ref<Readonly<Record<string, number | undefined>>>({})
const measure = (name: string) => (value: number | undefined) => {
  measured.value = { ...measured.value, [name]: value }
}
const measuresOf: Readonly<Record<SizeKind, readonly string[]>> = {
  area: ['areaM2'],
  trunks: ['count', 'diameterM'],
  pots: ['count', 'potL'],
  solution: ['volumeL'],
}

async function save(): Promise<void> {
  const { id, name, plantId, note } = draft.value
  const all = { ...measured.value, count: numberIn(draft.value.count) }
  const measures = measuresOf[sizeKind.value].map((key) => [key, all[key as keyof typeof all]])
  const size = { kind: sizeKind.value, ...Object.fromEntries(measures) }
  const dto = checked({ id, name, context: context.value, plantId, size, note })
  if (!dto || !place.value) return
  const stand = await create.mutateAsync({ placeId: place.value.id, dto }).catch(failed)
  if (!stand) return
  forget()
  await router.push({ name: 'stand', params: { standId: stand.id } })
}
</script>

<template>
  <form class="stand" @submit.prevent="save">
    <h1>Add a stand</h1>
    <ChipChoice v-model="draft.context" label="What is it?" :options="contextOptions" />
    <TextField
      v-model="draft.name"
      label="Name"
      placeholder="Front lawn"
      :message="messageFor('name')"
    />
    <ChoiceField
      v-model="draft.plantId"
      label="Plant"
      :options="plantOptions"
      :message="messageFor('plantId')"
    />
    <QuantityField
      v-if="sizeKind === 'area'"
      v-model="draft.area"
      label="Area"
      dimension="area"
      unit="m2"
      hint="any unit: 4500 ft2, 0.1 acre, 0.2 ha"
      :message="messageFor('size.areaM2')"
      @value="measure('areaM2')($event)"
    />
    <TextField
      v-if="sizeKind === 'trunks' || sizeKind === 'pots'"
      v-model="draft.count"
      :label="sizeKind === 'pots' ? 'How many pots' : 'How many trees'"
      inputmode="decimal"
      :message="messageFor('size.count')"
    />
    <QuantityField
      v-if="sizeKind === 'trunks'"
      v-model="draft.diameter"
      label="Trunk diameter, on average"
      dimension="length"
      unit="m"
      hint="at chest height; girth ÷ 3.14; for example 4 in or 10 cm"
      :message="messageFor('size.diameterM')"
      @value="measure('diameterM')($event)"
    />
    <QuantityField
      v-if="sizeKind === 'pots'"
      v-model="draft.pot"
      label="Size of a pot"
      dimension="volume"
      unit="L"
      :message="messageFor('size.potL')"
      @value="measure('potL')($event)"
    />
    <QuantityField
      v-if="sizeKind === 'solution'"
      v-model="draft.volume"
      label="Solution in the loop"
      dimension="volume"
      unit="L"
      :message="messageFor('size.volumeL')"
      @value="measure('volumeL')($event)"
    />
    <TextField v-model="draft.note" label="Note" :message="messageFor('note')" />
    <ProblemNote :problem="create.error.value" />
    <div class="buttons">
      <Button type="primary" html-type="submit" :loading="create.isLoading.value">Add it</Button>
      <RouterLink :to="{ name: 'estate' }">Back to the estate</RouterLink>
    </div>
  </form>
</template>

<style scoped>
.stand {
  display: grid;
  gap: 16px;
  max-width: 560px;
  margin: 12px auto;
}
.buttons {
  display: flex;
  align-items: center;
  gap: 18px;
}
</style>
