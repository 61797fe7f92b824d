<script setup lang="ts">
import { Button } from 'ant-design-vue'
import { formatAtMost, typedNumber } from '@spudder/core/base/writing'
import type { GridPoint } from '@spudder/core/stand/ground'
import { placeUnits, type UnitSystem } from '@spudder/core/base/quantity'
import { computed, ref } from 'vue'
import ChoiceField from '../../ui/ChoiceField.vue'
import { vDrag, type Drag, type DragPoint } from '../../ui/drag.ts'

/** A plain grid on which the corners of a piece of ground are set, dragged and typed by arrows. */
const props = defineProps<{ system: UnitSystem }>()
const outline = defineModel<GridPoint[]>({ required: true })

const length = placeUnits[props.system].length
const cells = 20
const rows = 13
/** Side of a square of the grid, in what people pace in. */
const steps = (props.system === 'us' ? [2, 5, 10, 25, 50, 100] : [0.5, 1, 2, 5, 10, 25, 50]).map(
  (count) => ({ m: count * length.inMetric, words: `${typedNumber(count)} ${length.unit}` }),
)
const stepOptions = steps.map(({ m, words }) => ({
  value: String(m),
  words: `a square is ${words}`,
}))
/** The smallest grid that holds what is drawn already. */
function firstStep(): string {
  const reach = Math.max(0, ...outline.value.flat())
  const fit = steps.find(({ m }) => m * rows >= reach && outline.value.length > 0)
  return String((fit ?? steps[Math.min(2, steps.length - 1)])?.m ?? 1)
}
const step = ref(firstStep())
const stepM = computed(() => Number(step.value))

const unit = 24
const width = cells * unit
const height = rows * unit
/** Around the grid, so that corners on its edge are whole. */
const margin = 8
const toScreen = ([east, north]: GridPoint) => ({
  x: (east / stepM.value) * unit,
  y: height - (north / stepM.value) * unit,
})
const corners = computed(() => outline.value.map(toScreen))
const points = computed(() => corners.value.map(({ x, y }) => `${x},${y}`).join(' '))

const dragged = ref<number>()
/** Corners snap to a fifth of a square, as fine as a hand sets them. */
const snap = (squares: number, most: number) =>
  Math.min(most, Math.max(0, Math.round(squares * 5) / 5)) * stepM.value

const pointAt = ({ x, y }: DragPoint): GridPoint => [
  snap(x / unit, cells),
  snap((height - y) / unit, rows),
]
/** The corner that was pressed, if it was one. */
function pressedCorner({ target }: Event): number | undefined {
  const corner = target instanceof Element ? target.closest('[data-corner]') : null
  return corner instanceof SVGElement ? Number(corner.dataset['corner']) : undefined
}
const drag: Drag = {
  at: (pressed) => {
    const corner = pressedCorner(pressed)
    return corner === undefined ? undefined : corners.value[corner]
  },
  start: (point, pressed) => {
    dragged.value = pressedCorner(pressed) ?? outline.value.length
    // Beside the corners a press sets one more.
    if (dragged.value === outline.value.length) outline.value = [...outline.value, pointAt(point)]
  },
  move: (point) => {
    if (dragged.value === undefined) return
    outline.value = outline.value.with(dragged.value, pointAt(point))
  },
  end: () => {
    dragged.value = undefined
  },
}
const arrows: Readonly<Record<string, readonly [number, number]>> = {
  ArrowLeft: [-0.2, 0],
  ArrowRight: [0.2, 0],
  ArrowUp: [0, 0.2],
  ArrowDown: [0, -0.2],
}
function key(event: KeyboardEvent, index: number): void {
  if (event.key === 'Delete' || event.key === 'Backspace') {
    outline.value = outline.value.filter((_, each) => each !== index)
    return
  }
  const by = arrows[event.key]
  const point = outline.value[index]
  if (!by || !point) return
  event.preventDefault()
  outline.value = outline.value.with(index, [
    snap(point[0] / stepM.value + by[0], cells),
    snap(point[1] / stepM.value + by[1], rows),
  ])
}
/** For keys alone: the next corner a square to the right of the last. */
function addCorner(): void {
  const last = outline.value.at(-1) ?? [0, stepM.value]
  const next: GridPoint = [
    snap(last[0] / stepM.value + 1, cells),
    snap(last[1] / stepM.value, rows),
  ]
  outline.value = [...outline.value, next]
}
const said = ([east, north]: GridPoint) => {
  const inUnit = (metres: number) =>
    `${formatAtMost(metres / length.inMetric, props.system === 'us' ? 0 : 1)} ${length.unit}`
  return `${inUnit(east)} along, ${inUnit(north)} up`
}
</script>

<template>
  <div class="drawing stack gap-8">
    <ChoiceField v-model="step" label="Grid" :options="stepOptions" />
    <svg
      v-drag="drag"
      :viewBox="`${-margin} ${-margin} ${width + 2 * margin} ${height + 2 * margin}`"
      class="grid full-width"
      aria-label="Grid: tap to set corners, drag to move them"
      role="group"
    >
      <g class="lines">
        <line
          v-for="i in cells + 1"
          :key="`v${i}`"
          :x1="(i - 1) * unit"
          :x2="(i - 1) * unit"
          y1="0"
          :y2="height"
          :class="{ five: (i - 1) % 5 === 0 }"
        />
        <line
          v-for="i in rows + 1"
          :key="`h${i}`"
          :y1="height - (i - 1) * unit"
          :y2="height - (i - 1) * unit"
          x1="0"
          :x2="width"
          :class="{ five: (i - 1) % 5 === 0 }"
        />
      </g>
      <polygon v-if="outline.length > 1" :points="points" class="edge" />
      <g
        v-for="(corner, index) in corners"
        :key="index"
        :data-corner="index"
        tabindex="0"
        role="button"
        class="corner"
        :aria-label="`Corner ${index + 1}, ${said(outline[index]!)}; arrows move it, Delete takes it away`"
        @keydown="key($event, index)"
      >
        <circle :cx="corner.x" :cy="corner.y" r="16" class="reach" />
        <circle :cx="corner.x" :cy="corner.y" r="6" class="dot" />
      </g>
    </svg>
    <div class="lined wrapped gap-8">
      <Button size="small" @click="addCorner">Add a corner</Button>
      <Button size="small" :disabled="outline.length === 0" @click="outline = outline.slice(0, -1)">
        Undo the last corner
      </Button>
      <Button size="small" :disabled="outline.length === 0" @click="outline = []">
        Start over
      </Button>
    </div>
  </div>
</template>

<style scoped>
.drawing {
  max-width: 600px;
}
.grid {
  background: var(--sheet);
  border: 1px solid var(--line);
  border-radius: var(--radius);
  cursor: crosshair;
}
.lines line {
  stroke: var(--line);
  stroke-width: 0.7;
}
.lines .five {
  stroke: var(--strong-line);
  stroke-width: 1;
}
.edge {
  fill: var(--sunken);
  fill-opacity: 0.75;
  stroke: var(--ink);
  stroke-width: 2;
  stroke-linejoin: round;
}
.corner {
  cursor: grab;
}
.reach {
  fill: transparent;
}
.dot {
  fill: var(--rust);
}
.corner:focus-visible {
  outline: none;
}
.corner:focus-visible .dot {
  stroke: var(--ink);
  stroke-width: 3;
}
</style>
