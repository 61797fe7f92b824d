<script setup lang="ts">
import { Button } from 'ant-design-vue'
import { useIntervalFn } from '@vueuse/core'
import { computed, onMounted } from 'vue'
import { answeredFrom } from '../api/kept-answer.ts'
import { carryBy } from '../api/carrier.ts'
import { clockOf, dayOf, dayWords, today } from '../shared/units/today.ts'
import { useNewVersion } from './app-worker.ts'
import OutboxNote from './OutboxNote.vue'
import { outdoorCarrier } from './outdoor-carrier.ts'
import { useTakingAlong } from './use-taking-along.ts'

/** Everything that lets the page work outside: carries what is done, takes along what is needed, and says how it stands. */
carryBy(outdoorCarrier())
useTakingAlong()
const version = useNewVersion()
const hourMs = 3_600_000
onMounted(() => void version.watch())
// Who leaves the page open for days is offered a newer one all the same.
useIntervalFn(() => void version.ask(), hourMs)
const keptWords = computed(() => {
  const at = answeredFrom.value
  if (!at || Number.isNaN(at.getTime())) return ''
  const clock = clockOf(at)
  const day = dayOf(at)
  return day === today() ? `at ${clock}` : `${dayWords(day)} at ${clock}`
})
</script>

<template>
  <p v-if="keptWords" class="strip no-print" role="status">
    No signal: shown as it was {{ keptWords }}, with what you did here since.
  </p>
  <OutboxNote />
  <p v-if="version.isThere" class="strip no-print" role="status">
    A newer Spudder is here. It comes in when you close it, or now: what you typed stays.
    <Button type="link" size="small" @click="version.take()">Use it now</Button>
  </p>
</template>

<style scoped>
.strip {
  margin: 0 20px 8px;
  padding: 8px 12px;
  border-left: 3px solid var(--strong-line);
  background: var(--sunken);
}
@media (width < 700px) {
  .strip {
    margin: 0 10px 8px;
  }
}
</style>
