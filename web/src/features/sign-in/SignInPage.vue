<script setup lang="ts">
import { SignInDto, signInRoutes } from '@spudder/contract/person'
import { Button } from 'ant-design-vue'
import { ref } from 'vue'
import { ApiProblem } from '../../api/api-problem.ts'
import { useChange } from '../../api/use-change.ts'
import { useChecked } from '../../shared/form/use-checked.ts'
import PasswordField from '../../ui/PasswordField.vue'
import ProblemNote from '../../ui/ProblemNote.vue'
import TextField from '../../ui/TextField.vue'
import OutsideFrame from '../../shared/shell/OutsideFrame.vue'
import { askPasskey, hasPasskeys } from '../../api/passkeys.ts'

/** Lets people in; afterwards they are where they wanted to go. */
const props = defineProps<{ to?: string | undefined }>()
const signIn = useChange(signInRoutes.signIn, { told: 'beside' })
const question = useChange(signInRoutes.askPasskey, { told: 'beside' })
const byPasskey = useChange(signInRoutes.signInByPasskey, { told: 'beside' })
const { checked, messageFor } = useChecked(SignInDto, () => signIn.error.value)
const draft = ref({ signInName: '', password: '' })
const code = ref('')
const isCodeAsked = ref(false)
const why = ref('')

/** Begins anew there: nothing of whoever was here before is left in memory. */
function goOn(): void {
  const { to = '/' } = props
  // Only a path of our own: a link may not lead elsewhere by way of us.
  window.location.assign(/^\/(?!\/)/.test(to) ? to : '/')
}

async function enter(): Promise<void> {
  const dto = checked({
    ...draft.value,
    ...(isCodeAsked.value ? { code: code.value.trim() } : {}),
  })
  if (!dto) return
  const done = await signIn.send({ dto }, (problem) => {
    if (problem instanceof ApiProblem && problem.code === 'code-needed') isCodeAsked.value = true
  })
  if (done) goOn()
}

async function enterByPasskey(): Promise<void> {
  why.value = ''
  const asked = await question.send({})
  if (!asked) return
  const answer = await askPasskey(asked)
  if ('why' in answer) why.value = answer.why
  else if (await byPasskey.send({ dto: answer.dto })) goOn()
}
</script>

<template>
  <OutsideFrame title="Sign in">
    <form class="stack gap-12" @submit.prevent="enter">
      <TextField
        v-model="draft.signInName"
        label="Sign-in name"
        autocomplete="username"
        :message="messageFor('signInName')"
      />
      <PasswordField v-model="draft.password" label="Password" :message="messageFor('password')" />
      <TextField
        v-if="isCodeAsked"
        v-model="code"
        label="Code of your app"
        hint="six figures"
        inputmode="decimal"
        autocomplete="one-time-code"
        :message="messageFor('code')"
      />
      <ProblemNote :problem="signIn.error.value" />
      <Button type="primary" html-type="submit" :loading="signIn.isLoading.value" block
        >Sign in</Button
      >
    </form>
    <template v-if="hasPasskeys()">
      <Button block :loading="byPasskey.isLoading.value" @click="enterByPasskey"
        >Sign in with a passkey</Button
      >
      <p v-if="why" role="alert" class="stop">{{ why }}</p>
      <ProblemNote :problem="question.error.value ?? byPasskey.error.value" />
    </template>
    <p class="faint-note">
      Lost your password? An owner of your place makes you a link to come in again, in Settings,
      People.
    </p>
  </OutsideFrame>
</template>
