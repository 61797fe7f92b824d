<script setup lang="ts">
import { ChangeStandDto, estateRoutes, standRoutes, type StandDto } from '@spudder/contract/stand'
import {
  contextNames,
  contexts,
  findPlant,
  plantsOf,
  type Context,
} from '@spudder/core/stand/plant'
import { Button, RadioGroup } from 'ant-design-vue'
import { computed, ref, watch } from 'vue'
import { useRouter } from 'vue-router'
import { ofPlace } from '../../api/of-place.ts'
import { useChange } from '../../api/use-change.ts'
import { useRead } from '../../api/use-read.ts'
import { useSeen } from '../../api/use-seen.ts'
import { useChecked } from '../../shared/form/use-checked.ts'
import { freshSizeDraft, readSize } from '../../shared/ground/size-draft.ts'
import SizeFields from '../../shared/ground/SizeFields.vue'
import { useToasts } from '../../ui/use-toasts.ts'
import { useUndo } from '../../shared/history/use-undo.ts'
import { useStandCase } from '../../shared/case/stand-case.ts'
import { today } from '../../shared/units/today.ts'
import ChoiceField from '../../ui/ChoiceField.vue'
import ConfirmButton from '../../ui/ConfirmButton.vue'
import DayField from '../../ui/DayField.vue'
import FoldBox from '../../ui/FoldBox.vue'
import ProblemNote from '../../ui/ProblemNote.vue'
import TextField from '../../ui/TextField.vue'

/** What the stand is: its name and plant put right, planted anew, put together with another, put away. */
const props = defineProps<{ stand: StandDto }>()
const { system } = useStandCase()
const router = useRouter()
const undo = useUndo()
const toasts = useToasts()
const seen = useSeen(() => props.stand)
const change = useChange(standRoutes.change, { told: 'beside' })
const merge = useChange(standRoutes.merge, { told: 'beside' })
const { checked, messageFor } = useChecked(ChangeStandDto, () => change.error.value)

const name = ref(props.stand.name)
const note = ref(props.stand.note)
const context = ref<Context>(props.stand.context)
const plantId = ref(props.stand.plantId)
const sizeDraft = ref(freshSizeDraft())
const how = ref<'wrong' | 'replanted'>('wrong')
const replantedOn = ref(today())
const contextOptions = contextNames.map((value) => ({ value, words: contexts[value].label }))
const plantOptions = computed(() =>
  plantsOf(context.value).map(({ id, name: words }) => ({ value: id, words })),
)
watch(context, () => {
  if (!findPlant(plantId.value).contexts.includes(context.value))
    plantId.value = plantOptions.value[0]?.value ?? plantId.value
})
const isOther = computed(
  () => plantId.value !== props.stand.plantId || context.value !== props.stand.context,
)
const howOptions = [
  { value: 'wrong', label: 'It was entered wrongly: all that was recorded is of this plant' },
  { value: 'replanted', label: 'It was planted anew: what came before stays the story of the old' },
]
/** A stand of another kind is measured otherwise. */
const sizeKind = computed(() => contexts[context.value].sizeKinds[0])
const needsSize = computed(() => sizeKind.value !== props.stand.size.kind)
const size = computed(() => readSize(sizeKind.value, sizeDraft.value))

async function save(): Promise<void> {
  if (needsSize.value && !size.value.size) return
  const dto = checked({
    version: seen(),
    name: name.value.trim(),
    note: note.value,
    ...(isOther.value ? { plantId: plantId.value, context: context.value } : {}),
    ...(needsSize.value && size.value.size ? { size: size.value.size } : {}),
    ...(isOther.value && how.value === 'replanted' ? { replantedOn: replantedOn.value } : {}),
  })
  if (!dto || !(await change.send({ standId: props.stand.id, dto }))) return
  // Taken back, the planting would stay in the story: it is put right there.
  if (dto.replantedOn === undefined) undo.offer('Saved.', change.lastId())
  else toasts.say('Saved: a new planting begins.')
}

