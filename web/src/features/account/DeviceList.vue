<script setup lang="ts">
import { signInRoutes } from '@spudder/contract/person'
import { Button } from 'ant-design-vue'
import { useChange } from '../../api/use-change.ts'
import { useRead } from '../../api/use-read.ts'
import { momentWords } from '../../shared/units/moment.ts'
import ProblemNote from '../../ui/ProblemNote.vue'
import { leaveDevice } from './sign-out.ts'

/** The devices that one is signed in on; each can be signed out from here. */
const all = useRead(signInRoutes.sessions, () => ({}))
const end = useChange(signInRoutes.endSession, { told: 'beside' })
const signOut = useChange(signInRoutes.signOut, { told: 'beside' })
async function leave(): Promise<void> {
  if (await signOut.send({})) await leaveDevice()
}
</script>

<template>
  <ul class="plain-list stack gap-8" aria-label="Devices">
    <li v-for="each in all.data.value" :key="each.id" class="lined wrapped gap-8 items-center">
      <b>{{ each.device }}</b>
      <span class="text-small text-slate">
        {{ each.isThis ? 'this one' : `last seen ${momentWords(each.seenAt)}` }}, {{ each.address }}
      </span>
      <Button
        v-if="!each.isThis"
        type="link"
        size="small"
        :aria-label="`Sign out ${each.device}`"
        @click="end.send({ sessionId: each.id })"
        >Sign out</Button
      >
    </li>
  </ul>
  <ProblemNote :problem="all.error.value ?? end.error.value ?? signOut.error.value" />
  <div>
    <Button :loading="signOut.isLoading.value" @click="leave">Sign out here</Button>
  </div>
</template>
