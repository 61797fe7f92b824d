<script setup lang="ts">
import { photoMostMB } from '@spudder/contract/route'
import ProgressBar from '../../ui/ProgressBar.vue'
import { formatDecimals } from '@spudder/core/base/writing'
import { remarksById } from '@spudder/core/seen/photo'
import { Button } from 'ant-design-vue'
import { computed } from 'vue'
import PhotoPicture from '../../shared/photo/PhotoPicture.vue'
import { useStandCase } from '../../shared/case/stand-case.ts'
import ChipChoice from '../../ui/ChipChoice.vue'
import CameraButton from '../../shared/camera/CameraButton.vue'
import FileButton from '../../ui/FileButton.vue'
import ProblemNote from '../../ui/ProblemNote.vue'
import { dayWords } from '../../shared/units/today.ts'
import { printColourCard } from '../../shared/photo/print-card.ts'
import { usePhotoStore } from './photo-store.ts'
import PhotoView from './PhotoView.vue'

/** Photos of the stand: taken in, measured, brushed over. */
const { standId, story, system } = useStandCase()
const store = usePhotoStore(() => standId.value)
const { progress, refusals, part, measures, busy, opened, problem } = store

const photos = computed(() =>
  (story.value?.photos ?? []).toSorted((a, b) => (b.takenOn ?? '').localeCompare(a.takenOn ?? '')),
)
const shown = computed(() => photos.value.find(({ id }) => id === opened.value))
const parts = [
  { value: 'whole' as const, words: 'the stand' },
  { value: 'untreated' as const, words: 'the untreated strip' },
]
const partWords = { whole: '', untreated: 'untreated', 'no-nitrogen': 'no nitrogen' } as const
/** Bound by hand: templates do not follow maps. */
const measureOf = (id: string) => measures.get(id)
</script>

<template>
  <section
    class="batch stack gap-10"
    aria-label="Photos"
    @dragover.prevent
    @drop.prevent="store.take($event.dataTransfer?.files)"
  >
    <header>
      <h2>Photos</h2>
      <ChipChoice v-model="part" label="New ones show" :options="parts" />
      <CameraButton @files="store.take($event)" />
      <FileButton
        accept="image/jpeg,image/png"
        :most-megabytes="photoMostMB"
        words="Add photos"
        is-multiple
        @files="store.take($event)"
      />
      <Button @click="printColourCard(system)">Print the colour card</Button>
    </header>
    <div v-if="progress" class="progress lined gap-10 items-center" role="status">
      <ProgressBar :share="progress.done / progress.total" label="Photos measured" />
      {{ progress.done }} of {{ progress.total }} measured
      <Button size="small" @click="store.stop()">Stop</Button>
    </div>
    <ul v-if="refusals.length > 0" class="refusals text-rust text-small text-strong" role="alert">
      <li v-for="words in refusals" :key="words">{{ words }}</li>
    </ul>
    <ProblemNote :problem="problem" />
    <p v-if="photos.length === 0" class="faint-note">
      Lay the printed colour card beside the leaves, in the same light, and take the picture from
      where you will stand next time. Drop pictures here; they are kept before they are measured.
    </p>
    <ul v-else class="strip lined wrapped gap-10">
      <li v-for="photo in photos" :key="photo.id">
        <Button
          class="photo"
          :aria-expanded="opened === photo.id"
          @click="opened = opened === photo.id ? undefined : photo.id"
        >
          <PhotoPicture :photo-id="photo.id" :words="`Photo ${photo.fileName}`" loading="lazy" />
          <b v-if="busy.has(photo.id)">measuring …</b>
          <b v-else-if="photo.measure?.isComparable" class="figure">
            {{ formatDecimals(photo.measure.darkGreenIndex, 2) }}
          </b>
          <b v-else-if="photo.measure" class="refused">not compared</b>
          <b v-else>not measured</b>
          <span>
            {{ photo.takenOn ? dayWords(photo.takenOn) : 'no day' }}
            {{ partWords[photo.measure?.part ?? 'whole'] }}
          </span>
          <span v-if="photo.measure && !photo.measure.isComparable" class="visually-hidden">
            {{ remarksById(photo.measure.remarks)[0]?.words }}
          </span>
        </Button>
      </li>
    </ul>
    <PhotoView
      v-if="shown"
      :key="shown.id"
      :photo="shown"
      :measure="measureOf(shown.id)"
      :is-busy="busy.has(shown.id)"
      @measure="store.measureAnew(shown, $event)"
      @close="opened = undefined"
    />
  </section>
</template>

<style scoped>
header {
  display: flex;
  flex-wrap: wrap;
  gap: 8px 18px;
  align-items: end;
}
header h2 {
  margin-right: auto;
  align-self: center;
}
.photo {
  display: grid;
  width: 130px;
  height: auto;
  padding: 5px;
  text-align: start;
  white-space: normal;
  font-size: var(--text-tiny);
}
.photo[aria-expanded='true'] {
  border-color: var(--ink);
}
.strip img {
  width: 100%;
  height: 82px;
  object-fit: cover;
  border-radius: 3px;
}
.strip b {
  font-size: var(--text-body);
  color: var(--ink);
}
.strip .refused {
  color: var(--rust);
  font-size: var(--text-small);
}
</style>
