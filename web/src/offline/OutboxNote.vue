<script setup lang="ts">
import { Button } from 'ant-design-vue'
import { dayWords } from '../shared/units/today.ts'
import { useEventListener, useIntervalFn } from '@vueuse/core'
import { onMounted } from 'vue'
import { useReadAnew } from '../api/use-change.ts'
import { useOutbox } from './outbox.ts'
import { recordTouches } from './send-record.ts'

/** What waits for signal on this device, and what was not taken; tries again by itself. */
const outbox = useOutbox()
const readAnew = useReadAnew(recordTouches)
const againMs = 20_000

async function send(): Promise<void> {
  if ((await outbox.flush()) === 0) return
  await readAnew()
}
const sendNow = () => void send()
onMounted(() => void outbox.load().then(send))
useEventListener(window, 'online', sendNow)
useIntervalFn(() => outbox.waiting.length > 0 && sendNow(), againMs)
</script>

<template>
  <div v-if="outbox.items.length > 0" class="outbox stack gap-6 no-print" role="status">
    <p v-if="outbox.waiting.length > 0">
      {{
        outbox.waiting.length === 1 ? 'One record waits' : `${outbox.waiting.length} records wait`
      }}
      on this device for signal, and {{ outbox.waiting.length === 1 ? 'goes' : 'go' }} out by
      {{ outbox.waiting.length === 1 ? 'itself' : 'themselves' }}.
      <Button type="link" size="small" :disabled="outbox.isSending" @click="sendNow"
        >Send now</Button
      >
    </p>
    <p v-for="item in outbox.refused" :key="item.dto.id" class="refused text-strong">
      {{ item.title }} of {{ dayWords(item.dto.happenedOn) }} was not stored: {{ item.problem }}
      <Button type="link" size="small" @click="outbox.forget(item.dto.id)">Dismiss</Button>
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
