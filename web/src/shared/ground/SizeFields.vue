<script setup lang="ts">
import FoldBox from '../../ui/FoldBox.vue'
import { formatNumber } from '@spudder/core/base/writing'
import type { SizeKind } from '@spudder/core/stand/plant'
import { amountWords, type UnitSystem } from '@spudder/core/base/quantity'
import { computed } from 'vue'
import type { MappedGround } from '@spudder/core/stand/ground'
import ChipChoice from '../../ui/ChipChoice.vue'
import TextField from '../../ui/TextField.vue'
import GridDrawing from './GridDrawing.vue'
import LoopParts from './LoopParts.vue'
import MapPieces from './MapPieces.vue'
import OutlineSketch from './OutlineSketch.vue'
import { groundWays, type GroundWay, type ReadSize, type SizeDraft } from './size-draft.ts'

/** The size of a stand as people measure it: tape, paces, map, girths, tanks. */
const props = defineProps<{
  kind: SizeKind
  system: UnitSystem
  read: ReadSize
  /** What the server or the request check has against a measure, by field. */
  messageFor: (field: string) => string | undefined
}>()
const draft = defineModel<SizeDraft>({ required: true })

const ways = (Object.keys(groundWays) as GroundWay[]).map((value) => ({
  value,
  words: groundWays[value],
}))
const problem = (field: string) => props.read.problems[field]
const example = computed(() => (props.system === 'us' ? 'ft' : 'm'))
function take({ name, areaM2, outline }: MappedGround): void {
  Object.assign(draft.value, { mapName: name, mapAreaM2: areaM2, mapOutline: [...outline] })
}
const isDrawn = computed(() => draft.value.way === 'draw')
const summed = computed(() => {
  const { size } = props.read
  return size?.kind === 'solution' && draft.value.parts.length > 0
    ? amountWords('volume', size.volumeL, props.system)
    : ''
})
</script>

<template>
  <template v-if="kind === 'area'">
    <ChipChoice v-model="draft.way" label="How its size is measured" :options="ways" />
    <TextField
      v-if="draft.way === 'area' || draft.way === undefined"
      v-model="draft.area"
      label="Area"
      :hint="`any unit, such as ${amountWords('area', system === 'us' ? 418 : 400, system)}`"
      :message="problem('area') ?? messageFor('size.areaM2')"
    />
    <div v-if="draft.way === 'sides'" class="fitting stack gap-10 items-start">
      <TextField
        v-model="draft.length"
        label="Length"
        :hint="`for example 40 ${example}`"
        :message="problem('length')"
      />
      <TextField v-model="draft.width" label="Width" :message="problem('width')" />
    </div>
    <TextField
      v-if="draft.way === 'circle'"
      v-model="draft.diameter"
      label="Diameter"
      :hint="`straight across, for example 18 ${example}`"
      :message="problem('diameter')"
    />
    <div v-if="draft.way === 'triangle'" class="fitting stack gap-10 items-start">
      <TextField v-model="draft.side1" label="First side" :message="problem('side1')" />
      <TextField v-model="draft.side2" label="Second side" :message="problem('side2')" />
      <TextField v-model="draft.side3" label="Third side" :message="problem('side3')" />
    </div>
    <template v-if="draft.way === 'offsets'">
      <p class="faint-note">
        Lay a line along the longest way. At equal steps measure straight across, edge to edge, from
        one end of the line to the other.
      </p>
      <div class="fitting stack gap-10 items-start">
        <TextField v-model="draft.line" label="Length of the line" :message="problem('line')" />
        <TextField
          v-model="draft.widths"
          label="Widths across it, in order"
          :hint="`for example 0, 8, 10, 6, 0 ${example}`"
          :message="problem('widths')"
        />
      </div>
    </template>
    <GridDrawing v-if="isDrawn" v-model="draft.outline" :system="system" />
    <p v-if="isDrawn && problem('outline')" class="stop" role="alert">{{ problem('outline') }}</p>
    <MapPieces v-if="draft.way === 'map'" :system="system" :chosen="draft.mapName" @take="take" />
    <div
      v-if="read.ground && draft.way !== 'area' && draft.way !== undefined"
      class="result stack gap-6"
    >
      <OutlineSketch
        v-if="!isDrawn && read.ground.outline.length > 2"
        :outline="read.ground.outline"
        label="The ground as measured"
      />
      <p>
        <b>{{ amountWords('area', read.ground.areaM2, system) }}</b> {{ read.ground.formula }}
      </p>
    </div>
    <p v-if="messageFor('size.areaM2') && draft.way !== 'area'" class="stop" role="alert">
      {{ messageFor('size.areaM2') }}
    </p>
    <FoldBox words="Plants or rows on it, where a rate counts by them">
      <div class="fitting stack gap-10 items-start">
        <TextField
          v-model="draft.plants"
          label="Plants on it, if counted"
          hint="for rates by plant; 4 x 12 will do"
          :message="problem('plants') ?? messageFor('measures.plantCount')"
        />
        <TextField
          v-model="draft.row"
          label="Row or drip line, in all"
          hint="for rates by length"
          :message="problem('row') ?? messageFor('measures.rowM')"
        />
      </div>
    </FoldBox>
  </template>

  <template v-if="kind === 'trunks'">
    <TextField
      v-model="draft.count"
      label="How many trees"
      hint="or rows times trees a row: 4 x 12"
      :message="problem('count') ?? messageFor('size.count')"
    />
    <div class="fitting stack gap-10 items-start">
      <TextField
        v-model="draft.trunk"
        label="Trunk diameter, on average"
        hint="at chest height; for example 4 in or 10 cm"
        :message="problem('trunk') ?? messageFor('size.diameterM')"
      />
      <TextField
        v-model="draft.girths"
        label="Or girths with a tape, one a tree"
        hint="for example 31, 28, 35 in"
        :message="problem('girths')"
      />
    </div>
    <p v-if="read.size?.kind === 'trunks' && draft.girths" class="faint-note">
      {{ amountWords('length', read.size.diameterM, system) }} thick on average (girth ÷ 3.14),
      {{ formatNumber(read.size.count) }} trees.
    </p>
    <TextField
      v-model="draft.ground"
      label="Ground under them, if known"
      hint="for rates by area and for sums over a season"
      :message="problem('ground') ?? messageFor('measures.groundM2')"
    />
  </template>

  <div v-if="kind === 'pots'" class="fitting stack gap-10 items-start">
    <TextField
      v-model="draft.count"
      label="How many pots"
      hint="or rows times pots a row: 12 x 40"
      :message="problem('count') ?? messageFor('size.count')"
    />
    <TextField
      v-model="draft.pot"
      label="Size of a pot"
      hint="for example 1 gal or 3 L"
      :message="problem('pot') ?? messageFor('size.potL')"
    />
  </div>

  <template v-if="kind === 'solution'">
    <TextField
      v-if="draft.parts.length === 0"
      v-model="draft.volume"
      label="Solution in the loop"
      hint="for example 900 gal or 3400 L"
      :message="problem('volume') ?? messageFor('size.volumeL')"
    />
    <LoopParts v-model="draft.parts" :problems="read.problems" />
    <p v-if="summed">
      <b>{{ summed }}</b> in the loop, by its parts
    </p>
  </template>
</template>

<style scoped>
.result b {
  font-size: var(--text-large);
  font-weight: 650;
}
</style>
