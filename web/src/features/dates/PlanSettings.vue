<script setup lang="ts">
import FieldGroup from '../../ui/FieldGroup.vue'
import FoldBox from '../../ui/FoldBox.vue'
import DayField from '../../ui/DayField.vue'
import { localeSample } from '@spudder/core/base/calendar'
import { localeTags, type LocaleTag, typedNumber, usualLocale } from '@spudder/core/base/writing'
import { useCurrency } from '../../shared/units/use-currency.ts'
import { currencies, currencyCodes, type Currency } from '@spudder/core/base/quantity'
import { placeRoutes } from '@spudder/contract/place'
import { standRoutes } from '@spudder/contract/stand'
import { useChange } from '../../api/use-change.ts'
import { PlaceSettingsDto, type WorkSettingsDto } from '@spudder/contract/place'
import { intervalClocks, paleLossOf, usualLeadDays } from '@spudder/core/days/task'
import { ChangeStandDto } from '@spudder/contract/stand'
import { plannerFigures } from '@spudder/core/days/planner'
import { Button } from 'ant-design-vue'
import { computed, ref, watch } from 'vue'
import ChoiceField from '../../ui/ChoiceField.vue'
import ProblemNote from '../../ui/ProblemNote.vue'
import TextField from '../../ui/TextField.vue'
import { numberIn } from '../../shared/form/number-text.ts'
import { useChecked } from '../../shared/form/use-checked.ts'
import { useDatesStore } from './dates-store.ts'
import StationFile from './StationFile.vue'
import WeekdayPicks from './WeekdayPicks.vue'

/** What the planner reckons with: crew, money, rules of the place, and the care of each stand. */
const store = useDatesStore()
const change = useChange(placeRoutes.changeSettings, { told: 'beside' })
const changeStand = useChange(standRoutes.change, { told: 'beside' })
const { checked, messageFor } = useChecked(PlaceSettingsDto, () => change.error.value)
const stand = useChecked(ChangeStandDto, () => changeStand.error.value)

const weekdays = ['Mon', 'Tue', 'Wed', 'Thu', 'Fri', 'Sat', 'Sun'] as const
const usual = [...Array.from({ length: 5 }, () => plannerFigures.crewHours.value), 0, 0]
const draft = ref(fresh(store.place.value?.settings.work))
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
  () => store.place.value?.settings.work,
  (work) => (draft.value = fresh(work)),
)
const currency = useCurrency()
/** What is paid in; follows the place until somebody chooses. */
const chosenCurrency = ref<Currency>()
const paidIn = computed({
  get: () => chosenCurrency.value ?? currency.value,
  set: (code) => (chosenCurrency.value = code),
})
const currencyOptions = currencyCodes.map((value) => ({ value, words: currencies[value].name }))
/** How numbers and days are written, each shown by what it makes of them. */
const chosenLocale = ref<LocaleTag>()
const writing = computed({
  get: () => chosenLocale.value ?? store.place.value?.settings.locale ?? usualLocale,
  set: (tag) => (chosenLocale.value = tag),
})
const writingOptions = localeTags.map((value) => ({ value, words: localeSample(value) }))
const clockWords = {
  days: 'days of the calendar',
  growth: 'growth: warmth summed up',
  mowings: 'mowings',
} as const
const clocks = intervalClocks.map((value) => ({ value, words: clockWords[value] }))

async function keep(): Promise<void> {
  const { crewHours, tripCost, leadDays, ...rest } = draft.value
  const dto = checked({
    currency: paidIn.value,
    locale: writing.value,
    work: {
      ...rest,
      crewHours: crewHours.map(numberIn),
      tripCost: numberIn(tripCost),
      leadDays: numberIn(leadDays),
    },
  })
  const id = store.place.value?.id
  if (dto && id) await change.send({ placeId: id, dto })
}
const addBlackout = () =>
  draft.value.blackouts.push({ from: store.today, to: store.today, words: '' })

