<script setup lang="ts">
import { sprayerRoutes } from '@spudder/contract/sprayer'
import { useChange } from '../../api/use-change.ts'
import { ChangeSprayerDto, CreateSprayerDto } from '@spudder/contract/sprayer'
import type { UnitSystem } from '@spudder/core/base/quantity'
import {
  nozzleKinds,
  nozzleSizes,
  sprayerKindNames,
  sprayerKindOf,
  type MeasureName,
  type NozzleKind,
} from '@spudder/core/apply/sprayer'
import { Button } from 'ant-design-vue'
import { computed } from 'vue'
import ChipChoice from '../../ui/ChipChoice.vue'
import ChoiceField from '../../ui/ChoiceField.vue'
import { renewedId } from '../../shared/form/kept.ts'
import ProblemNote from '../../ui/ProblemNote.vue'
import TextField from '../../ui/TextField.vue'
import { useChecked } from '../../shared/form/use-checked.ts'
import { freshSetupDraft, readSetup, type SetupDraft } from './setup-draft.ts'

/** A sprayer put in or changed. */
const props = defineProps<{ placeId: string; system: UnitSystem }>()
const draft = defineModel<SetupDraft>({ required: true })
const emit = defineEmits<{ kept: [name: string] }>()

const create = useChange(sprayerRoutes.create, { told: 'beside' })
const change = useChange(sprayerRoutes.change, { told: 'beside' })
const problem = computed(() => create.error.value ?? change.error.value)
const forNew = useChecked(CreateSprayerDto, () => create.error.value)
const forOld = useChecked(ChangeSprayerDto, () => change.error.value)
const read = computed(() => readSetup(draft.value))
const messageFor = (field: string, typed = '') =>
  read.value.problems[typed] ?? forNew.messageFor(field) ?? forOld.messageFor(field)

const kindOptions = sprayerKindNames.map((value) => ({
  value,
  words: sprayerKindOf(value).label,
}))
const nozzleOptions = (Object.keys(nozzleKinds) as NozzleKind[]).map((value) => ({
  value,
  words: nozzleKinds[value].label,
}))
const sizeOptions = nozzleSizes.map(({ id, colour, gallonsPerMin }) => ({
  value: id,
  words: `${id} ${colour}, ${gallonsPerMin} gal/min at 40 psi`,
}))
const kind = computed(() => sprayerKindOf(draft.value.kind ?? 'backpack'))
const has = (measure: MeasureName) => kind.value.measures.includes(measure)

function forget(): void {
  draft.value = freshSetupDraft(props.system)
}
async function save(): Promise<void> {
  if (Object.keys(read.value.problems).length > 0) return
  const { id, editing, seen, name } = draft.value
  const { setup } = read.value
  if (editing) {
    const dto = forOld.checked({ name, setup, ...(seen ? { version: Number(seen) } : {}) })
    const kept = dto && (await change.send({ sprayerId: editing, dto }))
    if (!kept) return
    forget()
    emit('kept', kept.name)
    return
  }
  const dto = forNew.checked({ id, name, setup })
  const kept =
    dto &&
    (await create.send({ placeId: props.placeId, dto }, (problem) => {
      draft.value.id = renewedId(id, problem)
    }))
  if (!kept) return
  forget()
  emit('kept', kept.name)
}
</script>

<template>
  <form class="setup stack gap-12" @submit.prevent="save">
    <h2>{{ draft.editing ? 'Change the sprayer' : 'Add a sprayer' }}</h2>
    <ChipChoice v-model="draft.kind" label="Kind" :options="kindOptions" />
    <div class="fields stack gap-10 items-start">
      <TextField
        v-model="draft.name"
        label="Name"
        placeholder="Blue backpack"
        :message="messageFor('name')"
      />
      <TextField
        v-model="draft.tank"
        :label="kind.tankLabel"
        :message="messageFor('setup.tankL', 'tank')"
      />
      <ChoiceField
        v-if="has('nozzleKind')"
        v-model="draft.nozzleKind"
        label="Nozzles"
        :options="nozzleOptions"
      />
      <ChoiceField
        v-if="has('nozzleSize')"
        v-model="draft.nozzleSize"
        label="Size, as stamped on them"
        :options="sizeOptions"
        :message="messageFor('setup.nozzleSize')"
      />
      <TextField
        v-if="has('nozzleCount')"
        v-model="draft.nozzleCount"
        label="How many nozzles"
        inputmode="decimal"
        :message="messageFor('setup.nozzleCount')"
      />
      <TextField
        v-if="has('spacingM')"
        v-model="draft.spacing"
        label="Apart"
        :message="messageFor('setup.spacingM', 'spacing')"
      />
      <TextField
        v-if="has('pressureBar')"
        v-model="draft.pressure"
        label="Pressure"
        :message="messageFor('setup.pressureBar', 'pressure')"
      />
      <TextField
        v-if="has('speedKmPerH')"
        v-model="draft.speed"
        label="Speed"
        :message="messageFor('setup.speedKmPerH', 'speed')"
      />
      <TextField
        v-if="has('ratio')"
        v-model="draft.ratio"
        label="Ratio, one to"
        inputmode="decimal"
        :message="messageFor('setup.ratio')"
      />
    </div>
    <ProblemNote :problem="problem" />
    <div class="lined gap-8">
      <Button
        type="primary"
        html-type="submit"
        :loading="create.isLoading.value || change.isLoading.value"
        >{{ draft.editing ? 'Save' : 'Add sprayer' }}</Button
      >
      <Button v-if="draft.editing" type="text" @click="forget">Leave it</Button>
    </div>
    <p v-if="draft.editing" class="faint-note">
      With another set-up the old measuring is void: calibrate again.
    </p>
  </form>
</template>

<style scoped>
.fields {
  grid-template-columns: repeat(auto-fill, minmax(170px, 1fr));
}
</style>
