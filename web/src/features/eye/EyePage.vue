<script setup lang="ts">
import {
  asSeen,
  eyeScaleNames,
  eyeScales,
  fewestPhotos,
  picturesOfSitting,
  type EyeScale,
} from '@spudder/core/seen/eye'
import { Button } from 'ant-design-vue'
import { computed, ref } from 'vue'
import { useRatedPhotos } from '../../api/eyes.ts'
import { useMay } from '../../api/me.ts'
import { usePlace } from '../../api/places.ts'
import { useEyes } from '../../shared/eye/use-eyes.ts'
import RoleNote from '../../shared/role/RoleNote.vue'
import WorkerNote from '../../shared/worker/WorkerNote.vue'
import ChipChoice from '../../ui/ChipChoice.vue'
import EyeResults from './EyeResults.vue'
import ScreensPanel from './ScreensPanel.vue'
import SittingPanel from './SittingPanel.vue'
import { useSittingDraft } from './sitting-draft.ts'
import SittingsList from './SittingsList.vue'

/** How steady and how true one's eye is: turf and leaves of known colour, rated blind and twice. */
const { place } = usePlace()
const { may } = useMay()
const { sittings, eyes, failure, again } = useEyes(() => place.value?.id)
const sitting = useSittingDraft()
const draft = computed(() => sitting.kept.draft)

const scales = eyeScaleNames.map((value) => ({ value, words: eyeScales[value].label }))
const scale = ref<EyeScale>('turfColour')
const onScale = computed(() =>
  (sittings.data.value ?? []).filter((each) => each.scale === scale.value),
)
const eyesOnScale = computed(() => (eyes.value ?? []).filter((each) => each.scale === scale.value))
/** As they were really seen: on a measured screen what is drawn is not quite what is shown. */
const seenOnScale = computed(() => asSeen(onScale.value, place.value?.settings.screens ?? []))

const { data: photos } = useRatedPhotos(() => (may('look') ? place.value?.id : undefined))
const photosOnScale = computed(() =>
  (photos.value ?? []).filter(({ scales: of }) => of.includes(scale.value)),
)
const areEnough = computed(() => photosOnScale.value.length >= fewestPhotos.value)
const pictures = [
  { value: 'drawn', words: 'Drawn' },
  { value: 'photos', words: 'Own photos' },
] as const
const chosen = ref<'drawn' | 'photos'>('drawn')
const isOfPhotos = computed(() => chosen.value === 'photos')
const count = computed(
  () => 2 * Math.min(picturesOfSitting.value, isOfPhotos.value ? photosOnScale.value.length : Infinity), // prettier-ignore
)
const begin = () => sitting.begin(scale.value, isOfPhotos.value ? photosOnScale.value : undefined)
</script>

<template>
  <h1>Eye</h1>
  <RoleNote needs="look" />
  <p v-if="!draft" class="readable text-slate above-4">
    Colour is judged by eye, and eyes differ. Rate turf and leaves whose colour is known, drawn or
    photographed, each twice without knowing it: then it is plain how far your numbers can be
    trusted, and how they stand beside those of others.
  </p>
  <div class="page stack gap-32 above-16 items-start">
    <SittingPanel v-if="draft && place" :place-id="place.id" :draft="draft" />
    <section v-else class="stack gap-12" aria-label="Begin a sitting">
      <ChipChoice v-model="scale" label="Scale" :options="scales" />
      <template v-if="may('look')">
        <ChipChoice v-model="chosen" label="Pictures" :options="pictures" />
        <p v-if="isOfPhotos" class="faint-note">
          {{ photosOnScale.length }} photos with leaves measured by the card<template
            v-if="!areEnough"
            >; {{ fewestPhotos.value }} are needed. Take them under Watch, the card beside the
            leaves</template
          >. The doubt of the card counts as your own.
        </p>
        <div class="lined gap-12 items-center">
          <Button type="primary" size="large" :disabled="isOfPhotos && !areEnough" @click="begin"
            >Begin a sitting</Button
          >
          <span v-if="!isOfPhotos || areEnough" class="faint-note"
            >{{ count }} pictures, a few minutes</span
          >
        </div>
      </template>
      <p class="faint-note">
        Sit in the light that you work in, the screen as bright as it mostly is.
      </p>
      <ScreensPanel />
    </section>
    <section v-if="!draft" class="stack gap-16">
      <WorkerNote :failure="failure" @again="again" />
      <template v-if="onScale.length > 0">
        <EyeResults v-if="eyesOnScale.length > 0" :eyes="eyesOnScale" :sittings="seenOnScale" />
        <p v-else-if="eyes" class="faint-note">
          Too few pictures were rated twice to say anything of an eye.
        </p>
        <SittingsList :sittings="onScale" />
      </template>
      <p v-else-if="sittings.data.value" class="faint-note">
        Nobody has sat on this scale yet. After the first sitting it stands here how far off the
        numbers are.
      </p>
    </section>
  </div>
</template>

<style scoped>
.page {
  grid-template-columns: minmax(0, 1fr);
}
/* One begins on the left and reads on the right. */
@media (width >= 1100px) {
  .page {
    grid-template-columns: minmax(300px, 420px) minmax(0, 1fr);
  }
  .page:has(.sitting) {
    grid-template-columns: minmax(0, 1fr);
  }
}
</style>
