<script setup lang="ts">
import { photoMostMB } from '@spudder/contract/route'
import { photoRoutes } from '@spudder/contract/photo'
import { useChange } from '../../api/use-change.ts'
import { photoTypes } from '@spudder/contract/photo'
import { computed, ref } from 'vue'
import { fieldMessage } from '../../api/api-problem.ts'
import { keptFileName } from '../../api/photos.ts'
import PhotoLink from '../../shared/photo/PhotoLink.vue'
import { useStandCase } from '../../shared/case/stand-case.ts'
import CameraButton from '../../shared/camera/CameraButton.vue'
import FileButton from '../../ui/FileButton.vue'
import ProblemNote from '../../ui/ProblemNote.vue'
import MendButton from '../../shared/history/MendButton.vue'
import { dayWords } from '../../shared/units/today.ts'

/** Photos beside the look, kept with its case. */
const { standId, photos } = useStandCase()
const keep = useChange(photoRoutes.keep, { told: 'beside' })
const refused = ref('')
/** What the server had against the picture itself. */
const ofTheFile = computed(() => fieldMessage(keep.error.value, 'photo'))
const mostBytes = photoMostMB * 1024 * 1024

async function take(files: Iterable<File> | undefined): Promise<void> {
  refused.value = ''
  for (const file of files ?? []) {
    if (!(photoTypes as readonly string[]).includes(file.type)) {
      refused.value = `${file.name}: give a JPEG or PNG picture.`
      continue
    }
    if (file.size > mostBytes) {
      refused.value = `${file.name}: at most ${photoMostMB} MB; take it at a smaller size.`
      continue
    }
    const photoId = crypto.randomUUID()
    await keep.send({
      standId: standId.value,
      query: { id: photoId, fileName: keptFileName(file.name) },
      dto: file,
    })
  }
}
</script>

<template>
  <section
    class="sheet photos lined wrapped items-center"
    aria-label="Photos"
    @dragover.prevent
    @drop.prevent="take($event.dataTransfer?.files)"
  >
    <h2>Photos</h2>
    <ul v-if="photos.length > 0">
      <li v-for="photo in photos" :key="photo.id">
        <PhotoLink :photo-id="photo.id" :words="`Photo ${photo.fileName}`" />
        <span>{{ photo.takenOn ? dayWords(photo.takenOn) : 'no day in the picture' }}</span>
        <MendButton :id="photo.id" kind="photo" :about="`Photo ${photo.fileName}`" />
      </li>
    </ul>
    <CameraButton @files="take" />
    <FileButton
      accept="image/jpeg,image/png"
      :most-megabytes="photoMostMB"
      :words="keep.isLoading.value ? 'Keeping …' : 'Add a photo'"
      is-multiple
      @files="take"
    />
    <p class="faint-note">JPEG or PNG, or drop it here. Kept with the case.</p>
    <p v-if="refused || ofTheFile" class="refused text-rust text-small text-strong" role="alert">
      {{ refused || ofTheFile }}
    </p>
    <ProblemNote v-else :problem="keep.error.value" />
  </section>
</template>

<style scoped>
.photos {
  padding: 10px 14px;
  gap: 8px 14px;
}
ul {
  display: flex;
  flex-wrap: wrap;
  gap: 8px;
}
li {
  display: grid;
  font-size: var(--text-tiny);
  color: var(--slate);
  max-width: 96px;
}
li :deep(img) {
  width: 96px;
  height: 72px;
  object-fit: cover;
  border-radius: 4px;
  display: block;
}
</style>
