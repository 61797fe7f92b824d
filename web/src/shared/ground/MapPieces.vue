<script setup lang="ts">
import { CoreError } from '@spudder/core/base/error'
import { readGeoJson, type MappedGround } from '@spudder/core/stand/ground'
import { amountWords, type UnitSystem } from '@spudder/core/base/quantity'
import { ref } from 'vue'
import FileButton from '../../ui/FileButton.vue'

/** Opens a map file and lets one of its pieces of ground be taken. */
defineProps<{ system: UnitSystem; chosen: string }>()
const emit = defineEmits<{ take: [ground: MappedGround] }>()

const pieces = ref<readonly MappedGround[]>([])
const problem = ref('')
/** A field's edge is a few kilobytes; a file of this size is something else. */
const mostBytes = 20e6

async function open([file]: readonly File[]): Promise<void> {
  problem.value = ''
  pieces.value = []
  if (!file) return
  if (file.size > mostBytes) {
    problem.value = 'This file is over 20 MB. Export the one field alone.'
    return
  }
  try {
    pieces.value = readGeoJson(await file.text())
    const [first] = pieces.value
    if (first && pieces.value.length === 1) emit('take', first)
  } catch (error) {
    if (!(error instanceof CoreError)) throw error
    problem.value = error.sentence(file.name)
  }
}
</script>

<template>
  <div class="map">
    <FileButton
      accept=".geojson,.json,application/geo+json"
      words="Open a GeoJSON file"
      @files="open"
    />
    <p v-if="problem" class="stop" role="alert">{{ problem }}</p>
    <ul v-if="pieces.length > 1">
      <li v-for="piece in pieces.slice(0, 60)" :key="piece.name">
        <button type="button" :aria-pressed="piece.name === chosen" @click="emit('take', piece)">
          {{ piece.name }}, {{ amountWords('area', piece.areaM2, system) }}
        </button>
      </li>
    </ul>
  </div>
</template>

<style scoped>
.map,
ul {
  display: grid;
  gap: 6px;
}
li button {
  border: 1px solid var(--strong-line);
  background: var(--sheet);
  border-radius: var(--radius);
  padding: 6px 12px;
  min-height: 38px;
  cursor: pointer;
}
li button[aria-pressed='true'] {
  background: var(--ink);
  color: var(--paper);
}
</style>
