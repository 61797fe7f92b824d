<script setup lang="ts">
import { Button } from 'ant-design-vue'
import { useNow } from '@vueuse/core'
import { useReadAnew } from '../../api/use-change.ts'
import { useOutbox, type Outgoing } from '../../offline/outbox.ts'
import { recordTouches } from '../../offline/send-record.ts'
import { dayWords } from '../../shared/units/today.ts'
import ConfirmButton from '../../ui/ConfirmButton.vue'
import EmptyState from '../../ui/EmptyState.vue'

/** Records that were made on this device and are not stored yet: each with what became of it. */
const outbox = useOutbox()
const readAnew = useReadAnew(recordTouches)
const now = useNow({ interval: 1000 })

async function sendNow(): Promise<void> {
  if ((await outbox.flush(true)) > 0) await readAnew()
}
const stateWords = ({ problem, tries = 0, nextTryAt = 0, lastTry }: Outgoing): string => {
  if (problem !== undefined) return `Not taken: ${problem}`
  if (tries === 0) return 'Waits for its turn.'
  const seconds = Math.max(0, Math.round((nextTryAt - now.value.getTime()) / 1000))
  const next = seconds > 90 ? `${Math.round(seconds / 60)} minutes` : `${seconds} s`
  return `Tried ${tries === 1 ? 'once' : `${tries} times`}: ${lastTry ?? ''} Again in ${next}.`
}
const photoWords = ({ photos }: Outgoing): string =>
  photos.length === 0 ? '' : ` with ${photos.length === 1 ? 'a photo' : `${photos.length} photos`}`
</script>

<template>
  <section class="waiting stack gap-12">
    <h1>Waiting records</h1>
    <p class="faint-note">
      They lie on this device alone and go out by themselves, each once. What was not taken stays
      here until it is put right or deleted.
    </p>
    <EmptyState
      v-if="outbox.items.length === 0"
      title="Nothing waits"
      words="Every record that was made on this device is stored."
    />
    <template v-else>
      <div>
        <Button :loading="outbox.isSending" @click="sendNow">Send now</Button>
      </div>
      <ul class="stack gap-8">
        <li v-for="item in outbox.items" :key="item.dto.id" class="sheet stack gap-6">
          <b>{{ item.title }}, {{ dayWords(item.dto.happenedOn) }}{{ photoWords(item) }}</b>
          <span :class="item.problem === undefined ? 'text-slate' : 'text-rust text-strong'">{{
            stateWords(item)
          }}</span>
          <div class="lined wrapped items-center gap-8">
            <RouterLink
              :to="{ name: 'sheet', params: { standId: item.standId, jobId: item.jobId } }"
              >{{ item.problem === undefined ? 'Open its sheet' : 'Put it right' }}</RouterLink
            >
            <ConfirmButton
              words="Delete it"
              sure="Delete it"
              is-small
              :label="`Delete the record of ${item.title}, ${dayWords(item.dto.happenedOn)}`"
              :question="`Delete this record${photoWords(item)}?`"
              about="It lies on this device alone: nothing of it can be brought back."
              @confirm="outbox.forget(item.dto.id)"
            />
          </div>
        </li>
      </ul>
    </template>
  </section>
</template>

<style scoped>
.waiting ul {
  padding: 0;
  list-style: none;
  max-width: 720px;
}
.waiting li {
  padding: 12px;
}
</style>
