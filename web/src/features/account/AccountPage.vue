<script setup lang="ts">
import { Skeleton } from 'ant-design-vue'
import { useMe } from '../../api/me.ts'
import TrailLine from '../../shared/shell/TrailLine.vue'
import ProblemNote from '../../ui/ProblemNote.vue'
import AskSignIn from './AskSignIn.vue'
import CodesForm from './CodesForm.vue'
import DeviceList from './DeviceList.vue'
import DeviceNotices from './DeviceNotices.vue'
import KeptHere from './KeptHere.vue'
import LetterForm from './LetterForm.vue'
import NameForm from './NameForm.vue'
import OnPhone from './OnPhone.vue'
import PasskeyList from './PasskeyList.vue'
import PasswordForm from './PasswordForm.vue'

/** What is one's own: name, licence, and what one signs in by. */
const { me, error } = useMe()
</script>

<template>
  <TrailLine :steps="[{ words: 'You' }]" />
  <h1>{{ me?.name ?? 'You' }}</h1>
  <ProblemNote :problem="error" />
  <Skeleton v-if="!me" active />
  <div v-else class="account above-16">
    <section class="stack gap-8">
      <h2>Name and licence</h2>
      <NameForm :key="me.id" :me="me" />
    </section>
    <section class="stack gap-8">
      <h2>Letters</h2>
      <LetterForm :key="me.id" :me="me" />
    </section>
    <section class="stack gap-8">
      <h2>On this device</h2>
      <DeviceNotices />
    </section>
    <section class="stack gap-8">
      <h2>Kept for outside</h2>
      <KeptHere />
    </section>
    <section class="stack gap-8">
      <h2>On a phone</h2>
      <OnPhone />
    </section>
    <section v-if="me.isAlone" class="stack gap-8">
      <h2>Sign-in</h2>
      <AskSignIn />
    </section>
    <template v-else>
      <section v-if="me.signInName" class="stack gap-8">
        <h2>Password</h2>
        <PasswordForm :has-password="me.hasPassword" />
      </section>
      <section v-if="me.hasPassword" class="stack gap-8">
        <h2>Codes</h2>
        <CodesForm :has-codes="me.hasCodes" />
      </section>
      <section class="stack gap-8">
        <h2>Passkeys</h2>
        <PasskeyList :takes-passkeys="me.takesPasskeys" />
      </section>
      <section class="stack gap-8">
        <h2>Devices</h2>
        <DeviceList />
      </section>
    </template>
  </div>
</template>

<style scoped>
/* In columns that fill up from the top, whatever the parts are long. */
.account {
  columns: 2 320px;
  column-gap: 48px;
  max-width: 980px;
}
section {
  break-inside: avoid;
  margin-bottom: 32px;
}
</style>
