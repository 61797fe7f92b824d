<script setup lang="ts">
import type { Comparison } from '@spudder/core/outcome/trial'
import { scaleLinear } from 'd3-scale'
import { computed } from 'vue'
import { useWidth } from '../../shared/ribbon/use-width.ts'

/** Means with their error bars and letters: two that share a letter are not apart. */
const props = defineProps<{
  comparison: Comparison
  bounds: { readonly min: number; readonly max: number }
  colourOf: (value: number) => string
}>()
const width = useWidth('box')
const row = 30
const margin = { left: 190, right: 64 }
const height = computed(() => props.comparison.means.length * row + 26)
const x = computed(() => {
  const reach = props.comparison.means.flatMap(({ mean, deviation }) => [
    mean - 2.2 * (deviation || 0),
    mean + 2.2 * (deviation || 0),
  ])
  const from = Math.max(props.bounds.min, Math.min(...reach))
  const to = Math.min(props.bounds.max, Math.max(...reach))
  return scaleLinear(
    [from, to === from ? from + 1 : to],
    [margin.left, Math.max(margin.left + 60, width.value - margin.right)],
  ).nice()
})
const said = (value: number) => Number(value.toPrecision(3))
const label = computed(() =>
  props.comparison.means
    .map(({ group, mean, letters }) => `${group} ${said(mean)} ${letters}`)
    .join(', '),
)
</script>

<template>
  <div ref="box">
    <svg :width="Math.max(320, width)" :height="height" role="img" :aria-label="label">
      <g v-for="tick in x.ticks(5)" :key="tick">
        <line :x1="x(tick)" :x2="x(tick)" y1="0" :y2="height - 22" class="grid" />
        <text :x="x(tick)" :y="height - 6" class="tick">{{ tick }}</text>
      </g>
      <g
        v-for="(mean, index) in comparison.means"
        :key="mean.group"
        :transform="`translate(0 ${index * row + row / 2})`"
      >
        <text :x="margin.left - 10" y="4" class="name">{{ mean.group }}</text>
        <line
          v-if="mean.deviation > 0"
          :x1="x(mean.mean - mean.deviation)"
          :x2="x(mean.mean + mean.deviation)"
          class="bar"
        />
        <circle :cx="x(mean.mean)" r="7" :fill="colourOf(mean.mean)" class="point" />
        <text :x="width - margin.right + 12" y="4" class="letters">
          {{ said(mean.mean) }}
          <tspan class="letter">{{ mean.letters }}</tspan>
        </text>
      </g>
    </svg>
  </div>
</template>

<style scoped>
svg {
  display: block;
}
.grid {
  stroke: var(--line);
}
.bar {
  stroke: var(--ink);
  stroke-width: 2;
}
.point {
  stroke: var(--ink);
  stroke-width: 1.4;
}
text {
  font-size: 12.5px;
  fill: var(--ink);
}
.name {
  text-anchor: end;
}
.tick {
  text-anchor: middle;
  fill: var(--slate);
  font-size: 11px;
}
.letter {
  font-weight: 680;
}
</style>
