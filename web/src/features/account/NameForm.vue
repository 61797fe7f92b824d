<script setup lang="ts">
import { ChangeMeDto, personRoutes, type MeDto } from '@spudder/contract/person'
import { Button } from 'ant-design-vue'
import { ref } from 'vue'
import { useChange } from '../../api/use-change.ts'
import { useChecked } from '../../shared/form/use-checked.ts'
import DayField from '../../ui/DayField.vue'
import ProblemNote from '../../ui/ProblemNote.vue'
import TextField from '../../ui/TextField.vue'
import { useToasts } from '../../ui/use-toasts.ts'

/** What one is called in the record, and the licence that one works under. */
const props = defineProps<{ me: MeDto }>()
const toasts = useToasts()
const change = useChange(personRoutes.changeMe, { told: 'beside' })
const { checked, messageFor } = useChecked(ChangeMeDto, () => change.error.value)
const draft = ref({ name: props.me.name, licenceNumber: props.me.licenceNumber })
const until = ref(props.me.licenceExpiresOn ?? '')

async function save(): Promise<void> {
  const dto = checked({
    ...draft.value,
    licenceExpiresOn: until.value === '' ? null : until.value,
  })
  if (dto && (await change.send({ dto }))) toasts.say('Saved.')
}
</script>

<template>
  <form class="stack gap-12" aria-label="Name and licence" @submit.prevent="save">
    <TextField
      v-model="draft.name"
      label="Your name"
      hint="as it stands in the record from now on"
      autocomplete="name"
      :message="messageFor('name')"
    />
    <TextField
      v-model="draft.licenceNumber"
      label="Applicator’s licence"
      hint="its number, where you have one; it stands beside what you apply"
      :message="messageFor('licenceNumber')"
    />
    <DayField v-model="until" label="Licence until" :message="messageFor('licenceExpiresOn')" />
    <ProblemNote :problem="change.error.value" />
    <div>
      <Button type="primary" html-type="submit" :loading="change.isLoading.value">Save</Button>
    </div>
  </form>
</template>
