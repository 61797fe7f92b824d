<script setup lang="ts">
import { formatDecimals, formatNumber, typedNumber } from '@spudder/core/base/writing'
import type { MeterSample } from '@spudder/contract/meter'
import {
  calibrate,
  fitSlope,
  pHOfMillivolts,
  type BufferReading,
  type ReadingPlace,
} from '@spudder/core/seen/reading'
import { Button } from 'ant-design-vue'
import { computed, ref } from 'vue'
import { meterRoutes } from '@spudder/contract/meter'
import { call } from '../../api/call.ts'
import { useStandCase } from '../../shared/case/stand-case.ts'
import ChoiceField from '../../ui/ChoiceField.vue'
import { useKept } from '../../shared/form/kept.ts'
import ProblemNote from '../../ui/ProblemNote.vue'
import { lineStart } from '@spudder/core/base/writing'
import { dayWords, today } from '../../shared/units/today.ts'
import DoubtfulNote from './DoubtfulNote.vue'
import { useKeepReading } from './use-keep-reading.ts'

const { standId, stand } = useStandCase()
const { keep, questions, problem, isLoading } = useKeepReading()

/** Buffers as they are printed at 25 °C. */
const buffers = [
  { sample: 'buffer-7', pH: 7, label: 'Buffer 7' },
  { sample: 'buffer-4', pH: 4.01, label: 'Buffer 4' },
  { sample: 'buffer-10', pH: 10.01, label: 'Buffer 10' },
] as const

/** The calibration stays with the device until it is done anew. */
const { value: kept } = useKept('meter', () => ({
  day: '',
  buffers: [] as BufferReading[],
}))
const device = ref('')
const failure = ref<unknown>()
const isReading = ref(false)

async function millivolts(sample: MeterSample): Promise<number | undefined> {
  isReading.value = true
  failure.value = undefined
  try {
    const read = await call(meterRoutes.pH, {
      standId: standId.value,
      query: { in: sample },
    })
    device.value = read.device
    return read.millivolts
  } catch (error) {
    failure.value = error
    return undefined
  } finally {
    isReading.value = false
  }
}

async function readBuffer({ sample, pH }: (typeof buffers)[number]): Promise<void> {
  const given = await millivolts(sample)
  if (given === undefined) return
  const others = kept.value.buffers.filter(({ bufferPH }) => bufferPH !== pH).slice(-1)
  kept.value = { day: today(), buffers: [...others, { bufferPH: pH, millivolts: given }] }
}
const calibration = computed(() => {
  const [first, second] = kept.value.buffers
  return first && second ? calibrate(first, second) : undefined
})

const sampleMillivolts = ref<number>()
const samplePH = computed(() =>
  calibration.value && sampleMillivolts.value !== undefined
    ? pHOfMillivolts(sampleMillivolts.value, calibration.value)
    : undefined,
)
/** Made once for each time the sample is read, so that sending it again stores it once. */
const readingId = ref<string>(crypto.randomUUID())
async function readSample(): Promise<void> {
  sampleMillivolts.value = await millivolts('sample')
  readingId.value = crypto.randomUUID()
}

const place = ref<ReadingPlace>('whole')
const placeOptions = [
  { value: 'whole', words: 'the whole stand' },
  { value: 'sick', words: 'a sick patch or plant' },
  { value: 'healthy', words: 'a healthy patch or plant' },
] as const
/** A pen calibrated today is good to a tenth or two; each week since adds to it. */
const doubt = computed(() => (kept.value.day === today() ? 0.12 : 0.2))

async function save(isSaidToBeSo = false): Promise<void> {
  if (samplePH.value === undefined || !calibration.value) return
  const slope = formatNumber(calibration.value.slopePercent, 3)
  const stored = await keep(
    {
      id: readingId.value,
      kind: 'pH',
      value: Math.round(samplePH.value * 100) / 100,
      doubt: doubt.value,
      method: 'meter',
      takenOn: today(),
      place: place.value,
      preparation: stand.value?.size.kind === 'solution' ? 'direct' : 'water-1-1',
      instrument: `${device.value}, slope ${slope} %, calibrated ${kept.value.day}`,
    },
    isSaidToBeSo,
  )
  if (stored) sampleMillivolts.value = undefined
}
</script>

<template>
  <div class="meter stack halves">
    <section aria-label="Calibration">
      <h2 class="minor">1. Two buffers</h2>
      <p class="faint-note">
        Rinse between them. Take 7 first, then the one on the side of your soil.
      </p>
      <div class="lined gap-8 wrapped">
        <Button
          v-for="buffer in buffers"
          :key="buffer.sample"
          :loading="isReading"
          @click="readBuffer(buffer)"
        >
          {{ buffer.label }}
        </Button>
      </div>
      <ul>
        <li v-for="each in kept.buffers" :key="each.bufferPH">
          pH {{ each.bufferPH }}: {{ each.millivolts }} mV
        </li>
      </ul>
      <p v-if="calibration" :class="['slope', { unfit: !calibration.isFit }]" aria-live="polite">
        Slope <b>{{ formatNumber(calibration.slopePercent, 3) }} %</b> ({{ fitSlope.low }} to
        {{ fitSlope.high }} is fit), {{ formatNumber(calibration.offsetMillivolts, 2) }} mV at pH 7,
        {{ dayWords(kept.day) }}. {{ calibration.advice }}
      </p>
    </section>
    <section aria-label="Sample">
      <h2 class="minor">2. The sample</h2>
      <p class="faint-note">
        {{
          stand?.size.kind === 'solution'
            ? 'Stir the electrode in the solution until the number stands still.'
            : 'One part of soil in one of distilled water, stirred, half an hour.'
        }}
      </p>
      <Button :disabled="!calibration?.isFit" :loading="isReading" @click="readSample">
        Read the sample
      </Button>
      <p v-if="samplePH !== undefined" class="figure-value text-huge text-heavy" aria-live="polite">
        pH {{ formatDecimals(samplePH, 2) }}
        <span class="unit">± {{ typedNumber(doubt) }}, {{ sampleMillivolts }} mV</span>
      </p>
      <template v-if="samplePH !== undefined">
        <ChoiceField v-model="place" label="of" :options="placeOptions" />
        <div>
          <Button type="primary" :loading="isLoading" @click="save()">Save pH</Button>
        </div>
      </template>
      <DoubtfulNote :questions="questions" @so="save(true)" />
      <ProblemNote :problem="problem ?? (failure as Error | null)" />
    </section>
    <p class="faint-note all-columns">
      {{ lineStart(device || 'the pH pen') }} stands in for a real one: an electrode that drifts,
      loses slope and is never quite still.
    </p>
  </div>
</template>

<style scoped>
.meter {
  gap: 14px 30px;
}
section {
  display: grid;
  gap: 8px;
  align-content: start;
  justify-items: start;
}
li {
  font-variant-numeric: tabular-nums;
  font-size: var(--text-small);
}
.slope {
  font-size: var(--text-small);
}
.unfit {
  color: var(--rust);
}
@media (width < 700px) {
  .meter {
    grid-template-columns: minmax(0, 1fr);
  }
}
</style>
