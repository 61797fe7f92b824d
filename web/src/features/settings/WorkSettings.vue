<script setup lang="ts">
import { useToasts } from '../../ui/use-toasts.ts'
import FieldGroup from '../../ui/FieldGroup.vue'
import DayField from '../../ui/DayField.vue'
import { typedNumber } from '@spudder/core/base/writing'
import { placeRoutes } from '@spudder/contract/place'
import { useSeen } from '../../api/use-seen.ts'
import { useChange } from '../../api/use-change.ts'
import { ChangeSettingsDto, type PlaceDto, type WorkSettingsDto } from '@spudder/contract/place'
import { intervalClocks, usualLeadDays } from '@spudder/core/days/task'
import { plannerFigures } from '@spudder/core/days/planner'
import { Button } from 'ant-design-vue'
import { ref, watch } from 'vue'
import ChoiceField from '../../ui/ChoiceField.vue'
import ProblemNote from '../../ui/ProblemNote.vue'
import TextField from '../../ui/TextField.vue'
import { numberIn } from '../../shared/form/number-text.ts'
import { useChecked } from '../../shared/form/use-checked.ts'
import { today } from '../../shared/units/today.ts'

/** What the planner calculates with: crew, trips, orders, days that the rules keep closed. */
const props = defineProps<{ place: PlaceDto }>()
const toasts = useToasts()
const change = useChange(placeRoutes.changeSettings, { told: 'beside' })
const seen = useSeen(() => props.place)
const { checked, messageFor } = useChecked(ChangeSettingsDto, () => change.error.value)

const weekdays = ['Mon', 'Tue', 'Wed', 'Thu', 'Fri', 'Sat', 'Sun'] as const
const usual = [...Array.from({ length: 5 }, () => plannerFigures.crewHours.value), 0, 0]
const draft = ref(fresh(props.place.settings.work))
function fresh(work: WorkSettingsDto | undefined) {
  return {
    crewHours: (work?.crewHours ?? usual).map((hours) => typedNumber(hours)),
    tripCost: typedNumber(work?.tripCost ?? plannerFigures.tripCost.value),
    leadDays: typedNumber(work?.leadDays ?? usualLeadDays),
    intervalBy: work?.intervalBy ?? ('days' as const),
    blackouts: (work?.blackouts ?? []).map((each) => ({ ...each })),
  }
}
watch(
  () => props.place.settings.work,
  (work) => (draft.value = fresh(work)),
)
const clockWords = {
  days: 'days of the calendar',
  growth: 'growth: warmth summed up',
  mowings: 'mowings',
} as const
const clocks = intervalClocks.map((value) => ({ value, words: clockWords[value] }))

async function keep(): Promise<void> {
  const { crewHours, tripCost, leadDays, ...rest } = draft.value
  const dto = checked({
    version: seen(),
    work: {
      ...rest,
      crewHours: crewHours.map(numberIn),
      tripCost: numberIn(tripCost),
      leadDays: numberIn(leadDays),
    },
  })
  if (dto && (await change.send({ placeId: props.place.id, dto }))) toasts.say('Saved.')
}
const addBlackout = () => draft.value.blackouts.push({ from: today(), to: today(), words: '' })
</script>

<template>
  <form class="place" @submit.prevent="keep">
    <FieldGroup words="Hours of work that the crew has">
      <div class="week stack gap-6">
        <TextField
          v-for="(weekday, index) in weekdays"
          :key="weekday"
          v-model="draft.crewHours[index]!"
          :label="weekday"
          inputmode="decimal"
        />
      </div>
      <p v-if="messageFor('work.crewHours')" class="message">
        {{ messageFor('work.crewHours') }}
      </p>
    </FieldGroup>
    <div class="row lined wrapped gap-8 items-start">
      <TextField
        v-model="draft.tripCost"
        label="Cost of one trip"
        hint="getting out, mixing, rinsing; our guess is 20"
        inputmode="decimal"
        :message="messageFor('work.tripCost')"
      />
      <TextField
        v-model="draft.leadDays"
        label="Days from ordering to having it"
        inputmode="decimal"
        :message="messageFor('work.leadDays')"
      />
      <ChoiceField v-model="draft.intervalBy" label="Repeats are counted by" :options="clocks" />
    </div>
    <FieldGroup words="Blackouts: days on which no fertiliser may go out, by local rule">
      <div
        v-for="(blackout, index) in draft.blackouts"
        :key="index"
        class="row lined wrapped gap-8 items-start"
      >
        <DayField
          v-model="blackout.from"
          label="From"
          :message="messageFor(`work.blackouts.${index}.from`)"
        />
        <DayField
          v-model="blackout.to"
          label="Until"
          :message="messageFor(`work.blackouts.${index}.to`)"
        />
        <TextField
          v-model="blackout.words"
          label="Why"
          :message="messageFor(`work.blackouts.${index}.words`)"
        />
        <Button type="text" @click="draft.blackouts.splice(index, 1)">Remove</Button>
      </div>
      <Button size="small" @click="addBlackout">Add a blackout</Button>
    </FieldGroup>
    <ProblemNote :problem="change.error.value" />
    <Button html-type="submit" type="primary" :loading="change.isLoading.value">Save</Button>
  </form>
</template>

<style scoped>
.place,
.place > fieldset {
  display: grid;
  gap: 12px;
  justify-items: start;
}
.week {
  grid-template-columns: repeat(7, minmax(44px, 66px));
}
@media (width < 700px) {
  .week {
    grid-template-columns: repeat(4, 1fr);
  }
}
</style>
