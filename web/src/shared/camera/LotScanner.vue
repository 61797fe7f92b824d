<script setup lang="ts">
import { readLotCode, type LotCode } from '@spudder/core/material/shelf'
import { BrowserMultiFormatReader, type IScannerControls } from '@zxing/browser'
import { Modal } from 'ant-design-vue'
import { onBeforeUnmount, onMounted, ref, useTemplateRef } from 'vue'
import FileButton from '../../ui/FileButton.vue'
import { cameraHindrance } from './use-camera.ts'

/** Reads the lot off a bag: by the camera, or from a picture of its code. */
const emit = defineEmits<{ lot: [code: LotCode]; close: [] }>()
const video = useTemplateRef<HTMLVideoElement>('video')
const reader = new BrowserMultiFormatReader()
const problem = ref('')
const words = ref('Hold the code on the bag before the camera.')
let controls: IScannerControls | undefined
/** The most that a picture of a code may be [MB]. */
const mostMB = 20

function read(text: string): void {
  const code = readLotCode(text)
  if (code) emit('lot', code)
  else
    words.value =
      'That code is the number of the article, and the same on every bag. Look for the one with the lot.'
}
onMounted(async () => {
  try {
    const facing = { video: { facingMode: 'environment' } }
    if (!video.value) return
    controls = await reader.decodeFromConstraints(facing, video.value, (result) => {
      if (result) read(result.getText())
    })
  } catch (error) {
    problem.value = cameraHindrance(error)
  }
})
onBeforeUnmount(() => controls?.stop())

async function open([file]: readonly File[]): Promise<void> {
  if (!file) return
  const url = URL.createObjectURL(file)
  try {
    read((await reader.decodeFromImageUrl(url)).getText())
  } catch {
    words.value =
      'No code was found in that picture. Take it straight from above, with the whole code in it; or type the lot.'
  } finally {
    URL.revokeObjectURL(url)
  }
}
</script>

<template>
  <Modal open title="Lot on the bag" :footer="null" :width="520" @cancel="emit('close')">
    <div class="stack gap-10">
      <p v-if="problem" class="stop" role="alert">{{ problem }}</p>
      <video v-else ref="video" muted playsinline aria-label="What the camera sees" />
      <p role="status">{{ words }}</p>
      <FileButton
        accept="image/*"
        :most-megabytes="mostMB"
        words="From a picture"
        @files="open($event)"
      />
    </div>
  </Modal>
</template>

<style scoped>
video {
  display: block;
  width: 100%;
  max-height: 50vh;
  background: #000;
}
</style>
