<script setup lang="ts">
import { ChangeMeDto, personRoutes, type MeDto } from '@spudder/contract/person'
import { noticeKinds, noticeKindWords, type NoticeKind } from '@spudder/core/days/notice'
import { Button } from 'ant-design-vue'
import { ref } from 'vue'
import { useChange } from '../../api/use-change.ts'
import { useChecked } from '../../shared/form/use-checked.ts'
import ProblemNote from '../../ui/ProblemNote.vue'
import TextField from '../../ui/TextField.vue'
import TickList from '../../ui/TickList.vue'
import { useToasts } from '../../ui/use-toasts.ts'

/** Where letters go, and what they tell of. */
const props = defineProps<{ me: MeDto }>()
const toasts = useToasts()
const change = useChange(personRoutes.changeMe, { told: 'beside' })
const { checked, messageFor } = useChecked(ChangeMeDto, () => change.error.value)
const email = ref(props.me.email ?? '')
const mailKinds = ref<readonly NoticeKind[]>(props.me.mailKinds)
const kindOptions = noticeKinds.map((value) => ({ value, words: noticeKindWords[value] }))

async function save(): Promise<void> {
  const address = email.value.trim()
  const dto = checked({ email: address === '' ? null : address, mailKinds: [...mailKinds.value] })
  if (dto && (await change.send({ dto }))) toasts.say('Saved.')
}
</script>

<template>
  <form class="stack gap-12" aria-label="Letters" @submit.prevent="save">
    <p v-if="!me.canMail" class="faint-note">
      No letters are sent from here: whoever runs Spudder has to name a mail server first. The bell
      tells the same.
    </p>
    <TextField
      v-model="email"
      label="Address for letters"
      hint="empty: none are sent"
      autocomplete="email"
      :message="messageFor('email')"
    />
    <TickList v-model="mailKinds" label="Tell me by letter of" :options="kindOptions" />
    <p class="faint-note">
      Once each, by day. Of a sign-in or a changed password you are told at once, whatever is
      ticked.
    </p>
    <ProblemNote :problem="change.error.value" />
    <div>
      <Button type="primary" html-type="submit" :loading="change.isLoading.value">Save</Button>
    </div>
  </form>
</template>
