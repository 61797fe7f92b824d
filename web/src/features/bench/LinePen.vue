<script setup lang="ts">
import { formatDecimals, formatNumber } from '@spudder/core/base/writing'
import { isSettled, readDeviceLine, settling } from '@spudder/core/seen/reading'
import { Button } from 'ant-design-vue'
import { computed, onScopeDispose, ref } from 'vue'
import { useAwake } from '../../shared/device/use-awake.ts'
import { hasBluetooth, openBluetooth } from '../../shared/device/bluetooth-device.ts'
import type { LineDevice } from '../../shared/device/line-device.ts'
import { openMadeUp } from '../../shared/device/made-up-device.ts'
import { hasSerial, openSerial } from '../../shared/device/serial-device.ts'
import { usePractice } from '../../shared/practice/practice.ts'
import { useStandCase } from '../../shared/case/stand-case.ts'
import ChipChoice from '../../ui/ChipChoice.vue'
import ProblemNote from '../../ui/ProblemNote.vue'
import { today } from '../../shared/units/today.ts'
import DoubtfulNote from './DoubtfulNote.vue'
import { useKeepReading } from './use-keep-reading.ts'

/** A pen or a meter of one's own that sends what it shows: by cable, over the air, or made up. */
const { stand } = useStandCase()
const { keep, questions, problem, isLoading } = useKeepReading()
const { isOn } = usePractice()
const device = ref<LineDevice>()
const refused = ref('')
const temperatureC = ref<number>()
const values = ref<readonly number[]>([])
const kind = ref<'pH' | 'chlorophyll'>('pH')
const kinds = [
  { value: 'pH' as const, words: 'pH pen' },
  { value: 'chlorophyll' as const, words: 'chlorophyll meter' },
]
const shown = computed(() => values.value.at(-1))
const isStill = computed(() => isSettled(kind.value, values.value))
/** What counts as settled, for who wants to know. */
const settled = computed(() => `${settling.count.value} values within ${formatNumber(settling[kind.value].value)}`) // prettier-ignore
const decimals = computed(() => (kind.value === 'pH' ? 2 : 1))
const id = ref<string>(crypto.randomUUID())
useAwake(() => device.value !== undefined)

async function listen(to: LineDevice): Promise<void> {
  for await (const line of to.lines) {
    const said = readDeviceLine(line)
    if (!said) continue
    if (said.kind && said.kind !== kind.value) {
      kind.value = said.kind
      values.value = []
    }
    values.value = [...values.value.slice(-19), said.value]
    temperatureC.value = said.temperatureC ?? temperatureC.value
  }
  if (device.value === to) refused.value = 'It sends nothing any more: switched off, or too far away.' // prettier-ignore
}
async function connect(open: () => Promise<LineDevice> | LineDevice): Promise<void> {
  refused.value = ''
  values.value = []
  try {
    const opened = await open()
    device.value = opened
    void listen(opened)
  } catch (error) {
    refused.value = error instanceof Error ? error.message : ''
  }
}
async function close(): Promise<void> {
  const was = device.value
  device.value = undefined
  await was?.close()
}
onScopeDispose(() => void close())

async function save(isSaidToBeSo = false, value = shown.value): Promise<void> {
  if (value === undefined || !device.value) return
  const heat = temperatureC.value === undefined ? '' : `, ${formatDecimals(temperatureC.value, 1)} °C` // prettier-ignore
  const stored = await keep(
    {
      id: id.value,
      kind: kind.value,
      value,
      method: 'meter',
      takenOn: today(),
      ...(kind.value === 'pH'
        ? { preparation: stand.value?.size.kind === 'solution' ? ('direct' as const) : ('water-1-1' as const) } // prettier-ignore
        : {}),
      instrument: `${device.value.name}${heat}`,
    },
    isSaidToBeSo,
  )
  if (stored) id.value = crypto.randomUUID()
}
</script>

<template>
  <section class="stack gap-10" aria-label="Pen of your own">
    <div v-if="!device" class="lined wrapped gap-8">
      <Button v-if="hasBluetooth()" size="large" @click="connect(openBluetooth)"
        >Over the air (Bluetooth)</Button
      >
      <Button v-if="hasSerial()" size="large" @click="connect(openSerial)">By cable</Button>
      <Button v-if="isOn('pHPen')" size="large" @click="connect(() => openMadeUp())"
        >Simulated pen</Button
      >
    </div>
    <p v-if="!device && !hasBluetooth() && !hasSerial()" class="faint-note">
      This browser opens no pens; another one on this device may. Type what yours shows under “A
      number at hand”.
    </p>
    <p v-if="refused" class="stop" role="alert">{{ refused }}</p>
    <template v-if="device">
      <ChipChoice v-model="kind" label="It is a" :options="kinds" />
      <p class="shown text-heavy figure" aria-live="polite">
        {{ shown === undefined ? '…' : formatDecimals(shown, decimals) }}
      </p>
      <p class="text-slate">
        {{ device.name
        }}<template v-if="temperatureC !== undefined"
          >, {{ formatDecimals(temperatureC, 1) }} °C</template
        >: {{ isStill ? 'settled' : 'still moving, wait' }}
        <template v-if="isStill">({{ settled }})</template>
      </p>
      <DoubtfulNote
        :questions="questions"
        @so="save(true)"
        @instead="(value) => save(true, value)"
      />
      <ProblemNote :problem="problem" />
      <div class="lined wrapped gap-8">
        <Button
          type="primary"
          size="large"
          :disabled="shown === undefined"
          :loading="isLoading"
          @click="save()"
          >{{ isStill ? 'Keep it' : 'Keep it as it is' }}</Button
        >
        <Button size="large" @click="close">Close the pen</Button>
      </div>
      <p class="faint-note">
        Calibrated by its own buttons; Spudder takes what it shows. Rinse the electrode first.
      </p>
    </template>
  </section>
</template>

<style scoped>
.shown {
  font-size: 3.4rem;
  line-height: 1;
}
</style>
