<script setup lang="ts">
import { tableMostMB } from '@spudder/contract/route'
import { Radio, RadioGroup } from 'ant-design-vue'
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
      :most-megabytes="tableMostMB"
      words="Open a GeoJSON file"
      @files="open"
    />
    <p v-if="problem" class="stop" role="alert">{{ problem }}</p>
    <RadioGroup
      v-if="pieces.length > 1"
      class="pieces"
      :value="chosen"
      aria-label="Ground of the file"
    >
      <Radio
        v-for="piece in pieces.slice(0, 60)"
        :key="piece.name"
        :value="piece.name"
        @change="emit('take', piece)"
      >
        {{ piece.name }}, {{ amountWords('area', piece.areaM2, system) }}
      </Radio>
    </RadioGroup>
  </div>
</template>

<style scoped>
.map,
.pieces {
  display: grid;
  gap: 6px;
}
</style>
