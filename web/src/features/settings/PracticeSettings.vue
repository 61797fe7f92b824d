<script setup lang="ts">
import { placeRoutes, type PlaceDto, type PracticeDevice } from '@spudder/contract/place'
import { Checkbox } from 'ant-design-vue'
import { ref } from 'vue'
import { useChange } from '../../api/use-change.ts'
import { practiceOptions } from '../../shared/practice/practice.ts'
import ProblemNote from '../../ui/ProblemNote.vue'
import TickList from '../../ui/TickList.vue'

/** Switches simulated devices on and off, one by one. */
const props = defineProps<{ place: PlaceDto }>()
const change = useChange(placeRoutes.changeSettings, { told: 'beside' })
const on = ref<readonly PracticeDevice[]>(props.place.settings.practice ?? [])

async function take(practice: readonly PracticeDevice[]): Promise<void> {
  const before = on.value
  on.value = practice
  const done = await change.send({ placeId: props.place.id, dto: { practice: [...practice] } })
  if (!done) on.value = before
}
const counts = ref(props.place.settings.countsMadeUp ?? false)
async function setCounts(countsMadeUp: boolean): Promise<void> {
  const before = counts.value
  counts.value = countsMadeUp
  const done = await change.send({ placeId: props.place.id, dto: { countsMadeUp } })
  if (!done) counts.value = before
}
</script>

<template>
  <p class="faint-note">
    To try things out and to learn with. Leave them off where you keep your own records: what they
    say was never measured. Readings that came from one are marked wherever they are shown, and kept
    out of verdicts, amounts and judgements unless you let them count.
  </p>
  <TickList
    :model-value="on"
    label="Switched on here"
    :options="practiceOptions"
    @update:model-value="take"
  />
  <Checkbox :checked="counts" @change="setCounts(!counts)"> Count made-up readings too </Checkbox>
  <ProblemNote :problem="change.error.value" />
</template>
