<script setup lang="ts">
import { addDays } from '@spudder/core/calendar'
import type { Route } from '@spudder/core/plant'
import { judgeSprayDay } from '@spudder/core/weather'
import { computed } from 'vue'
import { useWeather } from '../../api/places.ts'
import { useStandCase } from '../../shared/case/stand-case.ts'
import TextField from '../../shared/form/TextField.vue'
import { dayWords, today } from '../../shared/units/today.ts'

/** The day of the application; for a leaf spray with the days that the forecast lets through. */
const props = defineProps<{ placeId: string; route: Route; message?: string | undefined }>()
const { system } = useStandCase()
const applyOn = defineModel<string>({ required: true })

const daysOffered = 4
const forecast = useWeather(
  () => props.placeId,
  () => today(),
  () => addDays(today(), 10),
)
const days = computed(() => (props.route === 'leaf' ? (forecast.data.value?.days ?? []) : []))
const fitDays = computed(() =>
  days.value
    .filter((day) => judgeSprayDay(day, system.value).fit)
    .map(({ day }) => day)
    .slice(0, daysOffered),
)
const against = computed(() => {
  const chosen = days.value.find(({ day }) => day === applyOn.value)
  return chosen ? judgeSprayDay(chosen, system.value).against.join('; ') : ''
})
</script>

<template>
  <TextField v-model="applyOn" label="Put it on" type="date" :message="message" />
  <p v-if="fitDays.length > 0" class="days">
    <span>Fit by the simulated forecast:</span>
    <button v-for="day in fitDays" :key="day" type="button" @click="applyOn = day">
      {{ dayWords(day) }}
    </button>
  </p>
  <p v-if="against" class="stop">{{ dayWords(applyOn) }}: {{ against }}.</p>
</template>

<style scoped>
.days {
  display: flex;
  flex-wrap: wrap;
  gap: 6px;
  align-items: center;
  font-size: 0.84rem;
}
.days button {
  border: 1px solid var(--strong-line);
  background: var(--sheet);
  border-radius: 999px;
  padding: 3px 11px;
  cursor: pointer;
}
</style>
