<script setup lang="ts">
import { computed } from 'vue'
import type { ColourStop } from './ribbon-paint.ts'

/** Colours through time as a gradient of a drawing, to be filled with by its id. */
const props = defineProps<{ gradientId: string; stops: readonly ColourStop[] }>()
const from = computed(() => props.stops[0]?.x ?? 0)
const to = computed(() => Math.max(from.value + 1, props.stops.at(-1)?.x ?? 0))
</script>

<template>
  <linearGradient :id="gradientId" gradientUnits="userSpaceOnUse" :x1="from" :x2="to" y1="0" y2="0">
    <stop
      v-for="stop in stops"
      :key="stop.x"
      :offset="(stop.x - from) / (to - from)"
      :stop-color="stop.colour"
    />
  </linearGradient>
</template>
