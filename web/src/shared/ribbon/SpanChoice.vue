<script setup lang="ts">
import SpanSwitch from '../../ui/SpanSwitch.vue'
import { spans } from './time-spans.ts'
import { useTimeWindow } from './use-time-window.ts'

const time = useTimeWindow()
const names = spans.map(({ name }) => name)
</script>

<template>
  <SpanSwitch
    :names="names"
    :model-value="time.span"
    @update:model-value="time.show($event)"
    @shift="time.shift(($event * time.days) / 3)"
  />
</template>
