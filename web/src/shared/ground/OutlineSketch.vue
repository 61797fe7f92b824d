<script setup lang="ts">
import { boxOf, type FillEnd, type Outline } from '@spudder/core/stand/ground'
import { computed } from 'vue'

/** A piece of ground by its edge, with the lines at which fills end. */
const props = defineProps<{ outline: Outline; ends?: readonly FillEnd[]; label: string }>()

const frame = computed(() => {
  const { west, east, south, north } = boxOf(props.outline)
  const pad = Math.max(east - west, north - south) * 0.06
  return {
    view: `${west - pad} ${-north - pad} ${east - west + 2 * pad} ${north - south + 2 * pad}`,
    stroke: pad / 5,
    text: pad * 1.1,
  }
})
// North is up on paper and down in SVG.
const points = computed(() => props.outline.map(([x, y]) => `${x},${-y}`).join(' '))
const lines = computed(() =>
  (props.ends ?? []).slice(0, -1).map(({ line: [from, to] }, index) => ({
    number: index + 1,
    x1: from[0],
    y1: -from[1],
    x2: to[0],
    y2: -to[1],
  })),
)
const clip = `ground-${crypto.randomUUID()}`
</script>

<template>
  <svg :viewBox="frame.view" role="img" :aria-label="label" class="ground full-width">
    <clipPath :id="clip"><polygon :points="points" /></clipPath>
    <polygon :points="points" class="edge" :stroke-width="frame.stroke" />
    <g :clip-path="`url(#${clip})`">
      <line
        v-for="line in lines"
        :key="line.number"
        v-bind="{ x1: line.x1, y1: line.y1, x2: line.x2, y2: line.y2 }"
        class="end"
        :stroke-width="frame.stroke"
        :stroke-dasharray="`${frame.stroke * 4} ${frame.stroke * 3}`"
      />
    </g>
    <text
      v-for="line in lines"
      :key="line.number"
      :x="line.x1 === line.x2 ? line.x1 : line.x1 + frame.text * 0.3"
      :y="line.x1 === line.x2 ? line.y2 - frame.text * 0.2 : line.y1 - frame.text * 0.2"
      :font-size="frame.text"
      text-anchor="middle"
    >
      {{ line.number }}
    </text>
  </svg>
</template>

<style scoped>
.ground {
  max-height: 220px;
}
.edge {
  fill: var(--sunken);
  stroke: var(--ink);
}
.end {
  stroke: var(--rust);
}
text {
  fill: var(--rust);
  font-weight: 650;
}
</style>
