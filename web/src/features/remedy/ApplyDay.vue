<script setup lang="ts">
import { Button } from 'ant-design-vue'
import DayField from '../../ui/DayField.vue'
import type { OutlookDayDto } from '@spudder/contract/weather'
import { addDays } from '@spudder/core/base/calendar'
import type { UnitSystem } from '@spudder/core/base/quantity'
import { workWindow } from '@spudder/core/days/weather'
import type { Context, Route } from '@spudder/core/stand/plant'
import { computed } from 'vue'
import { useWorkOutlook } from '../../api/weather.ts'
import { dayWords, today } from '../../shared/units/today.ts'
import { hourWords, isForetold } from '../../shared/weather/outlook-words.ts'

/** The day of the application; for a leaf spray with the days that the forecast lets through. */
const props = defineProps<{
  placeId: string
  route: Route
  context: Context
  system: UnitSystem
  label: string
  message?: string | undefined
}>()
const applyOn = defineModel<string>({ required: true })

const daysOffered = 4
const works = { leaf: 'leaf', soil: 'drench', solution: 'dose' } as const
const work = computed(() => works[props.route])
const outlook = useWorkOutlook(
  () => props.placeId,
  () => today(),
  () => addDays(today(), 14),
)
const days = computed(() => (props.route === 'leaf' ? (outlook.data.value?.days ?? []) : []))
const hoursOf = ({ works: judged }: OutlookDayDto) =>
  judged.find((each) => each.work === work.value)?.fitHours ?? []
const fitDays = computed(() =>
  days.value
    .filter((day) => hoursOf(day).length > 0)
    .map((day) => ({ day: day.day, hours: hourWords(hoursOf(day)) }))
    .slice(0, daysOffered),
)
/** Without a forecast: what is looked for on the day itself. */
const wanted = computed(() =>
  outlook.data.value && !isForetold(outlook.data.value)
    ? workWindow(props.route, props.context, props.system).join('; ')
    : '',
)
const against = computed(() => {
  const chosen = days.value.find(({ day }) => day === applyOn.value)
  const judged = chosen?.works.find((each) => each.work === work.value)
  return judged && judged.fitHours.length === 0 ? judged.against.join('; ') : ''
})
</script>

<template>
  <DayField v-model="applyOn" :label="label" :message="message" />
  <p v-if="fitDays.length > 0" class="lined wrapped gap-6 items-center text-small">
    <span>Fit by {{ outlook.data.value?.service }}:</span>
    <Button v-for="{ day, hours } in fitDays" :key="day" size="small" @click="applyOn = day">
      {{ dayWords(day) }}, {{ hours }}
    </Button>
  </p>
  <p v-if="wanted" class="faint-note">No forecast here. Wanted on the day: {{ wanted }}.</p>
  <p v-if="against" class="stop">{{ dayWords(applyOn) }}: {{ against }}.</p>
</template>
