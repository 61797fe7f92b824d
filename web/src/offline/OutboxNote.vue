<script setup lang="ts">
import { Button } from 'ant-design-vue'
import { useEventListener, useIntervalFn } from '@vueuse/core'
import { onMounted, watchEffect } from 'vue'
import { useRoute } from 'vue-router'
import { useMe } from '../api/me.ts'
import { takeOverOlder } from './older-outbox.ts'
import { useOutbox } from './outbox.ts'
import { useSendOn } from './use-send-on.ts'

/** What waits for signal on this device, and what was not taken; tries again by itself. */
const outbox = useOutbox()
const route = useRoute()
const sendOn = useSendOn()
const { me } = useMe()
watchEffect(() => (outbox.sender = me.value?.id))
/** How often it is looked whether a pause is over. */
const againMs = 2500

const sendNow = () => void sendOn(true)
onMounted(async () => {
  await takeOverOlder().catch(() => undefined)
  await outbox.load()
  sendNow()
})
useEventListener(window, 'online', sendNow)
useIntervalFn(() => outbox.waiting.length > 0 && void sendOn(false), againMs)
</script>

<template>
  <div
    v-if="outbox.items.length > 0 && route.name !== 'waiting'"
    class="outbox stack gap-6 no-print"
    role="status"
  >
    <p v-if="outbox.waiting.length > 0">
      {{
        outbox.waiting.length === 1 ? 'One record waits' : `${outbox.waiting.length} records wait`
      }}
      on this device for signal, and {{ outbox.waiting.length === 1 ? 'goes' : 'go' }} out by
      {{ outbox.waiting.length === 1 ? 'itself' : 'themselves' }}.
      <Button type="link" size="small" :disabled="outbox.isSending" @click="sendNow"
        >Send now</Button
      >
      <RouterLink v-if="outbox.refused.length === 0" :to="{ name: 'waiting' }">See them</RouterLink>
    </p>
    <p v-if="outbox.refused.length > 0" class="refused text-strong">
      {{ outbox.refused.length === 1 ? 'One record was' : `${outbox.refused.length} records were` }}
      not taken and must be put right.
      <RouterLink :to="{ name: 'waiting' }">See them</RouterLink>
    </p>
  </div>
</template>

<style scoped>
.outbox {
  margin: 0 20px 8px;
  padding: 8px 12px;
  border-left: 3px solid var(--rust);
  background: var(--rust-wash);
}
@media (width < 700px) {
  .outbox {
    margin: 0 10px 8px;
  }
}
</style>
