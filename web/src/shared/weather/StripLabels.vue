<script setup lang="ts">
import { workWindows } from '@spudder/core/days/weather'
import { rowTop, shownWorks } from './strip-rows.ts'

/** What the rows of the weather strip are, beside it. */
defineProps<{ service: string }>()
</script>

<template>
  <div class="labels text-slate">
    <span v-if="service === 'none'" class="text-tiny"
      >No weather is known here. A station’s file can be taken in under Settings.</span
    >
    <template v-else>
      <span class="text-tiny">{{ service }}</span>
      <span class="hours">hours fit for</span>
      <span
        v-for="(work, row) in shownWorks"
        :key="work"
        class="work"
        :style="{ top: `${rowTop(row)}px` }"
        >{{ workWindows[work].label }}</span
      >
    </template>
  </div>
</template>

<style scoped>
.labels {
  position: relative;
  height: 76px;
}
.hours,
.work {
  position: absolute;
  right: 10px;
  font-size: 10.5px;
  line-height: 9px;
  white-space: nowrap;
}
.hours {
  top: 34px;
}
</style>
