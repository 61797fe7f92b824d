<script setup lang="ts">
import { tableMostMB } from '@spudder/contract/route'
import { typedNumber } from '@spudder/core/base/writing'
import { formatNumber } from '@spudder/core/base/writing'
import { zoneRoutes } from '@spudder/contract/zone'
import { useChange } from '../../api/use-change.ts'
import type { ZoneDto } from '@spudder/contract/zone'
import { CoreError } from '@spudder/core/base/error'
import {
  areaOf,
  readGeoJson,
  toOutline,
  type GridPoint,
  type Outline,
} from '@spudder/core/stand/ground'
import { Button, Input } from 'ant-design-vue'
import { computed, ref } from 'vue'
import { useZones } from '../../api/trial-zones.ts'
import { useStandCase } from '../../shared/case/stand-case.ts'
import FileButton from '../../ui/FileButton.vue'
import { numberIn } from '../../shared/form/number-text.ts'
import ProblemNote from '../../ui/ProblemNote.vue'
import TextField from '../../ui/TextField.vue'
import GridDrawing from '../../shared/ground/GridDrawing.vue'
import { useUndo } from '../../shared/history/use-undo.ts'
import { today } from '../../shared/units/today.ts'
import { areaM2Of, piecesOnGrid } from './zone-draft.ts'
import ZoneChoice from './ZoneChoice.vue'
import ZoneMap from './ZoneMap.vue'
import ZoneOnGround from './ZoneOnGround.vue'

/** Zones of a stand: where it chloroses, what pays there, and the map for the spreader. */
const { standId, stand, system } = useStandCase()
const query = useZones(() => standId.value)
const keep = useChange(zoneRoutes.create, { told: 'beside' })
const change = useChange(zoneRoutes.change, { told: 'beside' })
/** The worst first. */
const zones = computed<readonly ZoneDto[]>(() =>
  (query.data.value ?? []).toSorted((a, b) => (b.score ?? 0) - (a.score ?? 0)),
)
const ground = computed<Outline | undefined>(() => {
  const corners = stand.value?.measures?.outline
  return corners && toOutline(corners)
})
const undo = useUndo()
const current = ref<string>()
/** Where somebody stands, while the phone says so. */
const here = ref<GridPoint>()
const refused = ref('')
const isDrawing = ref(false)
const corners = ref<GridPoint[]>([])
const newName = ref('')
async function storeDrawn(): Promise<void> {
  refused.value = ''
  const name = newName.value.trim() || `Zone ${zones.value.length + 1}`
  const dto = { id: crypto.randomUUID(), name, outline: corners.value.map(([x, y]) => [x, y]) }
  if (!(await keep.send({ standId: standId.value, dto }))) return
  corners.value = []
  newName.value = ''
  isDrawing.value = false
}
async function readMap(files: readonly File[]): Promise<void> {
  refused.value = ''
  try {
    const pieces = readGeoJson((await files[0]?.text()) ?? '')
    const known = zones.value.find(({ origin }) => origin !== null)?.origin ?? null
    for (const piece of piecesOnGrid(pieces, known)) {
      const scoredOn = 'score' in piece ? { scoredOn: today() } : {}
      const dto = { id: crypto.randomUUID(), ...piece, ...scoredOn }
      if (!(await keep.send({ standId: standId.value, dto }))) return
    }
  } catch (error) {
    refused.value =
      error instanceof CoreError ? error.sentence('Map') : 'The map could not be stored.'
  }
}
async function score(zone: ZoneDto, text: string): Promise<void> {
  const value = numberIn(text)
  refused.value =
    value >= 1 && value <= 5 ? '' : `${zone.name}: give a score from 1 (green) to 5 (dying).`
  if (refused.value !== '' || value === zone.score) return
  const dto = { score: value, scoredOn: today(), version: zone.version }
  await change.send({ zoneId: zone.id, dto })
}
async function takeAway({ id, name, version }: ZoneDto): Promise<void> {
  if (!(await change.send({ zoneId: id, dto: { isTakenAway: true, version } }))) return
  undo.offer(`${name} is taken away.`, change.lastId())
}

