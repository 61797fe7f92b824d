<script setup lang="ts">
import { Button } from 'ant-design-vue'
import { computed, ref, shallowRef, useTemplateRef, watchEffect } from 'vue'
import { saveBlob, saveText } from '../../ui/save-file.ts'
import { useWidth } from '../ribbon/use-width.ts'
import type { Chart } from './chart.ts'
import { chartPng, chartSvg } from './chart-file.ts'
import { drawChart, type Readable } from './draw-chart.ts'

/** A drawing with axes, as wide as there is room; its points are read by keys as by pointing. */
const props = defineProps<{
  chart: Chart
  /** What the file of the drawing is called. */
  name: string
  leastWidth?: number
  /** Where a drawing has a place of its own in the page, and nobody wants it as a file. */
  isBare?: boolean
}>()
const room = useWidth('box')
const width = computed(() => Math.max(props.leastWidth ?? 240, room.value))
const svg = useTemplateRef<SVGSVGElement>('svg')
const readable = shallowRef<readonly Readable[]>([])
watchEffect(
  () => {
    if (svg.value) readable.value = drawChart(svg.value, props.chart, width.value)
  },
  { flush: 'post' },
)

/** Which value is being read. */
const at = ref<number>()
const read = computed(() => (at.value === undefined ? undefined : readable.value[at.value]))
const steps: Readonly<Record<string, (now: number | undefined, last: number) => number>> = {
  ArrowRight: (now, last) => (now === undefined ? 0 : Math.min(last, now + 1)),
  ArrowLeft: (now, last) => (now === undefined ? last : Math.max(0, now - 1)),
  Home: () => 0,
  End: (_, last) => last,
}
function go(event: KeyboardEvent): void {
  const step = steps[event.key]
  if (event.key === 'Escape') at.value = undefined
  if (!step || readable.value.length === 0) return
  event.preventDefault()
  at.value = step(at.value, readable.value.length - 1)
}
const problem = ref('')
const file = computed(() => props.name.toLowerCase().replace(/[^a-z0-9]+/gi, '-'))
const saveSvg = () =>
  saveText(`${file.value}.svg`, 'image/svg+xml', chartSvg(props.chart, width.value))
async function savePng(): Promise<void> {
  problem.value = ''
  try {
    saveBlob(`${file.value}.png`, await chartPng(props.chart, width.value))
  } catch {
    problem.value = 'This browser cannot make a picture of it. Take the drawing (SVG).'
  }
}
</script>

<template>
  <figure ref="box" class="chart shrinks">
    <div
      class="plot"
      :tabindex="readable.length > 0 ? 0 : undefined"
      :role="readable.length > 0 ? 'group' : undefined"
      :aria-label="readable.length > 0 ? `${name}: arrow keys read its values` : undefined"
      @keydown="go"
      @blur="at = undefined"
    >
      <svg ref="svg" role="img" :aria-label="chart.label" />
      <span
        v-if="read"
        class="ring"
        :style="{ left: `${read.x}px`, top: `${read.y}px` }"
        aria-hidden="true"
      />
    </div>
    <p class="read text-small" aria-live="polite">{{ read?.words }}</p>
    <p v-if="!isBare" class="files lined gap-6 no-print">
      <Button type="link" size="small" :aria-label="`${name} as a drawing, SVG`" @click="saveSvg"
        >drawing</Button
      >
      <Button type="link" size="small" :aria-label="`${name} as a picture, PNG`" @click="savePng"
        >picture</Button
      >
    </p>
    <p v-if="problem" class="stop" role="alert">{{ problem }}</p>
  </figure>
</template>

<style scoped>
.chart {
  position: relative;
  margin: 0;
  overflow: hidden;
}
.plot {
  position: relative;
}
svg {
  display: block;
}
.ring {
  position: absolute;
  width: 22px;
  height: 22px;
  margin: -11px;
  border: 2px solid var(--rust);
  border-radius: 50%;
  pointer-events: none;
}
.read {
  position: absolute;
  top: 0;
  left: 50%;
  padding: 1px 7px;
  background: var(--ink);
  color: var(--paper);
  border-radius: var(--radius);
  translate: -50%;
}
.read:empty {
  padding: 0;
}
/* Over the drawing's own margin, so that it takes no room below. */
.files {
  position: absolute;
  top: -3px;
  right: 0;
}
.files :deep(button) {
  height: 18px;
  padding: 0 2px;
  font-size: var(--text-tiny);
  line-height: 1;
  opacity: 0.75;
}
@media (width < 700px) {
  .files :deep(button) {
    height: 26px;
    padding: 0 6px;
  }
}
</style>
