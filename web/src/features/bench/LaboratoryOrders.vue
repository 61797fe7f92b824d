<script setup lang="ts">
import TickList from '../../ui/TickList.vue'
import FoldBox from '../../ui/FoldBox.vue'
import DayField from '../../ui/DayField.vue'
import { laboratoryRoutes } from '@spudder/contract/laboratory'
import { useChange } from '../../api/use-change.ts'
import {
  CreateLaboratoryOrderDto,
  laboratoryPacketNames,
  laboratoryPackets,
  type LaboratoryOrderDto,
  type LaboratoryPacket,
} from '@spudder/contract/laboratory'
import { readingPlaces, type ReadingPlace } from '@spudder/core/seen/reading'
import { Button } from 'ant-design-vue'
import { computed, ref } from 'vue'
import { call } from '../../api/call.ts'
import { useRead } from '../../api/use-read.ts'
import { useStandCase } from '../../shared/case/stand-case.ts'
import { usePractice } from '../../shared/practice/practice.ts'
import ProblemNote from '../../ui/ProblemNote.vue'
import { useChecked } from '../../shared/form/use-checked.ts'
import { dayWords, today } from '../../shared/units/today.ts'

const emit = defineEmits<{ results: [laboratory: string, fileName: string, csv: string] }>()
const { standId, stand } = useStandCase()
const { isOn } = usePractice()
const orders = useRead(laboratoryRoutes.orders, () => ({ standId: standId.value }))
const known = computed(() => (orders.data.value ?? []).toReversed())
const order = useChange(laboratoryRoutes.order, { told: 'beside' })
const { checked, messageFor } = useChecked(CreateLaboratoryOrderDto, () => order.error.value)

const isInSolution = computed(() => stand.value?.size.kind === 'solution')
const packets = ref<readonly LaboratoryPacket[]>(isInSolution.value ? ['water', 'leaf'] : ['soil'])
const places = ref<readonly ReadingPlace[]>(['sick', 'healthy'])
const packetOptions = laboratoryPacketNames.map((value) => ({
  value,
  words: laboratoryPackets[value],
}))
const placeOptions = (['sick', 'healthy', 'whole'] as const).map((value) => ({
  value,
  words: readingPlaces[value],
}))
const orderedOn = ref(today())
/** Made once for each order, so that sending it again orders once. */
const orderId = ref<string>(crypto.randomUUID())

async function send(): Promise<void> {
  const dto = checked({
    id: orderId.value,
    orderedOn: orderedOn.value,
    packets: [...packets.value],
    places: [...places.value],
  })
  if (!dto) return
  const sent = await order.send({ standId: standId.value, dto })
  if (sent) orderId.value = crypto.randomUUID()
}

/** Only the simulated laboratory has them; a real one sends its file itself. */
const canOpen = ({ isReady }: LaboratoryOrderDto) => isReady && isOn('laboratory')

const failure = ref<unknown>()
async function open({ id, laboratory }: LaboratoryOrderDto): Promise<void> {
  failure.value = undefined
  const results = await call(laboratoryRoutes.results, { orderId: id }).catch(
    (error: unknown) => (failure.value = error),
  )
  if (results && typeof results === 'object' && 'csv' in results) {
    const { fileName, csv } = results as { fileName: string; csv: string }
    emit('results', laboratory, fileName, csv)
  }
}
</script>

<template>
  <section class="orders stack halves" aria-label="Laboratory">
    <div v-if="isOn('laboratory') || known.length > 0">
      <h2 class="minor">On their way and back</h2>
      <p v-if="known.length === 0" class="faint-note">Nothing was sent yet.</p>
      <ul>
        <li v-for="each in known" :key="each.id">
          <span>
            <b>{{ dayWords(each.orderedOn) }}</b>: {{ each.packets.join(', ') }};
            {{ each.places.join(' and ') }}
          </span>
          <Button v-if="canOpen(each)" size="small" @click="open(each)">Open the results</Button>
          <span v-else-if="!each.isReady" class="faint-note"
            >back {{ dayWords(each.readyOn) }}</span
          >
        </li>
      </ul>
      <ProblemNote :problem="(failure as Error | null) ?? null" />
    </div>
    <p v-if="!isOn('laboratory')" class="faint-note">
      Send your samples as your laboratory wants them, sick and healthy apart: the difference is
      what counts. Open its file here when it is back.
    </p>
    <FoldBox v-else :open="known.length === 0" words="Send samples">
      <form @submit.prevent="send">
        <TickList
          v-model="packets"
          label="Tests"
          :options="packetOptions"
          :message="messageFor('packets')"
        />
        <TickList
          v-model="places"
          label="Samples of"
          :options="placeOptions"
          :message="messageFor('places')"
        >
          <p class="faint-note">Sick and healthy go apart: the difference is what counts.</p>
        </TickList>
        <DayField v-model="orderedOn" label="sent on" :message="messageFor('orderedOn')" />
        <div>
          <Button html-type="submit" :loading="order.isLoading.value"
            >Send to the laboratory</Button
          >
        </div>
        <ProblemNote :problem="order.error.value" />
        <p class="faint-note">
          The laboratory is simulated: it takes its days and sends a file as real ones do.
        </p>
      </form>
    </FoldBox>
  </section>
</template>

<style scoped>
.orders {
  gap: 16px 30px;
}
form,
fieldset {
  display: grid;
  gap: 6px;
  align-content: start;
}
form {
  gap: 10px;
}
li {
  display: flex;
  gap: 10px;
  justify-content: space-between;
  align-items: center;
  padding: 6px 0;
  border-bottom: 1px solid var(--line);
  font-size: var(--text-small);
}
@media (width < 700px) {
  .orders {
    grid-template-columns: minmax(0, 1fr);
  }
}
</style>