const hectares = (zone: ZoneDto) => areaM2Of(zone) / 10000
const area = (zone: ZoneDto) =>
  system.value === 'us'
    ? `${formatNumber(hectares(zone) * 2.4710538, 3)} acre`
    : `${formatNumber(hectares(zone), 3)} ha`
const drawnArea = computed(() => {
  try {
    return corners.value.length > 2 ? `${formatNumber(areaOf(corners.value), 3)} m²` : ''
  } catch {
    return ''
  }
})
/** A score counts once its field is left; Enter leaves it. */
const scored = (zone: ZoneDto, { target }: Event) => score(zone, (target as HTMLInputElement).value)
const leave = ({ target }: Event) => (target as HTMLInputElement).blur()
</script>

<template>
  <div class="zones stack gap-32 items-start">
    <section class="place">
      <ProblemNote :problem="query.error.value ?? keep.error.value ?? change.error.value" />
      <ZoneMap
        v-if="zones.length > 0 || ground"
        :zones="zones"
        :ground="ground"
        :current="current"
        :here="here"
        @pick="current = $event"
      />
      <ZoneOnGround
        v-if="zones.length > 0"
        :zones="zones"
        :current="current"
        :system="system"
        @pick="current = $event"
        @score="score"
        @at="here = $event"
      />
      <p v-if="zones.length === 0" class="faint-note">
        Draw the parts that come pale, or take them from a map (GeoJSON), and give each a score: 1
        green, 5 dying.
      </p>
      <ul class="list stack gap-4">
        <li v-for="zone in zones" :key="zone.id" :class="{ on: current === zone.id }">
          <b>{{ zone.name }}</b> <span>{{ area(zone) }}</span>
          <Input
            class="score"
            addon-before="score"
            :value="zone.score === null ? '' : typedNumber(zone.score)"
            inputmode="decimal"
            :aria-label="`Chlorosis score of ${zone.name}, 1 to 5`"
            @blur="scored(zone, $event)"
            @press-enter="leave"
          />
          <Button size="small" :aria-label="`Remove ${zone.name}`" @click="takeAway(zone)"
            >Remove</Button
          >
        </li>
      </ul>
      <p v-if="refused" class="warn text-rust text-strong" role="alert">{{ refused }}</p>
      <div class="row lined wrapped gap-10 items-end">
        <Button @click="isDrawing = !isDrawing">{{
          isDrawing ? 'Leave the drawing' : 'Draw a zone'
        }}</Button>
        <FileButton
          accept=".geojson,.json,application/geo+json"
          :most-megabytes="tableMostMB"
          words="Zones from a map"
          @files="readMap"
        />
      </div>
      <div v-if="isDrawing" class="drawing">
        <TextField v-model="newName" label="Name of the zone" />
        <GridDrawing v-model="corners" :system="system" />
        <Button
          type="primary"
          :disabled="corners.length < 3"
          :loading="keep.isLoading.value"
          @click="storeDrawn"
        >
          Save zone {{ drawnArea }}
        </Button>
      </div>
    </section>
    <ZoneChoice :zones="zones" />
  </div>
</template>

<style scoped>
.zones {
  grid-template-columns: minmax(0, 1fr) minmax(0, 1.25fr);
}
.place,
.drawing {
  display: grid;
  gap: 10px;
}
.list li {
  display: flex;
  flex-wrap: wrap;
  gap: 4px 12px;
  align-items: center;
  padding: 3px 6px;
  border-left: 3px solid transparent;
}
.list .on {
  border-color: var(--rust);
}
.list span {
  color: var(--slate);
  font-size: var(--text-small);
  margin-right: auto;
}
@media (width < 900px) {
  .zones {
    grid-template-columns: minmax(0, 1fr);
  }
}
</style>
