<script setup lang="ts">
import { said } from '../units/said.ts'
import { cautionsFor } from '@spudder/core/apply/caution'
import type { SourceId } from '@spudder/core/material/source'
import type { Context, Route } from '@spudder/core/stand/plant'
import { computed } from 'vue'

/** The cautions of a piece of work, at the step at which they matter. */
const props = defineProps<{ context: Context; route: Route; sourceId: SourceId }>()
const cautions = computed(() =>
  cautionsFor({ context: props.context, route: props.route, sourceId: props.sourceId }),
)
</script>

<template>
  <div class="cautions" role="note" aria-label="Cautions">
    <h2 class="minor">Before you open the bag</h2>
    <ul>
      <li v-for="caution in cautions" :key="caution.id">{{ said(caution.words) }}</li>
    </ul>
  </div>
</template>

<style scoped>
.cautions {
  border-left: 3px solid var(--rust);
  background: var(--rust-wash);
  padding: 9px 13px;
  border-radius: 0 var(--radius) var(--radius) 0;
}
h2 {
  color: var(--ink);
}
ul {
  display: grid;
  gap: 4px;
  font-size: var(--text-small);
  padding-left: 15px;
  list-style: disc;
  margin-top: 3px;
}
</style>
