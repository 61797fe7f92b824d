<script setup lang="ts">
import { ChoosePasswordDto, signInRoutes } from '@spudder/contract/person'
import { Button } from 'ant-design-vue'
import { ref } from 'vue'
import { useChange } from '../../api/use-change.ts'
import { useChecked } from '../../shared/form/use-checked.ts'
import PasswordField from '../../ui/PasswordField.vue'
import ProblemNote from '../../ui/ProblemNote.vue'
import { useToasts } from '../../ui/use-toasts.ts'

/** Another password: every other device is signed out. */
defineProps<{ hasPassword: boolean }>()
const toasts = useToasts()
const choose = useChange(signInRoutes.choosePassword, { told: 'beside' })
const { checked, messageFor } = useChecked(ChoosePasswordDto, () => choose.error.value)
const draft = ref({ current: '', password: '' })

async function save(): Promise<void> {
  const { current, password } = draft.value
  const dto = checked({ password, ...(current === '' ? {} : { current }) })
  if (!dto || !(await choose.send({ dto }))) return
  draft.value = { current: '', password: '' }
  toasts.say('It is changed; other devices are signed out.')
}
</script>

<template>
  <form class="stack gap-12" aria-label="Password" @submit.prevent="save">
    <PasswordField
      v-if="hasPassword"
      v-model="draft.current"
      label="Password now"
      :message="messageFor('current')"
    />
    <PasswordField
      v-model="draft.password"
      label="New password"
      hint="12 characters or more; every other device is signed out"
      is-new
      :message="messageFor('password')"
    />
    <ProblemNote :problem="choose.error.value" />
    <div>
      <Button html-type="submit" :loading="choose.isLoading.value">Change the password</Button>
    </div>
  </form>
</template>
