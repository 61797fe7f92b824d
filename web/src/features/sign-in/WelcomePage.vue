<script setup lang="ts">
import { roleWords } from '@spudder/contract/access'
import { AcceptInvitationDto, personRoutes } from '@spudder/contract/person'
import { Button, Skeleton } from 'ant-design-vue'
import { computed, ref, watch } from 'vue'
import { useMe } from '../../api/me.ts'
import { isSignedOut } from '../../api/signed-out.ts'
import { useChange } from '../../api/use-change.ts'
import { useRead } from '../../api/use-read.ts'
import SignInFields from '../../shared/form/SignInFields.vue'
import { useChecked } from '../../shared/form/use-checked.ts'
import { dayWords } from '../../shared/units/today.ts'
import ProblemNote from '../../ui/ProblemNote.vue'
import TextField from '../../ui/TextField.vue'
import OutsideFrame from '../../shared/shell/OutsideFrame.vue'

/** Where a link leads: somebody new comes in, or somebody comes in again. */
const props = defineProps<{ token: string }>()
const link = useRead(personRoutes.viewInvitation, () => ({ token: props.token }))
const { me } = useMe()
const accept = useChange(personRoutes.acceptInvitation, { told: 'beside' })
const { checked, messageFor } = useChecked(AcceptInvitationDto, () => accept.error.value)
const draft = ref({ name: '', signInName: '', password: '' })
const isAgain = computed(() => link.data.value?.kind === 'recover')
watch(
  () => link.data.value,
  (view) => {
    if (view) draft.value = { ...draft.value, name: view.name, signInName: view.signInName ?? '' }
  },
  { immediate: true },
)
const leadsTo = computed(() => {
  const { placeName, role, untilDay, createdBy } = link.data.value ?? {}
  if (!placeName || !role) return ''
  const until = untilDay ? ` until ${dayWords(untilDay)}` : ''
  return `${createdBy} asks you to ${placeName} as ${roleWords[role].name.toLowerCase()}${until}. ${roleWords[role].does}`
})

async function comeIn(dto: AcceptInvitationDto | undefined): Promise<void> {
  if (!dto || !(await accept.send({ token: props.token, dto }))) return
  isSignedOut.value = false
  window.location.assign('/')
}
const asNew = () =>
  comeIn(
    checked(
      isAgain.value
        ? { signInName: draft.value.signInName, password: draft.value.password }
        : draft.value,
    ),
  )
</script>

<template>
  <OutsideFrame :title="isAgain ? 'Come in again' : 'Come in'">
    <ProblemNote :problem="link.error.value" />
    <Skeleton v-if="link.status.value === 'pending'" active />
    <template v-if="link.data.value">
      <p v-if="leadsTo">{{ leadsTo }}</p>
      <p v-else>
        Choose another password. Every device that is signed in as
        {{ link.data.value.name }} is signed out.
      </p>
      <section v-if="me && !isAgain" class="stack gap-8">
        <Button type="primary" block :loading="accept.isLoading.value" @click="comeIn({})"
          >Come in as {{ me.name }}</Button
        >
        <p class="faint-note">Or as somebody else, with a name and a password of your own:</p>
      </section>
      <form class="stack gap-12" @submit.prevent="asNew">
        <TextField
          v-if="!isAgain"
          v-model="draft.name"
          label="Your name"
          hint="as it stands in the record"
          autocomplete="name"
          :message="messageFor('name')"
        />
        <SignInFields
          v-model:sign-in-name="draft.signInName"
          v-model:password="draft.password"
          :message-for="messageFor"
        />
        <ProblemNote :problem="accept.error.value" />
        <Button
          :type="me && !isAgain ? 'default' : 'primary'"
          html-type="submit"
          block
          :loading="accept.isLoading.value"
          >Come in</Button
        >
      </form>
    </template>
  </OutsideFrame>
</template>
