<script setup lang="ts">
import { boxOf, type Outline } from '@spudder/core/stand/ground'
import type { Plot } from '@spudder/core/outcome/trial'
import { computed } from 'vue'
import { placePlots } from './site.ts'

/** Where the trial lies on the stand, to scale. */
const props = defineProps<{
  plots: readonly Plot[]
  size: { readonly length: number; readonly width: number }
  ground: Outline
}>()
const site = computed(() => placePlots(props.plots, props.size, props.ground))
const frame = computed(() => {
  const { west, east, south, north } = boxOf(props.ground)
  const pad = Math.max(east - west, north - south) * 0.04
  return {
    view: `${west - pad} ${-north - pad} ${east - west + 2 * pad} ${north - south + 2 * pad}`,
    stroke: pad / 8,
  }
})
const edge = computed(() => props.ground.map(([x, y]) => `${x},${-y}`).join(' '))
</script>

<template>
  <figure class="site stack gap-4 text-small text-slate">
    <svg :viewBox="frame.view" role="img" aria-label="The trial on the stand, to scale">
      <polygon :points="edge" class="ground" :stroke-width="frame.stroke * 1.6" />
      <rect
        v-for="plot in site.placed"
        :key="plot.number"
        :x="plot.west"
        :y="-plot.south - size.length"
        :width="size.width"
        :height="size.length"
        :stroke-width="frame.stroke"
      />
    </svg>
    <figcaption :class="{ warn: !site.fits }">
      {{
        site.fits
          ? 'On the stand, to scale; row 1 lies to the south.'
          : 'In its middle the stand is too narrow for it: make plots smaller or fewer.'
      }}
    </figcaption>
  </figure>
</template>

<style scoped>
.site {
  margin: 0;
}
svg {
  width: 100%;
  max-height: 190px;
}
.ground {
  fill: var(--sheet);
  stroke: var(--slate);
}
rect {
  fill: var(--sunken);
  stroke: var(--ink);
}
.warn {
  color: var(--rust);
  font-weight: 600;
}
</style>
