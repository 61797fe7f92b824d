<script setup lang="ts">
import type { ZoneDto } from '@spudder/contract/zone'
import { CoreError } from '@spudder/core/base/error'
import {
  areaOf,
  readGeoJson,
  toOutline,
  type GridPoint,
  type Outline,
} from '@spudder/core/stand/ground'
import { formatNumber } from '@spudder/core/base/quantity'
import { sourceWords } from '@spudder/core/base/reference'
import { applicationMap, chelateEffect, isClear, lossPerScore } from '@spudder/core/outcome/zone'
import { Button } from 'ant-design-vue'
import { computed, ref } from 'vue'
import { useChangeZone, useKeepZone, useZones } from '../../api/trials.ts'
import { useStandCase } from '../../shared/case/stand-case.ts'
import { saveText } from '../../shared/file/save-text.ts'
import FileButton from '../../shared/form/FileButton.vue'
import { useKept } from '../../shared/form/kept.ts'
import { numberIn } from '../../shared/form/number-text.ts'
import ProblemNote from '../../shared/form/ProblemNote.vue'
import TextField from '../../shared/form/TextField.vue'
import GridDrawing from '../../shared/ground/GridDrawing.vue'
import ScrollBox from '../../shared/ScrollBox.vue'
import { money } from '../../shared/units/money-words.ts'
import { today } from '../../shared/units/today.ts'
import {
  areaM2Of,
  choicesOf,
  firstChoice,
  piecesOnGrid,
  problemOf,
  zoneUnits,
} from './zone-draft.ts'
import ZoneMap from './ZoneMap.vue'

/** Zones of a stand: where it chloroses, what pays there, and the map for the spreader. */
const { standId, stand, system } = useStandCase()
const query = useZones(() => standId.value)
const keep = useKeepZone()
const change = useChangeZone()
/** The worst first. */
const zones = computed<readonly ZoneDto[]>(() =>
  (query.data.value ?? []).toSorted((a, b) => (b.score ?? 0) - (a.score ?? 0)),
)
const units = computed(() => zoneUnits(system.value))
/** Money a hectare as money of the place's ground. */
const onGround = (perHa: number): string => money(perHa * units.value.hectares, system.value)
const tons = (perHa: number): string =>
  ((perHa * units.value.hectares) / units.value.tonnes).toFixed(1)
const ground = computed<Outline | undefined>(() => {
  const corners = stand.value?.measures?.outline
  return corners && toOutline(corners)
})
const current = ref<string>()
const refused = ref('')
const { value: choice } = useKept(`zone-choice:${standId.value}`, () => firstChoice(system.value))
const wrong = computed(() => problemOf(choice.value, system.value))
const choices = computed(() => choicesOf(zones.value, choice.value, system.value))

/** Zones with their best choice and the next. */
const weighed = computed(() =>
  zones.value.flatMap((zone) => {
    const of = choices.value.get(zone.id) ?? []
    const [best, next] = of
    return best ? [{ zone, best, next, isSure: isClear(of) }] : []
  }),
)

const isDrawing = ref(false)
const corners = ref<GridPoint[]>([])
const newName = ref('')
async function storeDrawn(): Promise<void> {
  refused.value = ''
  const name = newName.value.trim() || `Zone ${zones.value.length + 1}`
  const dto = { id: crypto.randomUUID(), name, outline: corners.value.map(([x, y]) => [x, y]) }
  await keep.mutateAsync({ id: standId.value, dto }).then(
    () => {
      corners.value = []
      newName.value = ''
      isDrawing.value = false
    },
    () => undefined,
  )
}
async function readMap(files: readonly File[]): Promise<void> {
  refused.value = ''
  try {
    const pieces = readGeoJson((await files[0]?.text()) ?? '')
    const known = zones.value.find(({ origin }) => origin !== null)?.origin ?? null
    for (const piece of piecesOnGrid(pieces, known)) {
      await keep.mutateAsync({ id: standId.value, dto: { id: crypto.randomUUID(), ...piece } })
    }
  } catch (error) {
    refused.value =
      error instanceof CoreError ? `Map: give ${error.expected}.` : 'The map could not be stored.'
  }
}
async function score(zone: ZoneDto, text: string): Promise<void> {
  const value = numberIn(text)
  refused.value =
    value >= 1 && value <= 5 ? '' : `${zone.name}: give a score from 1 (green) to 5 (dying).`
  if (refused.value !== '' || value === zone.score) return
  const dto = { score: value, scoredOn: today() }
  await change.mutateAsync({ id: zone.id, dto }).catch(() => undefined)
}
const takeAway = (zone: ZoneDto) =>
  change.mutateAsync({ id: zone.id, dto: { isTakenAway: true } }).catch(() => undefined)

