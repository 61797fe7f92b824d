<script setup lang="ts">
import DayField from '../../ui/DayField.vue'
import { formatDecimals } from '@spudder/core/base/writing'
import { percent } from '@spudder/core/base/quantity'
import type { PhotoDto } from '@spudder/contract/photo'
import type { Dab, PhotoMeasure } from '@spudder/core/seen/photo'
import { remarksById } from '@spudder/core/seen/photo'
import { Button, Checkbox } from 'ant-design-vue'
import { computed, ref, useTemplateRef, watch } from 'vue'
import PhotoPicture from '../../shared/photo/PhotoPicture.vue'
import ChipChoice from '../../ui/ChipChoice.vue'
import { vDrag, type DragPoint } from '../../ui/drag.ts'
import { overlayOf, severityColours } from './severity-overlay.ts'

/** One photo with what was measured of it, and a brush that says what is crop and what is not. */
const props = defineProps<{ photo: PhotoDto; measure: PhotoMeasure | undefined; isBusy: boolean }>()
const emit = defineEmits<{
  measure: [
    change: { dabs?: Dab[]; part?: 'whole' | 'untreated' | 'no-nitrogen'; takenOn?: string },
  ]
  close: []
}>()

const isMapped = ref(true)
const brush = ref<Dab['is']>('not-plant')
const isAlike = ref<'alike' | 'just'>('alike')
const dabs = ref<Dab[]>([...(props.photo.measure?.dabs ?? [])])
const takenOn = ref(props.photo.takenOn ?? '')
const part = computed({
  get: () => props.photo.measure?.part ?? 'whole',
  set: (now) => emit('measure', { dabs: dabs.value, part: now }),
})
const parts = [
  { value: 'whole' as const, words: 'the stand' },
  { value: 'untreated' as const, words: 'untreated strip' },
  { value: 'no-nitrogen' as const, words: 'strip without nitrogen' },
]
const brushes = [
  { value: 'not-plant' as const, words: 'not crop: weed, soil, dead leaf' },
  { value: 'plant' as const, words: 'crop' },
]
const reaches = [
  { value: 'alike' as const, words: 'and all of its colour' },
  { value: 'just' as const, words: 'just there' },
]

const kept = computed(() => props.photo.measure)
const remarks = computed(() => remarksById(kept.value?.remarks ?? []))
const shares = computed(() => kept.value?.severityShares ?? [])

const canvas = useTemplateRef<HTMLCanvasElement>('map')
function draw(): void {
  const { measure } = props
  const context = canvas.value?.getContext('2d')
  if (!measure || !context || !canvas.value) return
  canvas.value.width = measure.width
  canvas.value.height = measure.height
  context.putImageData(
    new ImageData(overlayOf(measure.severityMap), measure.width, measure.height),
    0,
    0,
  )
}
watch([() => props.measure, canvas], draw, { flush: 'post', immediate: true })

const picture = useTemplateRef<HTMLElement>('picture')
/** Lays a dab; both are shares of the photo, 0 … 1 from its left and from its top. */
function dabAt(x: number, y: number): void {
  dabs.value.push({
    is: brush.value,
    x,
    y,
    radius: 0.025,
    andAlike: isAlike.value === 'alike',
  })
}
function dab({ x, y }: DragPoint): void {
  const { clientWidth = 0, clientHeight = 0 } = picture.value ?? {}
  const [across, down] = [x / clientWidth, y / clientHeight]
  const isOnIt = [across, down].every((share) => share >= 0 && share <= 1)
  if (isOnIt) dabAt(across, down)
}
const isChanged = computed(
  () => JSON.stringify(dabs.value) !== JSON.stringify(kept.value?.dabs ?? []),
)
/** By keys: a dab in the middle of each third, for those without a pointer. */
function dabByKey(event: KeyboardEvent): void {
  const column = Number(event.key)
  if (!(column >= 1 && column <= 9)) return
  dabAt(((column - 1) % 3) / 3 + 1 / 6, Math.floor((column - 1) / 3) / 3 + 1 / 6)
}
const number = (value: number) => formatDecimals(value, 2)
</script>

