<script setup lang="ts">
import { AskSignInDto, signInRoutes } from '@spudder/contract/person'
import { Button } from 'ant-design-vue'
import { ref } from 'vue'
import { useChange } from '../../api/use-change.ts'
import { useChecked } from '../../shared/form/use-checked.ts'
import PasswordField from '../../ui/PasswordField.vue'
import ProblemNote from '../../ui/ProblemNote.vue'
import TextField from '../../ui/TextField.vue'

/** Whoever worked here alone begins to sign in. */
const ask = useChange(signInRoutes.askForSignIn, { told: 'beside' })
const { checked, messageFor } = useChecked(AskSignInDto, () => ask.error.value)
const draft = ref({ signInName: '', password: '' })

async function begin(): Promise<void> {
  const dto = checked(draft.value)
  if (dto && (await ask.send({ dto }))) window.location.assign('/')
}
</script>

<template>
  <form class="stack gap-12" aria-label="Ask for sign-in" @submit.prevent="begin">
    <p class="faint-note">
      Nobody is asked for anything now: whoever sits at this machine is you. With a name and a
      password you sign in, and can ask others in.
    </p>
    <TextField
      v-model="draft.signInName"
      label="Sign-in name"
      hint="an address of mail, or any name without a space"
      autocomplete="username"
      :message="messageFor('signInName')"
    />
    <PasswordField
      v-model="draft.password"
      label="Password"
      hint="12 characters or more; a few words in a row are good"
      is-new
      :message="messageFor('password')"
    />
    <ProblemNote :problem="ask.error.value" />
    <div>
      <Button type="primary" html-type="submit" :loading="ask.isLoading.value"
        >Ask for sign-in from now on</Button
      >
    </div>
  </form>
</template>
