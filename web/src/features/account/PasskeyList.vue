<script setup lang="ts">
import { signInRoutes, type PasskeyDto } from '@spudder/contract/person'
import { Button } from 'ant-design-vue'
import { ref } from 'vue'
import { useChange } from '../../api/use-change.ts'
import { useRead } from '../../api/use-read.ts'
import { momentWords } from '../../shared/units/moment.ts'
import ConfirmButton from '../../ui/ConfirmButton.vue'
import ProblemNote from '../../ui/ProblemNote.vue'
import TextField from '../../ui/TextField.vue'
import { hasPasskeys, makePasskey } from '../../api/passkeys.ts'

/** Passkeys to sign in with in place of a password. */
const props = defineProps<{ takesPasskeys: boolean }>()
const all = useRead(signInRoutes.passkeys, () => ({}))
const question = useChange(signInRoutes.askNewPasskey, { told: 'beside' })
const add = useChange(signInRoutes.addPasskey, { told: 'beside' })
const remove = useChange(signInRoutes.removePasskey, { told: 'beside' })
const name = ref('')
const why = ref('')
const canAdd = props.takesPasskeys && hasPasskeys()
const usedWords = ({ usedAt }: PasskeyDto) =>
  usedAt === null ? 'not used yet' : `last used ${momentWords(usedAt)}`

async function make(): Promise<void> {
  why.value = ''
  const asked = await question.send({})
  if (!asked) return
  const answer = await makePasskey(asked)
  if ('why' in answer) {
    why.value = answer.why
    return
  }
  const dto = { ...answer.dto, name: name.value.trim() || 'This device' }
  if (await add.send({ dto })) name.value = ''
}
</script>

<template>
  <div class="stack gap-12">
    <ul
      v-if="(all.data.value ?? []).length > 0"
      class="plain-list stack gap-4"
      aria-label="Passkeys"
    >
      <li v-for="each in all.data.value" :key="each.id" class="lined gap-8 items-center">
        <b>{{ each.name }}</b> <span class="text-small text-slate">{{ usedWords(each) }}</span>
        <ConfirmButton
          is-small
          words="Take away"
          :label="`Take the passkey ${each.name} away`"
          :question="`Take the passkey ${each.name} away?`"
          about="Nobody signs in with it any more."
          sure="Take it away"
          @confirm="remove.send({ passkeyId: each.id })"
        />
      </li>
    </ul>
    <form v-if="canAdd" class="stack gap-12" aria-label="Add a passkey" @submit.prevent="make">
      <TextField v-model="name" label="Name of the passkey" hint="such as the device it is on" />
      <p v-if="why" role="alert" class="stop">{{ why }}</p>
      <div>
        <Button html-type="submit" :loading="add.isLoading.value">Add a passkey</Button>
      </div>
    </form>
    <p v-else class="faint-note">
      Passkeys need a name and a secure line, as https://spudder.example, or this machine itself
      under localhost. Under the address that this page was opened by, there are none.
    </p>
    <ProblemNote
      :problem="all.error.value ?? question.error.value ?? add.error.value ?? remove.error.value"
    />
  </div>
</template>
