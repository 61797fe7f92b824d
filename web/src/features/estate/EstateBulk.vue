<script setup lang="ts">
import { jobRoutes } from '@spudder/contract/job'
import {
  laboratoryPacketNames,
  laboratoryPackets,
  laboratoryRoutes,
  type LaboratoryPacket,
} from '@spudder/contract/laboratory'
import { standRoutes } from '@spudder/contract/stand'
import { addDays } from '@spudder/core/base/calendar'
import { Button, Modal, Space } from 'ant-design-vue'
import { computed, ref } from 'vue'
import { useChange } from '../../api/use-change.ts'
import { dayWords, today } from '../../shared/units/today.ts'
import { usePractice } from '../../shared/practice/practice.ts'
import ConfirmButton from '../../ui/ConfirmButton.vue'
import DayField from '../../ui/DayField.vue'
import LinkButton from '../../ui/LinkButton.vue'
import ProblemNote from '../../ui/ProblemNote.vue'
import TickList from '../../ui/TickList.vue'
import { useToasts } from '../../ui/use-toasts.ts'
import type { ListedStand } from './estate-list.ts'

/** What can be done with several stands at once. */
const props = defineProps<{
  stands: readonly ListedStand[]
  placeId: string
  isArchived: boolean
}>()
const emit = defineEmits<{ done: [] }>()
const { isOn } = usePractice()
const toasts = useToasts()
const looks = useChange(jobRoutes.planLooks, { told: 'beside' })
const order = useChange(laboratoryRoutes.order, { told: 'beside' })
const change = useChange(standRoutes.change, { told: 'beside' })
const problem = computed(() => looks.error.value ?? order.error.value ?? change.error.value)
const asked = ref<'look' | 'test'>()
const day = ref(addDays(today(), 1))
const packets = ref<readonly LaboratoryPacket[]>(['soil'])
const packetOptions = laboratoryPacketNames.map((value) => ({
  value,
  words: laboratoryPackets[value],
}))
const count = computed(() =>
  props.stands.length === 1 ? 'one stand' : `${props.stands.length} stands`,
)
/** Made once for each stand when the question opens, so that sending it again stores it once. */
const made = new Map<string, string>()
function idFor(standId: string): string {
  const id = made.get(standId) ?? crypto.randomUUID()
  made.set(standId, id)
  return id
}

async function planLooks(): Promise<void> {
  const dto = {
    looks: props.stands.map(({ id }) => ({ id: idFor(id), standId: id, dueOn: day.value })),
  }
  if (!(await looks.send({ placeId: props.placeId, dto }))) return
  asked.value = undefined
  toasts.say(`A look at ${count.value} is planned for ${dayWords(day.value)}.`)
  emit('done')
}
async function orderTests(): Promise<void> {
  for (const { id } of props.stands) {
    const dto = {
      id: idFor(id),
      orderedOn: day.value,
      packets: [...packets.value],
      places: ['whole' as const],
    }
    if (!(await order.send({ standId: id, dto }))) return
  }
  asked.value = undefined
  toasts.say(`Samples of ${count.value} go to the laboratory.`)
  emit('done')
}
async function setArchived(ids: readonly string[], isArchived: boolean): Promise<boolean> {
  for (const standId of ids) {
    if (!(await change.send({ standId, dto: { isArchived } }))) return false
  }
  return true
}
async function archive(): Promise<void> {
  const ids = props.stands.map(({ id }) => id)
  const words = `${count.value} archived.`
  if (!(await setArchived(ids, true))) return
  toasts.say(words, () => setArchived(ids, false))
  emit('done')
}
async function restore(): Promise<void> {
  const words = `${count.value} back in the estate.`
  if (
    !(await setArchived(
      props.stands.map(({ id }) => id),
      false,
    ))
  )
    return
  toasts.say(words)
  emit('done')
}
const sheets = computed(() =>
  props.stands.flatMap(({ id, nextSheetJobId }) =>
    nextSheetJobId ? [`${id}:${nextSheetJobId}`] : [],
  ),
)
function open(what: 'look' | 'test'): void {
  made.clear()
  day.value = what === 'look' ? addDays(today(), 1) : today()
  asked.value = what
}
</script>

<template>
  <Space v-if="stands.length > 0" class="bulk" wrap>
    <b>{{ count }} chosen</b>
    <template v-if="!isArchived">
      <Button @click="open('look')">Plan a look</Button>
      <Button v-if="isOn('laboratory')" @click="open('test')">Order a test</Button>
      <LinkButton
        v-if="sheets.length > 0"
        is-quiet
        :to="{ name: 'sheets', query: { jobs: sheets.join(',') } }"
        >Print sheets</LinkButton
      >
      <ConfirmButton
        words="Archive"
        :question="`Archive ${count}?`"
        about="They leave the estate and the dates. All that was recorded stays, and they can be put back."
        sure="Archive"
        @confirm="archive"
      />
    </template>
    <Button v-else @click="restore">Put back</Button>
    <Button type="link" @click="emit('done')">Choose none</Button>
  </Space>
  <ProblemNote :problem="problem" />
  <Modal
    :open="asked === 'look'"
    :title="`Look at ${count}`"
    ok-text="Plan"
    cancel-text="Cancel"
    :confirm-loading="looks.isLoading.value"
    @ok="planLooks"
    @cancel="asked = undefined"
  >
    <DayField v-model="day" label="On" />
  </Modal>
  <Modal
    :open="asked === 'test'"
    :title="`Test ${count}`"
    ok-text="Order"
    cancel-text="Cancel"
    :ok-button-props="{ disabled: packets.length === 0 }"
    :confirm-loading="order.isLoading.value"
    @ok="orderTests"
    @cancel="asked = undefined"
  >
    <TickList v-model="packets" label="Tests" :options="packetOptions" />
    <DayField v-model="day" label="Sent on" />
    <p class="faint-note">The laboratory is simulated.</p>
  </Modal>
</template>

<style scoped>
.bulk {
  padding: 6px 0 10px;
}
</style>
