<script setup lang="ts">
import { formatNumber } from '@spudder/core/base/writing'
import { Button } from 'ant-design-vue'
import { computed, onMounted, ref } from 'vue'
import AlongList from '../../offline/AlongList.vue'
import { canKeep } from '../../offline/keep-for-outside.ts'
import { useOutbox } from '../../offline/outbox.ts'
import { useTakenAlong } from '../../offline/taken-along.ts'

/** What this device keeps for outside, how much room that takes, and whether it lasts. */
const along = useTakenAlong()
const outbox = useOutbox()
const used = ref<number>()
const room = ref<number>()
/** Undefined where a browser does not say. */
const isLasting = ref<boolean>()
const megabytes = (bytes: number) => `${formatNumber(Math.max(0.1, bytes / 1e6), 2)} MB`
const usedWords = computed(() =>
  used.value === undefined || room.value === undefined
    ? 'This browser does not say how much room it has.'
    : `${megabytes(used.value)} of ${megabytes(room.value)} are used here.`,
)
async function look(): Promise<void> {
  // Browsers without https have none, and old ones none of it.
  const storage = (navigator as { readonly storage?: StorageManager }).storage
  const told = await storage?.estimate?.().catch(() => undefined)
  used.value = told?.usage
  room.value = told?.quota
  isLasting.value = await storage?.persisted?.().catch(() => undefined)
}
const isRefused = ref(false)
async function askToLast(): Promise<void> {
  isLasting.value = await navigator.storage.persist().catch(() => false)
  isRefused.value = !isLasting.value
}
onMounted(() => void look())
</script>

<template>
  <div class="stack gap-10">
    <p v-if="!canKeep()" class="stop">
      This browser keeps nothing for outside: it is too old, or Spudder was opened without https.
      With signal everything works.
    </p>
    <template v-else>
      <p>{{ usedWords }}</p>
      <p v-if="isLasting">It lasts: the browser does not clear it by itself.</p>
      <template v-else-if="isLasting === false">
        <p class="faint-note">
          The browser may clear it where room runs short, with records that still wait.
        </p>
        <div><Button @click="askToLast">Keep it for good</Button></div>
        <p v-if="isRefused" class="faint-note">
          The browser said no. Add Spudder to the home screen, then ask again; until then open it
          with signal at the end of the day.
        </p>
      </template>
      <p v-if="outbox.items.length > 0">
        <RouterLink class="reach" :to="{ name: 'waiting' }"
          >{{ outbox.items.length }}
          {{ outbox.items.length === 1 ? 'record waits' : 'records wait' }} here</RouterLink
        >
      </p>
      <template v-if="along.stands.length > 0">
        <p>These stands open without signal:</p>
        <AlongList />
      </template>
      <p v-else class="faint-note">
        Stands of the day go along by themselves; any other by “Take along” on its page.
      </p>
    </template>
  </div>
</template>
