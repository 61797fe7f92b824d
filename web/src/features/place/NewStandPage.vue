<script setup lang="ts">
import { standRoutes } from '@spudder/contract/stand'
import { useChange } from '../../api/use-change.ts'
import { CreateStandDto } from '@spudder/contract/stand'
import {
  contextNames,
  contexts,
  plantsOf,
  type Context,
  type SizeKind,
} from '@spudder/core/stand/plant'
import { Button } from 'ant-design-vue'
import { computed, watch } from 'vue'
import { useRouter } from 'vue-router'
import { usePlace } from '../../api/places.ts'
import ChipChoice from '../../ui/ChipChoice.vue'
import ChoiceField from '../../ui/ChoiceField.vue'
import { useKept } from '../../shared/form/kept.ts'
import ProblemNote from '../../ui/ProblemNote.vue'
import TextField from '../../ui/TextField.vue'
import { useChecked } from '../../shared/form/use-checked.ts'
import { freshSizeDraft, readSize } from '../../shared/ground/size-draft.ts'
import SizeFields from '../../shared/ground/SizeFields.vue'

const router = useRouter()
const create = useChange(standRoutes.create, { told: 'beside' })
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
  size: freshSizeDraft(),
  note: '',
}))
const context = computed<Context>(() => draft.value.context ?? 'turf')
const contextOptions = contextNames.map((value) => ({ value, words: contexts[value].label }))
const plantOptions = computed(() =>
  plantsOf(context.value).map(({ id, name }) => ({ value: id, words: name })),
)
watch(context, () => (draft.value.plantId = plantOptions.value[0]?.value ?? ''))
const sizeKind = computed<SizeKind>(() => contexts[context.value].sizeKinds[0])
const read = computed(() => readSize(sizeKind.value, draft.value.size))

async function save(): Promise<void> {
  const { id, name, plantId, note } = draft.value
  // Without a size the check says which measure is missing.
  const size = read.value.size ?? { kind: sizeKind.value }
  const { measures } = read.value
  const dto = checked({ id, name, context: context.value, plantId, size, measures, note })
  const isUnread = Object.keys(read.value.problems).length > 0
  if (!dto || isUnread || !place.value) return
  const stand = await create.send({ placeId: place.value.id, dto }, failed)
  if (!stand) return
  forget()
  await router.push({ name: 'stand', params: { standId: stand.id } })
}
</script>

<template>
  <form class="stand stack gap-16" @submit.prevent="save">
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
    <SizeFields
      v-model="draft.size"
      :kind="sizeKind"
      :system="place?.unitSystem ?? 'us'"
      :read="read"
      :message-for="messageFor"
    />
    <TextField v-model="draft.note" label="Note" :message="messageFor('note')" />
    <ProblemNote :problem="create.error.value" />
    <div class="lined items-center gap-16">
      <Button type="primary" html-type="submit" :loading="create.isLoading.value">Add stand</Button>
      <RouterLink :to="{ name: 'estate' }">Back to the estate</RouterLink>
    </div>
  </form>
</template>

<style scoped>
.stand {
  max-width: 560px;
  margin: 12px auto;
}
</style>
