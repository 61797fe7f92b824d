<script setup lang="ts">
import { CodeDto, PasswordDto, signInRoutes, type CodesOfferDto } from '@spudder/contract/person'
import { Button } from 'ant-design-vue'
import { toDataURL } from 'qrcode'
import { ref } from 'vue'
import { useChange } from '../../api/use-change.ts'
import { useChecked } from '../../shared/form/use-checked.ts'
import PasswordField from '../../ui/PasswordField.vue'
import ProblemNote from '../../ui/ProblemNote.vue'
import TextField from '../../ui/TextField.vue'
import { useToasts } from '../../ui/use-toasts.ts'

/** Codes of an app at each sign-in, on and off. */
defineProps<{ hasCodes: boolean }>()
const toasts = useToasts()
const offer = useChange(signInRoutes.offerCodes, { told: 'beside' })
const on = useChange(signInRoutes.switchCodesOn, { told: 'beside' })
const off = useChange(signInRoutes.switchCodesOff, { told: 'beside' })
const { checked, messageFor } = useChecked(PasswordDto, () => offer.error.value ?? off.error.value)
const { checked: checkedCode, messageFor: codeMessage } = useChecked(CodeDto, () => on.error.value)
const password = ref('')
const code = ref('')
const offered = ref<CodesOfferDto & { picture: string }>()

async function ask(): Promise<void> {
  const dto = checked({ password: password.value })
  const made = dto && (await offer.send({ dto }))
  if (!made) return
  password.value = ''
  offered.value = { ...made, picture: await toDataURL(made.address, { margin: 1, width: 180 }) }
}
async function switchOn(): Promise<void> {
  const dto = checkedCode({ code: code.value.trim() })
  if (!dto || !(await on.send({ dto }))) return
  offered.value = undefined
  code.value = ''
  toasts.say('A code is asked for from now on.')
}
async function switchOff(): Promise<void> {
  const dto = checked({ password: password.value })
  if (!dto || !(await off.send({ dto }))) return
  password.value = ''
  toasts.say('No code is asked for any more.')
}
</script>

<template>
  <form
    v-if="!offered"
    class="stack gap-12"
    aria-label="Codes of an app"
    @submit.prevent="hasCodes ? switchOff() : ask()"
  >
    <p class="faint-note">
      {{
        hasCodes
          ? 'A code of your app is asked for at each sign-in by password.'
          : 'An app on your phone makes a code that is asked for beside the password: whoever learned the password alone does not come in.'
      }}
    </p>
    <PasswordField v-model="password" label="Password now" :message="messageFor('password')" />
    <ProblemNote :problem="offer.error.value ?? off.error.value" />
    <div>
      <Button html-type="submit" :loading="offer.isLoading.value || off.isLoading.value">{{
        hasCodes ? 'Ask for no code any more' : 'Ask for a code too'
      }}</Button>
    </div>
  </form>
  <form v-else class="stack gap-12" aria-label="The first code" @submit.prevent="switchOn">
    <p>Read this with the app, then type the code that it shows.</p>
    <img
      :src="offered.picture"
      width="180"
      height="180"
      alt="The secret as a picture for the app"
    />
    <p class="text-small text-slate">
      Or type it: <code class="secret">{{ offered.secret }}</code>
    </p>
    <TextField
      v-model="code"
      label="Code"
      hint="six figures"
      inputmode="decimal"
      autocomplete="one-time-code"
      :message="codeMessage('code')"
    />
    <ProblemNote :problem="on.error.value" />
    <div class="lined gap-8">
      <Button type="primary" html-type="submit" :loading="on.isLoading.value">Switch on</Button>
      <Button @click="offered = undefined">Cancel</Button>
    </div>
  </form>
</template>

<style scoped>
.secret {
  word-break: break-all;
  user-select: all;
}
</style>
