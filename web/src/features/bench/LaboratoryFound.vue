<script setup lang="ts">
import { formatNumber } from '@spudder/core/base/writing'
import type { CellError, ImportedReading } from '@spudder/core/seen/laboratory'
import { readingKinds } from '@spudder/core/seen/reading'
import { computed } from 'vue'
import { dayWords } from '../../shared/units/today.ts'
import type { NamedStand } from './use-file-reading.ts'

/** What was found in a laboratory's file: the cells that cannot be read, and the first readings. */
const props = defineProps<{
  readings: readonly ImportedReading[]
  errors: readonly CellError[]
  stands: readonly NamedStand[]
}>()
const nameOf = (standId: string) => props.stands.find((each) => each.id === standId)?.name ?? ''
const preview = computed(() => props.readings.slice(0, 8))
</script>

<template>
  <div v-if="errors.length > 0" class="stop" role="alert">
    <p>
      {{ errors.length }} cells cannot be read; nothing is stored until they are mended here or in
      the file.
    </p>
    <ul>
      <li v-for="error in errors.slice(0, 8)" :key="`${error.line}${error.column}`">
        Line {{ error.line }}, {{ error.column }}: {{ error.message }}
      </li>
    </ul>
  </div>
  <p v-else class="faint-note">{{ readings.length }} readings. The first of them:</p>
  <ul class="preview">
    <li v-for="each in preview" :key="`${each.line}${each.column}`">
      {{ dayWords(each.takenOn) }}, {{ nameOf(each.standId) }},
      {{ each.place === 'whole' ? '' : `${each.place}: ` }}
      {{ readingKinds[each.kind].label }}
      <b>{{ formatNumber(each.value, 3) }} {{ readingKinds[each.kind].unit }}</b>
    </li>
  </ul>
</template>

<style scoped>
.preview li {
  font-size: var(--text-small);
  padding: 1px 0;
}
</style>