<template>
  <section class="sheet view stack gap-16" :aria-label="`Photo ${photo.fileName}`">
    <div
      ref="picture"
      v-drag="{ start: dab, move: dab }"
      class="picture"
      role="application"
      tabindex="0"
      aria-label="Photo to brush over: draw with the pointer, or press 1 to 9 for a ninth of it"
      @keydown="dabByKey"
    >
      <PhotoPicture :photo-id="photo.id" :words="`Photo ${photo.fileName}`" draggable="false" />
      <canvas v-show="isMapped && measure" ref="map" aria-hidden="true" />
      <i
        v-for="(each, index) in dabs"
        :key="index"
        :class="['dab', each.is]"
        :style="{
          left: `${each.x * 100}%`,
          top: `${each.y * 100}%`,
          width: `${each.radius * 200}%`,
        }"
      />
    </div>
    <div class="stack gap-10 from-top shrinks">
      <dl v-if="kept">
        <div>
          <dt>Dark green colour index</dt>
          <dd class="figure">
            {{ number(kept.darkGreenIndex) }} <small>± {{ number(kept.doubt) }}</small>
          </dd>
        </div>
        <div>
          <dt>Cover</dt>
          <dd class="figure">{{ percent(kept.cover) }}</dd>
        </div>
        <div>
          <dt>Veins greener by</dt>
          <dd class="figure">{{ number(kept.veinContrast) }}</dd>
        </div>
      </dl>
      <p v-for="remark in remarks" :key="remark.id" class="remark text-small" role="note">
        {{ remark.words }}
      </p>
      <ol
        v-if="kept"
        class="severities lined wrapped text-small"
        aria-label="Share of the plant by severity"
      >
        <li v-for="(share, severity) in shares" :key="severity">
          <i :style="{ background: severityColours[severity] }" />
          <b>{{ severity }}</b> {{ percent(share) }}
        </li>
      </ol>
      <Checkbox v-model:checked="isMapped">severity over the photo</Checkbox>
      <p v-if="!measure && kept" class="faint-note">
        <Button type="link" size="small" @click="emit('measure', {})">Measure again</Button> to see
        the map.
      </p>
      <ChipChoice v-model="part" label="What it shows" :options="parts" />
      <div class="when">
        <DayField v-model="takenOn" label="Taken on" />
        <Button
          v-if="takenOn && takenOn !== photo.takenOn"
          @click="emit('measure', { dabs, takenOn })"
          >Set the day</Button
        >
      </div>
      <ChipChoice v-model="brush" label="The brush says" :options="brushes" />
      <ChipChoice v-model="isAlike" label="It counts for" :options="reaches" />
      <div class="row">
        <Button
          type="primary"
          :loading="isBusy"
          :disabled="!isChanged"
          @click="emit('measure', { dabs })"
        >
          Measure without it
        </Button>
        <Button :disabled="dabs.length === 0" @click="dabs = []">Brush off</Button>
        <Button @click="emit('close')">Close</Button>
      </div>
    </div>
  </section>
</template>

<style scoped>
.view {
  grid-template-columns: minmax(0, 1.5fr) minmax(260px, 1fr);
  padding: 12px;
}
.picture {
  position: relative;
  align-self: start;
  cursor: crosshair;
}
.picture img,
.picture canvas {
  display: block;
  width: 100%;
}
.picture canvas {
  position: absolute;
  inset: 0;
  height: 100%;
  opacity: 0.78;
}
.dab {
  position: absolute;
  aspect-ratio: 1;
  border-radius: 50%;
  transform: translate(-50%, -50%);
  border: 2px solid var(--on-rust);
  pointer-events: none;
}
.dab.not-plant {
  background: color-mix(in srgb, var(--rust) 60%, transparent);
}
dl {
  display: flex;
  flex-wrap: wrap;
  gap: 4px 20px;
}
dt {
  font-size: var(--text-tiny);
  color: var(--slate);
}
dd {
  margin: 0;
  font-size: var(--text-large);
  font-weight: 650;
}
dd small {
  font-size: var(--text-tiny);
  font-weight: 400;
  color: var(--slate);
}
.remark {
  padding: 7px 10px;
  background: var(--rust-wash);
  border-left: 3px solid var(--rust);
}
.severities {
  list-style: none;
  padding: 0;
  gap: 4px 12px;
}
.severities i {
  display: inline-block;
  width: 16px;
  height: 12px;
  border: 1px solid var(--strong-line);
  vertical-align: -1px;
}
.when,
.row {
  display: flex;
  flex-wrap: wrap;
  gap: 8px;
  align-items: end;
}
@media (width < 760px) {
  .view {
    grid-template-columns: minmax(0, 1fr);
  }
}
</style>
