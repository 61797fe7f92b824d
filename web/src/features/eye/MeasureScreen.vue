<script setup lang="ts">
import { photoMostMB } from '@spudder/contract/route'
import type { KnownScreen } from '@spudder/core/seen/eye'
import { screenDrawing, type MeasuredScreen } from '@spudder/core/seen/photo'
import { Button, Modal } from 'ant-design-vue'
import { computed, onScopeDispose, ref } from 'vue'
import { usePlace } from '../../api/places.ts'
import { shiftWords } from '../../shared/eye/eye-words.ts'
import { printColourCard } from '../../shared/photo/print-card.ts'
import { today } from '../../shared/units/today.ts'
import { WorkerPort } from '../../shared/worker/worker-port.ts'
import FileButton from '../../ui/FileButton.vue'
import ProblemNote from '../../ui/ProblemNote.vue'
import TextField from '../../ui/TextField.vue'
import { useSittingDraft } from './sitting-draft.ts'

/** What the screen shows to be measured, and the photo of it with the printed card beside. */
defineProps<{ isBusy: boolean; problem: Error | null | undefined }>()
const emit = defineEmits<{ keep: [screen: KnownScreen]; close: [] }>()
const { place } = usePlace()
const sitting = useSittingDraft()
const name = ref(sitting.lastScreen)
const drawing = `data:image/svg+xml,${encodeURIComponent(screenDrawing())}`

const port = new WorkerPort<Blob, never, MeasuredScreen>(
  () => new Worker(new URL('../../shared/photo/screen.worker.ts', import.meta.url), { type: 'module' }), // prettier-ignore
)
onScopeDispose(() => port.stop())
const isReading = ref(false)
const refused = ref('')
const measured = ref<Omit<KnownScreen, 'name'>>()
async function take([file]: readonly File[]): Promise<void> {
  if (!file) return
  isReading.value = true
  measured.value = undefined
  const answer: MeasuredScreen = (await port.ask(file).catch(() => undefined)) ?? {
    refused: 'It could not be measured. Take the photo again.',
  }
  isReading.value = false
  refused.value = 'refused' in answer ? answer.refused : ''
  if ('measure' in answer) {
    const { points, doubt } = answer.measure
    measured.value = { measuredOn: today(), points, doubt }
  }
}
const words = computed(() => (measured.value ? `It ${shiftWords(measured.value)}.` : ''))
const nameMissing = computed(() =>
  name.value.trim() === '' ? 'Screen: give the name that sittings at it have.' : undefined,
)
const isTried = ref(false)
function keep(): void {
  isTried.value = true
  if (measured.value && !nameMissing.value) emit('keep', { ...measured.value, name: name.value })
}
</script>

<template>
  <Modal
    open
    title="Measure a screen"
    width="min(1100px, 96vw)"
    :footer="null"
    @cancel="emit('close')"
  >
    <div class="stack gap-12">
      <ol class="steps readable">
        <li>
          Open this page on the screen that is to be measured, as bright as it mostly is, without a
          night colour.
        </li>
        <li>Hold the printed colour card flat beside the picture below, in even light.</li>
        <li>
          Take one photo of both with another device, both whole in it, and open it here or there.
        </li>
      </ol>
      <div class="ground">
        <p aria-hidden="true">the printed card here, flat</p>
        <img :src="drawing" alt="Card and leaf colours to be photographed" />
      </div>
      <div class="lined gap-12 wrapped items-center">
        <FileButton
          accept="image/jpeg,image/png"
          :most-megabytes="photoMostMB"
          words="Open the photo"
          @files="take"
        />
        <Button v-if="place" @click="printColourCard(place.unitSystem)"
          >Print the colour card</Button
        >
        <span v-if="isReading" role="status">Measuring …</span>
      </div>
      <p v-if="refused" class="text-rust text-strong" role="alert">{{ refused }}</p>
      <template v-if="measured">
        <p role="status">{{ words }}</p>
        <TextField
          v-model="name"
          label="Screen"
          placeholder="phone, office screen"
          :message="isTried ? nameMissing : undefined"
        />
        <ProblemNote :problem="problem" />
        <div>
          <Button type="primary" :loading="isBusy" @click="keep">Keep the screen</Button>
        </div>
      </template>
    </div>
  </Modal>
</template>

<style scoped>
.steps {
  padding-left: 20px;
}
/* The card is found on grey, whatever the theme. */
.ground {
  display: grid;
  gap: 16px;
  place-items: center;
  padding: 16px;
  border-radius: 6px;
  background: #5a5a5c;
  color: #d8d8d8;
}
.ground img {
  width: 100%;
  max-height: 36vh;
}
.ground p {
  order: 1;
}
@media (width >= 700px) {
  .ground {
    grid-template-columns: 1fr 1fr;
  }
  .ground p {
    order: 0;
  }
}
</style>
