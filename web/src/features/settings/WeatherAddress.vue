<script setup lang="ts">
import { ChangeSettingsDto, placeRoutes, type PlaceDto } from '@spudder/contract/place'
import { weatherRoutes } from '@spudder/contract/weather'
import { addDays } from '@spudder/core/base/calendar'
import { Button } from 'ant-design-vue'
import { computed, ref } from 'vue'
import { useChange } from '../../api/use-change.ts'
import { useRead } from '../../api/use-read.ts'
import { useSeen } from '../../api/use-seen.ts'
import { useChecked } from '../../shared/form/use-checked.ts'
import { today } from '../../shared/units/today.ts'
import ProblemNote from '../../ui/ProblemNote.vue'
import TextField from '../../ui/TextField.vue'
import { useToasts } from '../../ui/use-toasts.ts'

/** Where the weather of the place is fetched, and who tells it now. */
const props = defineProps<{ place: PlaceDto }>()
const toasts = useToasts()
const seen = useSeen(() => props.place)
const { send, error, isLoading } = useChange(placeRoutes.changeSettings, { told: 'beside' })
const { checked, messageFor } = useChecked(ChangeSettingsDto, () => error.value)
const address = ref(props.place.settings.weatherFrom ?? '')
const hours = useRead(weatherRoutes.hours, () => ({
  placeId: props.place.id,
  query: { from: addDays(today(), -2), to: addDays(today(), 6) },
}))
const told = computed(() => {
  const answer = hours.data.value
  if (!answer || answer.days.length === 0)
    return 'Nobody tells the weather of these days: every day counts alike, and the sheet says which weather to wait for.'
  return `These days are told by: ${answer.service}.`
})

async function save(): Promise<void> {
  const dto = checked({ weatherFrom: address.value.trim(), version: seen() })
  if (dto && (await send({ placeId: props.place.id, dto }))) toasts.say('Saved.')
}
</script>

<template>
  <form class="address stack gap-8" @submit.prevent="save">
    <h2>From an address</h2>
    <p class="faint-note">
      A weather service, or a station of yours on the network, asked every ten minutes. What it has
      to answer stands in docs/weather-address.md. Leave it empty to ask nobody.
    </p>
    <TextField
      v-model="address"
      label="Address"
      placeholder="http://weather.example/hours"
      :message="messageFor('weatherFrom')"
    />
    <ProblemNote :problem="error" />
    <div>
      <Button html-type="submit" :loading="isLoading">Save the address</Button>
    </div>
    <p role="status">{{ told }}</p>
  </form>
</template>

<style scoped>
.address {
  max-width: 560px;
}
</style>
