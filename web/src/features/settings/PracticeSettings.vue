<script setup lang="ts">
import { placeRoutes, type PlaceDto, type PracticeDevice } from '@spudder/contract/place'
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
</script>

<template>
  <p class="faint-note">
    To try things out and to learn with. Leave them off where you keep your own records: what they
    say was never measured. Readings that came from one say so in their list.
  </p>
  <TickList
    :model-value="on"
    label="Switched on here"
    :options="practiceOptions"
    @update:model-value="take"
  />
  <ProblemNote :problem="change.error.value" />
</template>
