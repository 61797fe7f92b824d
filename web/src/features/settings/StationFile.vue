<script setup lang="ts">
import { stationMostMB } from '@spudder/contract/route'
import { stationFileTypes, weatherRoutes } from '@spudder/contract/weather'
import type { PlaceDto } from '@spudder/contract/place'
import { CoreError } from '@spudder/core/base/error'
import { dayOrders, type DayOrder } from '@spudder/core/base/table'
import { stationHeadings } from '@spudder/core/days/station'
import { computed, ref } from 'vue'
import { fieldMessage } from '../../api/api-problem.ts'
import { useChange } from '../../api/use-change.ts'
import { fileText } from '../../shared/file/file-text.ts'
import ChipChoice from '../../ui/ChipChoice.vue'
import FileButton from '../../ui/FileButton.vue'
import ProblemNote from '../../ui/ProblemNote.vue'
import StationColumns from './StationColumns.vue'

/** Takes a weather station's file in, and asks which column is what, and how its days stand, where it is open. */
const props = defineProps<{ place: PlaceDto }>()
const station = useChange(weatherRoutes.importStation, { told: 'beside' })
const file = ref<{ fileName: string; text: string }>()
const order = ref<DayOrder>()
const orderOptions = (['dmy', 'mdy'] as const).map((value) => ({ value, words: dayOrders[value] }))
const isOrderAsked = computed(() => fieldMessage(station.error.value, 'dayOrder') !== undefined)

/** Headings to choose from, where the file is a table whose headings say too little. */
const headings = computed(() => {
  if (!file.value || fieldMessage(station.error.value, 'text') === undefined) return []
  try {
    return stationHeadings(file.value.text)
  } catch (error) {
    if (error instanceof CoreError) return []
    throw error
  }
})

const taken = ref('')
async function send(): Promise<void> {
  if (!file.value) return
  taken.value = ''
  const { fileName, text } = file.value
  const query = { fileName, ...(order.value ? { dayOrder: order.value } : {}) }
  // In one code for letters, whatever the station wrote in.
  const dto = new Blob([text], { type: stationFileTypes[0] })
  const done = await station.send({ placeId: props.place.id, query, dto })
  if (!done) return
  const [first] = done.errors
  const count = done.errors.length
  const left = count === 1 ? 'One row was' : `${count} rows were`
  const errors = first ? ` ${left} left out: ${first.words}.` : ''
  taken.value = `${done.dayCount === 1 ? 'One day' : `${done.dayCount} days`} taken from ${fileName}.${errors} ${done.assumed.join('; ')}`
}
async function take([first]: readonly File[]): Promise<void> {
  if (!first) return
  order.value = undefined
  file.value = { fileName: first.name.slice(-150), text: await fileText(first) }
  await send()
}
async function takeBy(told: DayOrder | undefined): Promise<void> {
  order.value = told
  await send()
}
</script>

<template>
  <FileButton
    class="above-8"
    accept=".csv,.txt,text/csv"
    :most-megabytes="stationMostMB"
    words="Take in a file"
    @files="take"
  />
  <ChipChoice
    v-if="isOrderAsked"
    :model-value="order"
    label="Its days could be read two ways. They are written"
    :options="orderOptions"
    @update:model-value="takeBy"
  />
  <StationColumns
    v-if="headings.length > 0"
    :key="headings.join()"
    :place="place"
    :headings="headings"
    @kept="send"
  />
  <p v-if="taken" role="status">{{ taken }}</p>
  <ProblemNote v-if="!isOrderAsked && headings.length === 0" :problem="station.error.value" />
</template>