/** Where zero of the grid lies: of a map it is known, of drawn zones it must be told. */
const known = computed(() => zones.value.find(({ origin }) => origin !== null)?.origin ?? null)
const { value: typed } = useKept(`zone-origin:${standId.value}`, () => ({
  latitude: '',
  longitude: '',
}))
function saveMap(): void {
  const latitude = numberIn(typed.value.latitude)
  const longitude = numberIn(typed.value.longitude)
  const origin = known.value ?? { latitude, longitude }
  if (!(Math.abs(origin.latitude) <= 85 && Math.abs(origin.longitude) <= 180)) {
    refused.value =
      'Map: say where the lower left corner of the drawing lies, as latitude and longitude in degrees.'
    return
  }
  refused.value = ''
  const map = applicationMap(
    zones.value.map((zone) => ({
      name: zone.name,
      outline: toOutline(zone.outline),
      areaM2: areaM2Of(zone),
      score: zone.score,
      choice: choices.value.get(zone.id)?.[0],
    })),
    origin,
  )
  saveText('application-map.geojson', 'application/geo+json', JSON.stringify(map, null, 2))
}
const hectares = (zone: ZoneDto) => areaM2Of(zone) / 10000
const area = (zone: ZoneDto) =>
  system.value === 'us'
    ? `${formatNumber(hectares(zone) * 2.4710538, 3)} acre`
    : `${formatNumber(hectares(zone), 3)} ha`
const total = computed(() =>
  zones.value.reduce((sum, zone) => {
    const best = choices.value.get(zone.id)?.[0]
    return sum + hectares(zone) * (best?.marginPerHa.usual ?? 0)
  }, 0),
)
const drawnArea = computed(() => {
  try {
    return corners.value.length > 2 ? `${formatNumber(areaOf(corners.value), 3)} m²` : ''
  } catch {
    return ''
  }
})
</script>

