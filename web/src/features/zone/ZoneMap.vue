<script setup lang="ts">
import { formatNumber } from '@spudder/core/base/writing'
import type { ZoneDto } from '@spudder/contract/zone'
import {
  boxOf,
  middleOf,
  toOutline,
  type GridPoint,
  type Outline,
} from '@spudder/core/stand/ground'
import { greennessOf, leafColour } from '@spudder/core/seen/colour'
import { computed } from 'vue'

/** The zones of a stand as they lie, each in the colour of its score, with name and score written. */
const props = defineProps<{
  zones: readonly ZoneDto[]
  ground: Outline | undefined
  current: string | undefined
  /** Where somebody stands. */
  here?: GridPoint | undefined
}>()
const emit = defineEmits<{ pick: [id: string] }>()

const outlineOf = ({ outline }: ZoneDto): Outline => toOutline(outline)
const frame = computed(() => {
  const all = [...(props.ground ?? []), ...props.zones.flatMap(outlineOf)]
  const { west, east, south, north } = boxOf(all.length > 0 ? all : [[0, 0], [10, 10]]) // prettier-ignore
  const pad = Math.max(east - west, north - south) * 0.04
  return {
    view: `${west - pad} ${-north - pad} ${east - west + 2 * pad} ${north - south + 2 * pad}`,
    unit: pad,
  }
})
const points = (outline: Outline): string => outline.map(([x, y]) => `${x},${-y}`).join(' ')
const drawn = computed(() =>
  props.zones.map((zone) => ({
    ...zone,
    points: points(outlineOf(zone)),
    at: middleOf(outlineOf(zone)),
    fill:
      zone.score === null ? 'var(--sunken)' : leafColour(greennessOf('chlorosisScore', zone.score)),
  })),
)
const scoreWords = (score: number | null) => (score === null ? undefined : formatNumber(score))
</script>

<template>
  <svg
    :viewBox="frame.view"
    class="map full-width"
    role="group"
    aria-label="Zones as they lie on the ground"
  >
    <polygon
      v-if="ground && ground.length > 2"
      :points="points(ground)"
      class="ground"
      :stroke-width="frame.unit / 6"
    />
    <g
      v-for="zone in drawn"
      :key="zone.id"
      role="button"
      tabindex="0"
      :aria-label="`${zone.name}, score ${scoreWords(zone.score) ?? 'not given'}`"
      @click="emit('pick', zone.id)"
      @keydown.enter="emit('pick', zone.id)"
    >
      <polygon
        :points="zone.points"
        :fill="zone.fill"
        :stroke-width="frame.unit / (current === zone.id ? 2.5 : 6)"
        :class="{ current: current === zone.id }"
      />
      <text
        :x="zone.at[0]"
        :y="-zone.at[1]"
        :font-size="frame.unit * 1.15"
        :stroke-width="frame.unit / 4"
      >
        {{ zone.name }} · {{ scoreWords(zone.score) ?? '?' }}
      </text>
    </g>
    <g v-if="here" aria-label="You" role="img">
      <circle :cx="here[0]" :cy="-here[1]" :r="frame.unit / 2" class="here" />
    </g>
  </svg>
</template>

<style scoped>
.here {
  fill: var(--rust);
  stroke: var(--sheet);
  stroke-width: 2px;
  vector-effect: non-scaling-stroke;
}
.map {
  max-height: 400px;
  background: var(--sheet);
  border: 1px solid var(--line);
  border-radius: var(--radius);
}
.ground {
  fill: none;
  stroke: var(--slate);
}
g {
  cursor: pointer;
}
g polygon {
  stroke: var(--ink);
}
g .current {
  stroke: var(--rust);
}
text {
  fill: var(--ink);
  stroke: var(--sheet);
  paint-order: stroke;
  text-anchor: middle;
  font-weight: 600;
}
</style>
