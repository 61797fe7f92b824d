<script setup lang="ts">
import { formatDecimals } from '@spudder/core/base/writing'
import { Button } from 'ant-design-vue'
import { ring } from '../../shared/device/alarm.ts'
import { useAwake } from '../../shared/device/use-awake.ts'
import TextField from '../../ui/TextField.vue'
import { useStopwatch } from './use-stopwatch.ts'

/** Seconds of a run, by the watch on the page or typed from another. */
defineProps<{ label: string; message?: string | undefined }>()
const text = defineModel<string>({ required: true })
const watch = useStopwatch()
// Whoever catches water looks at the jug: the watch is heard and felt, and its screen stays on.
useAwake(watch.isRunning)

function press(): void {
  ring(watch.isRunning.value ? 2 : 1)
  if (watch.isRunning.value) {
    watch.stop()
    text.value = `${formatDecimals(watch.seconds.value, 1)} s`
  } else {
    watch.start()
  }
}
</script>

<template>
  <div class="timed stack gap-10 items-start">
    <Button size="large" :type="watch.isRunning.value ? 'primary' : 'default'" @click="press">
      {{
        watch.isRunning.value
          ? `Stop at ${formatDecimals(watch.seconds.value, 0)} s`
          : 'Start the watch'
      }}
    </Button>
    <TextField v-model="text" :label="label" hint="or typed: 34 s, 1.2 min" :message="message" />
  </div>
</template>

<style scoped>
.timed {
  grid-template-columns: auto minmax(110px, 1fr);
}
.timed > :deep(.ant-btn) {
  height: 48px;
  min-width: 140px;
  margin-top: 20px;
  font-variant-numeric: tabular-nums;
}
</style>
