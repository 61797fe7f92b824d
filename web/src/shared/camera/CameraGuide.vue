<script setup lang="ts">
import { colourCard, measuredSide } from '@spudder/core/seen/photo'
import { Button, Modal } from 'ant-design-vue'
import { computed, onMounted, ref, useTemplateRef } from 'vue'
import { useIntervalFn } from '@vueuse/core'
import { today } from '../units/today.ts'
import { usePhotoReader } from '../photo/use-photo-reader.ts'
import { useCamera } from './use-camera.ts'

/** The camera with a frame for the card, and a word at once on light, blur and distance. */
const emit = defineEmits<{ taken: [file: File]; close: [] }>()
const video = useTemplateRef<HTMLVideoElement>('video')
const camera = useCamera(video)
const reader = usePhotoReader()
/** How often it is looked at what the camera sees [ms]. */
const againMs = 900
const words = ref('Lay the card beside the leaves, into the frame.')
const isGood = ref(false)
const isBusy = ref(false)

async function judge(): Promise<void> {
  if (!camera.isOn.value || isBusy.value) return
  isBusy.value = true
  try {
    const seen = await camera.still(measuredSide.value)
    if (!seen) return
    const { remarks } = await reader.read(seen)
    isGood.value = remarks.length === 0
    words.value = remarks[0]?.words ?? 'Good: light, distance and card are right. Take it.'
  } catch (error) {
    words.value = error instanceof Error ? error.message : ''
  } finally {
    isBusy.value = false
  }
}
useIntervalFn(() => void judge(), againMs)
onMounted(() => void camera.start())

async function take(): Promise<void> {
  const picture = await camera.still()
  if (!picture) return
  const clock = new Date().toTimeString().slice(0, 8).replaceAll(':', '-')
  emit('taken', new File([picture], `${today()} ${clock}.jpg`, { type: 'image/jpeg' }))
}
/** As the card lies when it takes a quarter of the width, which is what its colours need. */
const cardShape = computed(() => `${colourCard.widthMm} / ${colourCard.heightMm}`)
</script>

<template>
  <Modal open title="Photo with the card" :footer="null" :width="720" @cancel="emit('close')">
    <div class="stack gap-10">
      <p v-if="camera.problem.value" class="stop" role="alert">{{ camera.problem.value }}</p>
      <template v-else>
        <div class="view">
          <video ref="video" muted playsinline aria-label="What the camera sees" />
          <div class="frame" :style="{ aspectRatio: cardShape }" aria-hidden="true">
            <span>card</span>
          </div>
        </div>
        <p class="words text-body text-strong" :class="{ good: isGood }" role="status">
          {{ words }}
        </p>
        <Button type="primary" size="large" block :disabled="!camera.isOn.value" @click="take"
          >Take it</Button
        >
      </template>
    </div>
  </Modal>
</template>

<style scoped>
.view {
  position: relative;
  background: #000;
}
video {
  display: block;
  width: 100%;
  max-height: 60vh;
  object-fit: contain;
}
.frame {
  position: absolute;
  left: 50%;
  bottom: 6%;
  width: 27%;
  translate: -50% 0;
  border: 3px dashed #fff;
  outline: 1px solid #000;
}
.frame span {
  position: absolute;
  bottom: 100%;
  padding: 0 6px;
  background: #000;
  color: #fff;
}
.words {
  min-height: 3em;
}
.good {
  border-left: 4px solid var(--ink);
  padding-left: 10px;
}
</style>
