<script setup lang="ts">
import { formatNumber } from '@spudder/core/base/writing'
import { CoreError } from '@spudder/core/base/error'
import { percent, quantityOf, type UnitSystem, valueIn } from '@spudder/core/base/quantity'
import {
  dropClassOf,
  flowForRate,
  heldSpeedKmPerH,
  leafRetentionAt,
  nozzleFlow,
  nozzleSizes,
  pressureForFlow,
  speedForRate,
  workingPressureBar,
  type NozzleSetup,
} from '@spudder/core/apply/sprayer'
import { computed, ref } from 'vue'
import QuantityField from '../../ui/QuantityField.vue'

/** How a boom is brought to a wanted rate: by speed, by pressure, by nozzle. */
const props = defineProps<{
  setup: NozzleSetup
  system: UnitSystem
}>()
const wanted = ref(props.system === 'us' ? '30 gal/acre' : '280 L/ha')
const rateLPerHa = ref<number>()
const isUs = computed(() => props.system === 'us')
const said = (value: number, from: string, to: string) =>
  formatNumber(valueIn(quantityOf(value, from), to), 2)

const working = workingPressureBar
const held = heldSpeedKmPerH

const ways = computed(() => {
  const rate = rateLPerHa.value
  if (rate === undefined) return { problem: '' }
  const { setup } = props
  try {
    const flow = nozzleFlow(setup.nozzleSize, setup.pressureBar)
    const speed = speedForRate({ flowLPerMin: flow, spacingM: setup.spacingM }, rate)
    const needed = flowForRate(setup, rate)
    const pressure = pressureForFlow(setup.nozzleSize, needed)
    const size = nozzleSizes.find(({ id }) => {
      const at = pressureForFlow(id, needed)
      return at >= working.low && at <= working.usual
    })
    const retention = leafRetentionAt(
      rate / 1e4,
      dropClassOf(setup.nozzleKind, setup.nozzleSize, setup.pressureBar),
    )
    return {
      speed,
      pressure,
      size,
      sizeAt: size && pressureForFlow(size.id, needed),
      retention,
      problem: '',
    }
  } catch (error) {
    if (!(error instanceof CoreError)) throw error
    return { problem: error.sentence() }
  }
})
</script>

<template>
  <section class="target stack gap-8">
    <QuantityField
      v-model="wanted"
      label="Wanted"
      dimension="volume/area"
      unit="L/ha"
      :message="ways.problem || undefined"
      @value="rateLPerHa = $event"
    />
    <ul v-if="ways.speed !== undefined">
      <li>
        by speed:
        <b>{{
          isUs
            ? `${said(ways.speed, 'km/h', 'mi/h')} mph`
            : `${said(ways.speed, 'km/h', 'km/h')} km/h`
        }}</b>
        <span v-if="ways.speed < held.low || ways.speed > held.high"> which nobody holds</span>
      </li>
      <li>
        or by pressure:
        <b>{{
          isUs
            ? `${said(ways.pressure, 'bar', 'psi')} psi`
            : `${said(ways.pressure, 'bar', 'bar')} bar`
        }}</b>
        <span v-if="ways.pressure < working.low || ways.pressure > working.high">
          outside what nozzles work at: change them</span
        >
      </li>
      <li v-if="ways.size && ways.sizeAt">
        or by nozzle: size <b>{{ ways.size.id }}</b> ({{ ways.size.colour }}) at
        <b>{{
          isUs ? `${said(ways.sizeAt, 'bar', 'psi')} psi` : `${said(ways.sizeAt, 'bar', 'bar')} bar`
        }}</b>
      </li>
      <li v-else>No single nozzle of the list gives that at this speed.</li>
      <li>
        of a leaf spray about <b>{{ percent(ways.retention.usual) }}</b> stays on the leaf
        <span>({{ percent(ways.retention.low) }} to {{ percent(ways.retention.high) }})</span>
      </li>
    </ul>
  </section>
</template>

<style scoped>
.target {
  max-width: 460px;
}
ul {
  display: grid;
  gap: 3px;
  font-size: var(--text-small);
}
li span {
  color: var(--slate);
}
</style>