<template>
  <div class="zones">
    <section class="place">
      <ProblemNote :problem="query.error.value ?? keep.error.value ?? change.error.value" />
      <ZoneMap
        v-if="zones.length > 0 || ground"
        :zones="zones"
        :ground="ground"
        :current="current"
        @pick="current = $event"
      />
      <p v-if="zones.length === 0" class="faint-note">
        Draw the parts that come pale, or take them from a map (GeoJSON), and give each a score: 1
        green, 5 dying.
      </p>
      <ul class="list">
        <li v-for="zone in zones" :key="zone.id" :class="{ on: current === zone.id }">
          <b>{{ zone.name }}</b> <span>{{ area(zone) }}</span>
          <label>
            score
            <input
              class="field-input"
              :value="zone.score ?? ''"
              inputmode="decimal"
              :aria-label="`Chlorosis score of ${zone.name}, 1 to 5`"
              @change="score(zone, ($event.target as HTMLInputElement).value)"
            />
          </label>
          <Button size="small" :aria-label="`Take ${zone.name} away`" @click="takeAway(zone)"
            >Take away</Button
          >
        </li>
      </ul>
      <p v-if="refused" class="warn" role="alert">{{ refused }}</p>
      <div class="row">
        <Button @click="isDrawing = !isDrawing">{{
          isDrawing ? 'Leave the drawing' : 'Draw a zone'
        }}</Button>
        <FileButton
          accept=".geojson,.json,application/geo+json"
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
          Keep the zone {{ drawnArea }}
        </Button>
      </div>
    </section>
    <section class="choice">
      <h2>What pays where</h2>
      <div class="what">
        <TextField
          v-model="choice.pricePerT"
          :label="`Crop, money ${units.crop}`"
          inputmode="decimal"
        />
        <fieldset v-for="variety in choice.varieties" :key="variety.name">
          <legend>{{ variety.name }}</legend>
          <TextField
            v-model="variety.yieldTPerHa"
            :label="`${units.yield} where green`"
            inputmode="decimal"
          />
          <TextField v-model="variety.tolerancePercent" label="tolerance, %" inputmode="decimal" />
          <TextField
            v-model="variety.seedPerHa"
            :label="`seed ${units.area}`"
            inputmode="decimal"
          />
        </fieldset>
        <fieldset v-for="chelate in choice.chelates.slice(1)" :key="chelate.name">
          <legend>{{ chelate.name }}</legend>
          <TextField v-model="chelate.kgPerHa" :label="units.rate" inputmode="decimal" />
          <TextField v-model="chelate.pricePerKg" :label="units.price" inputmode="decimal" />
        </fieldset>
      </div>
      <p v-if="wrong" class="warn" role="alert">{{ wrong }}</p>
      <ScrollBox v-if="choices.size > 0" label="Best choice by zone">
        <table>
          <thead>
            <tr>
              <th>Zone</th>
              <th>Best</th>
              <th>Score then</th>
              <th>{{ units.yield }}</th>
              <th>left {{ units.area }}</th>
              <th>Next best</th>
            </tr>
          </thead>
          <tbody>
            <tr v-for="{ zone, best, next, isSure } in weighed" :key="zone.id">
              <th scope="row">{{ zone.name }}, {{ zone.score }}</th>
              <td>
                {{ best.variety.name }}, {{ best.chelate.name }}
                <em v-if="!isSure">as good as the next</em>
              </td>
              <td>{{ best.score.low.toFixed(1) }}-{{ best.score.high.toFixed(1) }}</td>
              <td>{{ tons(best.yieldTPerHa.low) }}-{{ tons(best.yieldTPerHa.high) }}</td>
              <td>
                <b>{{ onGround(best.marginPerHa.usual) }}</b>
                <small>
                  {{ onGround(best.marginPerHa.low) }} to {{ onGround(best.marginPerHa.high) }}
                </small>
              </td>
              <td>
                {{
                  next
                    ? `${next.variety.name}, ${next.chelate.name}: ${onGround(next.marginPerHa.usual)}`
                    : ''
                }}
              </td>
            </tr>
          </tbody>
        </table>
      </ScrollBox>
      <p v-if="choices.size > 0" class="faint-note">
        Over all zones {{ money(total, system) }} are left after seed and chelate. A score costs
        {{ lossPerScore.low * 100 }} to {{ lossPerScore.high * 100 }} % of the yield ({{
          sourceWords(lossPerScore)
        }}); chelate takes {{ chelateEffect.low * 100 }} to {{ chelateEffect.high * 100 }} % of the
        score beyond 1 ({{ sourceWords(chelateEffect) }}).
      </p>
      <details v-if="zones.length > 0" class="out">
        <summary>Application map for the planter or spreader</summary>
        <p v-if="known" class="faint-note">
          The map knows where it lies: {{ known.latitude.toFixed(5) }},
          {{ known.longitude.toFixed(5) }}.
        </p>
        <div v-else class="pair">
          <TextField
            v-model="typed.latitude"
            label="Latitude of the lower left corner"
            inputmode="decimal"
          />
          <TextField v-model="typed.longitude" label="Longitude" inputmode="decimal" />
        </div>
        <Button @click="saveMap">Save GeoJSON</Button>
        <p class="faint-note">
          Rates are those of the best choice. The label and local rules come first.
        </p>
      </details>
    </section>
  </div>
</template>

<style scoped>
.zones {
  display: grid;
  grid-template-columns: minmax(0, 1fr) minmax(0, 1.25fr);
  gap: 32px;
  align-items: start;
}
.place,
.choice,
.drawing,
.out {
  display: grid;
  gap: 10px;
}
.list {
  display: grid;
  gap: 4px;
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
  font-size: 0.86rem;
  margin-right: auto;
}
.list input {
  width: 66px;
}
.row,
.pair {
  display: flex;
  flex-wrap: wrap;
  gap: 10px;
  align-items: end;
}
.what {
  display: grid;
  gap: 8px;
}
fieldset {
  display: grid;
  grid-template-columns: repeat(3, minmax(0, 1fr));
  gap: 8px;
}
legend {
  font-size: 0.86rem;
  font-weight: 600;
}
.warn {
  color: var(--rust);
  font-weight: 560;
}
table {
  border-collapse: collapse;
  font-size: 0.88rem;
}
th,
td {
  padding: 4px 14px 4px 0;
  text-align: left;
  vertical-align: top;
}
td em {
  display: block;
  color: var(--slate);
  font-size: 0.8rem;
}
small {
  display: block;
  color: var(--slate);
}
summary {
  cursor: pointer;
  color: var(--rust);
}
@media (width < 900px) {
  .zones {
    grid-template-columns: minmax(0, 1fr);
  }
}
</style>
