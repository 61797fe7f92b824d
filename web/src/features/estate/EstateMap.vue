<script setup lang="ts">
import type { EstateStandDto } from '@spudder/contract/stand'
import { standRoutes } from '@spudder/contract/stand'
import { Switch } from 'ant-design-vue'
import L from 'leaflet'
import 'leaflet/dist/leaflet.css'
import { computed, onBeforeUnmount, onMounted, ref, useTemplateRef, watch } from 'vue'
import { useRouter } from 'vue-router'
import { useChange } from '../../api/use-change.ts'
import ProblemNote from '../../ui/ProblemNote.vue'
import { useToasts } from '../../ui/use-toasts.ts'
import type { ListedStand } from './estate-list.ts'
import { cornersOf, layStands, type LaidStand } from './estate-map.ts'

/** The ground of the stands as one map, to scale, in the colour of their leaves; no tiles, no network. */
const props = defineProps<{
  stands: readonly ListedStand[]
  rows: readonly EstateStandDto[]
  system: 'us' | 'metric'
}>()
const router = useRouter()
const toasts = useToasts()
const change = useChange(standRoutes.change, { told: 'beside' })
const box = useTemplateRef<HTMLElement>('box')
const isArranged = ref(false)
const laid = computed(() => layStands(props.stands))
const undrawn = computed(() => props.stands.filter(({ outline }) => outline === undefined))
let map: L.Map | undefined
let shapes = L.layerGroup()
/** So far an arrow key moves a stand [m]. */
const stepM = 5

/** Stores where a stand lies; the other measures of it stay. */
async function put({ stand, at }: LaidStand, by: readonly [number, number]): Promise<void> {
  const before = props.rows.find((row) => row.stand.id === stand.id)?.stand.measures
  const atM = [Math.round(at[0] + by[0]), Math.round(at[1] + by[1])]
  const sent = await change.send({ standId: stand.id, dto: { measures: { ...before, atM } } })
  if (sent) {
    toasts.say(`${stand.name} was moved.`, () =>
      change.send({ standId: stand.id, dto: { measures: { ...before } } }),
    )
  }
}
const arrows: Readonly<Record<string, readonly [number, number]>> = {
  ArrowLeft: [-stepM, 0],
  ArrowRight: [stepM, 0],
  ArrowUp: [0, stepM],
  ArrowDown: [0, -stepM],
}
function onKey(event: KeyboardEvent, each: LaidStand): void {
  if (event.key === 'Enter') void open(each)
  const by = arrows[event.key]
  if (!by || !isArranged.value) return
  event.preventDefault()
  event.stopPropagation()
  void put(each, by)
}
const open = ({ stand }: LaidStand) => router.push({ name: 'stand', params: { standId: stand.id } })

function drag(polygon: L.Polygon, each: LaidStand, from: L.LeafletMouseEvent): void {
  if (!map || !isArranged.value) return
  const start = from.latlng
  const corners = cornersOf(each)
  let by: [number, number] = [0, 0]
  map.dragging.disable()
  const move = ({ latlng }: L.LeafletMouseEvent) => {
    by = [latlng.lng - start.lng, latlng.lat - start.lat]
    polygon.setLatLngs(corners.map(([north, east]) => [north + by[1], east + by[0]]))
  }
  map.on('mousemove', move)
  map.once('mouseup', () => {
    map?.off('mousemove', move)
    map?.dragging.enable()
    if (Math.hypot(...by) >= 1) void put(each, by)
  })
}

function draw(): void {
  if (!map) return
  shapes.clearLayers()
  const styles = getComputedStyle(document.documentElement)
  for (const each of laid.value) {
    const polygon = L.polygon(cornersOf(each), {
      color: styles.getPropertyValue('--ink'),
      weight: 1.5,
      fillColor: each.stand.paint ?? styles.getPropertyValue('--sunken'),
      fillOpacity: 0.9,
    })
    polygon.bindTooltip(each.stand.name, {
      permanent: true,
      direction: 'center',
      className: 'name',
    })
    polygon.on('click', () => !isArranged.value && void open(each))
    polygon.on('mousedown', (event) => drag(polygon, each, event))
    polygon.addTo(shapes)
    const element = polygon.getElement()
    element?.setAttribute('tabindex', '0')
    element?.setAttribute('role', 'link')
    element?.setAttribute(
      'aria-label',
      `${each.stand.name}: ${each.stand.colour || 'not looked at'}`,
    )
    element?.addEventListener('keydown', (event) => onKey(event as KeyboardEvent, each))
  }
}
function fit(): void {
  const bounds = L.latLngBounds(laid.value.flatMap(cornersOf))
  if (bounds.isValid()) map?.fitBounds(bounds, { padding: [20, 20], animate: false })
}
onMounted(() => {
  if (!box.value) return
  map = L.map(box.value, {
    crs: L.CRS.Simple,
    minZoom: -6,
    attributionControl: false,
    zoomSnap: 0.25,
  })
  map.setView([0, 0], 0)
  L.control.scale({ metric: props.system === 'metric', imperial: props.system === 'us' }).addTo(map)
  shapes = L.layerGroup().addTo(map)
  draw()
  fit()
})
watch(laid, draw)
onBeforeUnmount(() => map?.remove())
</script>

<template>
  <p class="faint-note">
    <Switch v-model:checked="isArranged" aria-label="Arrange the stands" />&ensp;<b>Arrange.</b>
    {{
      isArranged
        ? 'Drag a stand to where it lies, or move it by arrow keys, 5 m at a time.'
        : 'To scale, in the colour of the leaves. Stands that nobody placed stand in rows.'
    }}
  </p>
  <ProblemNote :problem="change.error.value" />
  <div ref="box" class="map" role="region" aria-label="Map of the stands" />
  <p v-if="undrawn.length > 0" class="faint-note">
    Not drawn yet:
    <template v-for="(each, index) in undrawn" :key="each.id"
      ><template v-if="index > 0">, </template>
      <RouterLink :to="{ name: 'size', params: { standId: each.id } }">{{ each.name }}</RouterLink>
    </template>
  </p>
</template>

<style scoped>
.map {
  height: min(560px, 62vh);
  margin: 6px 0;
  background: var(--sunken);
  border: 1px solid var(--line);
  border-radius: var(--radius);
}
.map {
  font: inherit;
}
.map :deep(.leaflet-bar a) {
  background: var(--sheet);
  color: var(--ink);
  border-color: var(--line);
  text-decoration: none;
}
.map :deep(.leaflet-control-scale-line) {
  background: var(--sheet);
  border-color: var(--ink);
  color: var(--ink);
}
.map :deep(.name) {
  padding: 1px 6px;
  border: 0;
  background: var(--sheet);
  color: var(--ink);
  font: inherit;
  font-size: var(--text-tiny);
  box-shadow: none;
}
.map :deep(path:focus-visible) {
  stroke: var(--rust);
  stroke-width: 4;
  outline: none;
}
</style>
