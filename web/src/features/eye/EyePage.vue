<script setup lang="ts">
import { eyeScaleNames, eyeScales, picturesOfSitting, type EyeScale } from '@spudder/core/seen/eye'
import { Button } from 'ant-design-vue'
import { computed, ref } from 'vue'
import { useMay } from '../../api/me.ts'
import { usePlace } from '../../api/places.ts'
import { useEyes } from '../../shared/eye/use-eyes.ts'
import RoleNote from '../../shared/role/RoleNote.vue'
import WorkerNote from '../../shared/worker/WorkerNote.vue'
import ChipChoice from '../../ui/ChipChoice.vue'
import EyeResults from './EyeResults.vue'
import SittingPanel from './SittingPanel.vue'
import { useSittingDraft } from './sitting-draft.ts'
import SittingsList from './SittingsList.vue'

/** How steady and how true one's eye is: drawn turf and leaves of known colour, rated blind and twice. */
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
const count = 2 * picturesOfSitting.value
</script>

<template>
  <h1>Eye</h1>
  <RoleNote needs="look" />
  <p v-if="!draft" class="readable text-slate above-4">
    Colour is judged by eye, and eyes differ. Rate drawn turf and leaves whose colour is known, each
    twice without knowing it: then it is plain how far your numbers can be trusted, and how they
    stand beside those of others.
  </p>
  <div class="page stack gap-32 above-16 items-start">
    <SittingPanel v-if="draft && place" :place-id="place.id" :draft="draft" />
    <section v-else class="stack gap-12" aria-label="Begin a sitting">
      <ChipChoice v-model="scale" label="Scale" :options="scales" />
      <div v-if="may('look')" class="lined gap-12 items-center">
        <Button type="primary" size="large" @click="sitting.begin(scale)">Begin a sitting</Button>
        <span class="faint-note">{{ count }} pictures, a few minutes</span>
      </div>
      <p class="faint-note">
        Sit in the light that you work in, the screen as bright as it mostly is.
      </p>
    </section>
    <section v-if="!draft" class="stack gap-16">
      <WorkerNote :failure="failure" @again="again" />
      <template v-if="onScale.length > 0">
        <EyeResults v-if="eyesOnScale.length > 0" :eyes="eyesOnScale" :sittings="onScale" />
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
