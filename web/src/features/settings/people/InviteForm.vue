<script setup lang="ts">
import { roles, roleWords, type Role } from '@spudder/contract/access'
import {
  InviteDto,
  personRoutes,
  invitationDays,
  type InvitationMadeDto,
} from '@spudder/contract/person'
import { Button } from 'ant-design-vue'
import { computed, ref } from 'vue'
import { useChange } from '../../../api/use-change.ts'
import { useChecked } from '../../../shared/form/use-checked.ts'
import ChoiceField from '../../../ui/ChoiceField.vue'
import DayField from '../../../ui/DayField.vue'
import ProblemNote from '../../../ui/ProblemNote.vue'
import TextField from '../../../ui/TextField.vue'

/** Asks somebody to the place: as what, and until when. */
const props = defineProps<{ placeId: string }>()
const emit = defineEmits<{ made: [link: InvitationMadeDto] }>()
const invite = useChange(personRoutes.invite, { told: 'beside' })
const { checked, messageFor } = useChecked(InviteDto, () => invite.error.value)
const fresh = () => ({ id: crypto.randomUUID(), name: '', role: 'applicator' as Role })
const draft = ref(fresh())
const until = ref('')
const roleOptions = roles.map((value) => ({ value, words: roleWords[value].name }))
const does = computed(() => roleWords[draft.value.role].does)

async function make(): Promise<void> {
  const dto = checked({
    ...draft.value,
    days: invitationDays.usual,
    ...(until.value === '' ? {} : { untilDay: until.value }),
  })
  if (!dto) return
  const made = await invite.send({ placeId: props.placeId, dto })
  if (!made) return
  draft.value = fresh()
  until.value = ''
  emit('made', made)
}
</script>

<template>
  <form class="invite stack gap-12" aria-label="Ask somebody in" @submit.prevent="make">
    <div class="fields">
      <TextField v-model="draft.name" label="Name" :message="messageFor('name')" />
      <ChoiceField v-model="draft.role" label="As" :options="roleOptions" :hint="does" />
      <DayField
        v-model="until"
        label="Until"
        hint="leave it empty for as long as nobody ends it"
        :message="messageFor('untilDay')"
      />
    </div>
    <ProblemNote :problem="invite.error.value" />
    <div>
      <Button type="primary" html-type="submit" :loading="invite.isLoading.value"
        >Make a link</Button
      >
    </div>
  </form>
</template>

<style scoped>
.fields {
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(200px, 1fr));
  gap: 12px;
  align-items: start;
}
</style>
