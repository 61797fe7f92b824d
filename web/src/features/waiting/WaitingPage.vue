<script setup lang="ts">
import { Button, Skeleton } from 'ant-design-vue'
import { useNow } from '@vueuse/core'
import { computed } from 'vue'
import { useSendOn } from '../../offline/use-send-on.ts'
import { useOutbox } from '../../offline/outbox.ts'
import type { Outgoing } from '../../offline/outgoing.ts'
import EmptyState from '../../ui/EmptyState.vue'
import WaitingLine from './WaitingLine.vue'

/** What was done on this device and is not stored yet: each with what became of it. */
const outbox = useOutbox()
const sendOn = useSendOn()
const now = useNow({ interval: 1000 })
/** What has to be seen to comes first; the rest in the order in which it goes out. */
const lines = computed(() => [
  ...outbox.refused.map((item) => ({ item, place: undefined })),
  ...outbox.waiting.map((item, index) => ({ item, place: index + 1 })),
])
async function again(item: Outgoing, version?: number): Promise<void> {
  await outbox.again(item, version)
  await sendOn(true)
}
async function sendRight(item: Outgoing, dto: object): Promise<void> {
  await again({ ...item, asked: { ...item.asked, dto } })
}
</script>

<template>
  <section class="waiting stack gap-12">
    <h1>Waiting records</h1>
    <p class="faint-note">
      They lie on this device alone and go out by themselves, each once, in the order in which they
      were made. What was not taken stays here until it is put right or deleted.
    </p>
    <Skeleton v-if="!outbox.isLoaded" active />
    <EmptyState
      v-else-if="outbox.items.length === 0"
      title="Nothing waits"
      words="Everything that was recorded on this device is stored."
    />
    <template v-else>
      <div>
        <Button :loading="outbox.isSending" @click="sendOn(true)">Send now</Button>
      </div>
      <ul class="plain-list stack gap-8">
        <WaitingLine
          v-for="{ item, place } in lines"
          :key="item.id"
          :item="item"
          :place="place"
          :now="now"
          :is-own="outbox.isOwn(item)"
          :resting="outbox.restingOn(item.id).length"
          @again="again(item, $event)"
          @right="sendRight(item, $event)"
          @forget="outbox.forget(item.id)"
        />
      </ul>
    </template>
  </section>
</template>

<style scoped>
.waiting ul {
  max-width: 720px;
}
</style>