const names = useRead(
  estateRoutes.names,
  ofPlace(() => props.stand.placeId),
)
const others = computed(() =>
  (names.data.value ?? [])
    .filter(({ id }) => id !== props.stand.id)
    .map(({ id, name: words }) => ({ value: id, words })),
)
const otherId = ref('')
const why = ref('')
async function mergeOther(): Promise<void> {
  const other = others.value.find(({ value }) => value === otherId.value)
  if (!other) return
  const dto = { otherId: other.value, reason: why.value.trim() || 'The same stand, entered twice.' }
  if (!(await merge.send({ standId: props.stand.id, dto }))) return
  undo.offer(`${other.words} is put together with ${props.stand.name}.`, merge.lastId())
  otherId.value = ''
}
async function putAway(): Promise<void> {
  const dto = { isArchived: !props.stand.isArchived, version: seen() }
  const stored = await change.send({ standId: props.stand.id, dto: dto as ChangeStandDto })
  if (!stored) return
  const words = stored.isArchived ? 'is put away' : 'is back in the estate'
  undo.offer(`${stored.name} ${words}.`, change.lastId())
  if (stored.isArchived) void router.push({ name: 'estate' })
}
</script>

<template>
  <section class="itself stack gap-12" aria-label="The stand itself">
    <h2>The stand itself</h2>
    <form class="stack gap-12" @submit.prevent="save">
      <div class="stack fitting gap-10 items-start">
        <TextField v-model="name" label="Name" :message="messageFor('name')" />
        <ChoiceField v-model="context" label="Kind" :options="contextOptions" />
        <ChoiceField
          v-model="plantId"
          label="Plant"
          :options="plantOptions"
          :message="messageFor('plantId')"
        />
        <TextField v-model="note" label="Note" :message="messageFor('note')" />
      </div>
      <template v-if="isOther">
        <RadioGroup v-model:value="how" class="how" :options="howOptions" />
        <DayField
          v-if="how === 'replanted'"
          v-model="replantedOn"
          label="Planted on"
          :message="messageFor('replantedOn')"
        />
        <SizeFields
          v-if="needsSize"
          v-model="sizeDraft"
          :kind="sizeKind"
          :system="system"
          :read="size"
          :message-for="messageFor"
        />
      </template>
      <ProblemNote :problem="change.error.value" />
      <div class="lined wrapped gap-8">
        <Button type="primary" html-type="submit" :loading="change.isLoading.value"
          >Save the stand</Button
        >
        <ConfirmButton
          :words="stand.isArchived ? 'Bring it back' : 'Put it away'"
          :question="stand.isArchived ? `Bring ${stand.name} back?` : `Put ${stand.name} away?`"
          about="Out of the estate and the dates, or back in them; all that was recorded stays either way."
          :sure="stand.isArchived ? 'Bring it back' : 'Put it away'"
          @confirm="putAway"
        />
        <RouterLink :to="{ name: 'history', query: { stand: stand.id } }">History</RouterLink>
      </div>
    </form>
    <FoldBox v-if="others.length > 0" words="Another stand is the same one">
      <form class="stack gap-8 inside-10" @submit.prevent="mergeOther">
        <p class="faint-note">
          All that was recorded of the other is shown with {{ stand.name }} from then on. The other
          is put away; bring it back, and they are two again.
        </p>
        <div class="stack fitting gap-10 items-start">
          <ChoiceField v-model="otherId" label="The other stand" :options="others" />
          <TextField v-model="why" label="Why" />
        </div>
        <ProblemNote :problem="merge.error.value" />
        <Button html-type="submit" :disabled="otherId === ''" :loading="merge.isLoading.value"
          >Put them together</Button
        >
      </form>
    </FoldBox>
  </section>
</template>

<style scoped>
.how {
  display: grid;
  gap: 4px;
}
</style>