const stands = computed(() => store.planning.data.value?.stands ?? [])
async function keepCare(id: string, care: object): Promise<void> {
  const before = stands.value.find((each) => each.id === id)?.care ?? {}
  const dto = stand.checked({ care: { ...before, ...care } })
  if (dto) await changeStand.send({ standId: id, dto })
}
</script>

<template>
  <FoldBox
    class="settings no-print"
    words="What the plan reckons with: crew, money, blackouts, mowing, watering, weather station"
  >
    <form class="place" @submit.prevent="keep">
      <FieldGroup words="Hours of work that the crew has">
        <div class="week">
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
      <div class="row">
        <ChoiceField v-model="paidIn" label="Money" :options="currencyOptions" />
        <ChoiceField v-model="writing" label="Numbers and days" :options="writingOptions" />
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
        <div v-for="(blackout, index) in draft.blackouts" :key="index" class="row">
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
          <Button type="text" @click="draft.blackouts.splice(index, 1)">Take it away</Button>
        </div>
        <Button size="small" @click="addBlackout">Add a blackout</Button>
      </FieldGroup>
      <ProblemNote :problem="change.error.value" />
      <Button html-type="submit" type="primary" :loading="change.isLoading.value">Keep it</Button>
    </form>
    <h3>Stands</h3>
    <div class="stands">
      <div v-for="each in stands" :key="each.id" class="stand">
        <b>{{ each.name }}</b>
        <WeekdayPicks
          v-if="each.context === 'turf'"
          label="mown"
          :model-value="each.care?.mowingDays ?? []"
          @update:model-value="keepCare(each.id, { mowingDays: $event })"
        />
        <WeekdayPicks
          label="watered"
          :model-value="each.care?.wateringDays ?? []"
          @update:model-value="keepCare(each.id, { wateringDays: $event })"
        />
        <TextField
          :model-value="typedNumber(Math.round(paleLossOf(each) * 100) / 100)"
          label="A pale day costs"
          inputmode="decimal"
          @update:model-value="
            Number.isFinite(numberIn($event)) &&
            keepCare(each.id, { paleLossPerDay: numberIn($event) })
          "
        />
      </div>
    </div>
    <ProblemNote :problem="changeStand.error.value" />
    <h3>Weather station</h3>
    <p class="part">
      A CSV with time, temperature, rain and wind, one row an hour or oftener. Its days stand in
      place of the simulated ones; hours are those of the station's clock.
    </p>
    <StationFile v-if="store.place.value" :place-id="store.place.value.id" />
  </FoldBox>
</template>

<style scoped>
.settings {
  border-top: 1px solid var(--line);
  padding: 12px 0;
}
.place {
  display: grid;
  gap: 14px;
  padding: 12px 0;
  justify-items: start;
}
.place > fieldset {
  display: grid;
  gap: 6px;
}
.week {
  display: grid;
  grid-template-columns: repeat(7, minmax(44px, 66px));
  gap: 6px;
}
.row {
  display: flex;
  flex-wrap: wrap;
  gap: 8px;
  align-items: start;
}
.stands {
  display: grid;
  gap: 8px;
  padding: 6px 0 12px;
}
.stand {
  display: grid;
  grid-template-columns: 170px 1fr 1fr 130px;
  gap: 12px;
  align-items: center;
  border-top: 1px solid var(--line);
  padding-top: 6px;
}
.stand > b {
  grid-column: 1;
}
.stand > :last-child {
  grid-column: 4;
}
.message {
  color: var(--rust);
}
.part {
  font-size: 0.86rem;
  color: var(--slate);
}
@media (width < 700px) {
  .stand {
    grid-template-columns: minmax(0, 1fr);
  }
  .stand > :last-child {
    grid-column: 1;
  }
  .week {
    grid-template-columns: repeat(4, 1fr);
  }
}
</style>
