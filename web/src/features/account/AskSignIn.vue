<script setup lang="ts">
import { AskSignInDto, signInRoutes } from '@spudder/contract/person'
import { Button } from 'ant-design-vue'
import { ref } from 'vue'
import { useChange } from '../../api/use-change.ts'
import SignInFields from '../../shared/form/SignInFields.vue'
import { useChecked } from '../../shared/form/use-checked.ts'
import ProblemNote from '../../ui/ProblemNote.vue'

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
    <SignInFields
      v-model:sign-in-name="draft.signInName"
      v-model:password="draft.password"
      :message-for="messageFor"
    />
    <ProblemNote :problem="ask.error.value" />
    <div>
      <Button type="primary" html-type="submit" :loading="ask.isLoading.value"
        >Ask for sign-in from now on</Button
      >
    </div>
  </form>
</template>
