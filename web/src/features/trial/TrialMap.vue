<script setup lang="ts">
import { treatmentName, type Factor, type Plot } from '@spudder/core/outcome/trial'
import { computed } from 'vue'

/** Plots as they lie on the ground, each with its number and treatment, in the colour last rated. */
const props = defineProps<{
  plots: readonly Plot[]
  factors: readonly Factor[]
  /** Length along the walk and width across it [m]. */
  size: { readonly length: number; readonly width: number }
  colours?: ReadonlyMap<number, string> | undefined
  current?: number | undefined
  /** Whether treatments are hidden from whoever rates. */
  isBlind?: boolean
}>()
const emit = defineEmits<{ pick: [plot: number] }>()

const cell = computed(() => {
  const ratio = Math.min(1.1, Math.max(0.6, props.size.length / props.size.width))
  return { w: 100, h: Math.max(56, 100 * ratio) }
})
const columns = computed(() => Math.max(...props.plots.map(({ column }) => column)) + 1)
const rows = computed(() => Math.max(...props.plots.map(({ row }) => row)) + 1)
const view = computed(
  () => `-26 0 ${columns.value * cell.value.w + 30} ${rows.value * cell.value.h + 4}`,
)
const mostLines = 3
/** A name in lines that a plot is wide enough for. */
function linesOf(name: string): string[] {
  return name.split(' ').reduce<string[]>((lines, word) => {
    const last = lines.at(-1)
    if (last !== undefined && `${last} ${word}`.length <= 14)
      return lines.with(-1, `${last} ${word}`)
    return [...lines, word.slice(0, 14)]
  }, [])
}
/** The near edge lies below, as one stands before it. */
const placed = computed(() =>
  props.plots.map((plot) => ({
    ...plot,
    x: plot.column * cell.value.w,
    y: (rows.value - 1 - plot.row) * cell.value.h,
    words: props.isBlind ? 'treatment hidden' : treatmentName(props.factors, plot.levels),
    lines: props.isBlind
      ? []
      : props.factors.flatMap(({ name }) => linesOf(plot.levels[name] ?? '')).slice(0, mostLines),
  })),
)
</script>

<template>
  <svg
    :viewBox="view"
    class="map full-width"
    role="group"
    aria-label="Plots as they lie on the ground"
  >
    <text
      v-for="row in rows"
      :key="row"
      :x="-14"
      :y="(rows - row + 0.5) * cell.h + 4"
      class="block"
    >
      {{ row }}
    </text>
    <g
      v-for="plot in placed"
      :key="plot.number"
      :class="{ current: current === plot.number }"
      role="button"
      tabindex="0"
      :aria-label="`Plot ${plot.number}, ${plot.words}`"
      @click="emit('pick', plot.number)"
      @keydown.enter="emit('pick', plot.number)"
    >
      <rect
        :x="plot.x + 2"
        :y="plot.y + 2"
        :width="cell.w - 4"
        :height="cell.h - 4"
        :fill="colours?.get(plot.number) ?? 'var(--sheet)'"
      />
      <rect
        :x="plot.x + 2"
        :y="plot.y + 2"
        :width="cell.w - 4"
        :height="24 + plot.lines.length * 13"
        class="plate"
      />
      <text :x="plot.x + 8" :y="plot.y + 18" class="number text-heavy">{{ plot.number }}</text>
      <text
        v-for="(each, index) in plot.lines"
        :key="index"
        :x="plot.x + 8"
        :y="plot.y + 33 + index * 13"
        class="name"
      >
        {{ each }}
      </text>
    </g>
  </svg>
</template>

<style scoped>
.map {
  max-height: 460px;
}
rect {
  stroke: var(--strong-line);
}
.plate {
  fill: var(--sheet);
  stroke: none;
}
g {
  cursor: pointer;
}
.current > rect:first-of-type {
  stroke: var(--rust);
  stroke-width: 4;
}
text {
  fill: var(--ink);
  font-size: 12px;
}
.number {
  font-size: 15px;
}
.name {
  fill: var(--ink);
}
.block {
  fill: var(--slate);
  text-anchor: middle;
}
</style>
