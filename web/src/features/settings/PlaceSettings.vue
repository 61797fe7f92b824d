<script setup lang="ts">
import { useToasts } from '../../ui/use-toasts.ts'
import {
  ChangePlaceDto,
  ChangeSettingsDto,
  placeRoutes,
  type PlaceDto,
} from '@spudder/contract/place'
import { localeSample } from '@spudder/core/base/calendar'
import { currencies, currencyCodes, type Currency } from '@spudder/core/base/quantity'
import { localeTags, typedNumber, usualLocale, type LocaleTag } from '@spudder/core/base/writing'
import { Button } from 'ant-design-vue'
import { ref } from 'vue'
import { useSeen } from '../../api/use-seen.ts'
import { useChange } from '../../api/use-change.ts'
import { numberIn } from '../../shared/form/number-text.ts'
import { useChecked } from '../../shared/form/use-checked.ts'
import { useCurrency } from '../../shared/units/use-currency.ts'
import { climateOptions, systemOptions } from '../../shared/words/place-words.ts'
import ChoiceField from '../../ui/ChoiceField.vue'
import ProblemNote from '../../ui/ProblemNote.vue'
import TextField from '../../ui/TextField.vue'

/** What the place is called, and how it counts, pays and writes. */
const props = defineProps<{ place: PlaceDto }>()
const toasts = useToasts()
const change = useChange(placeRoutes.change, { told: 'beside' })
const settings = useChange(placeRoutes.changeSettings, { told: 'beside' })
const { checked, messageFor } = useChecked(ChangePlaceDto, () => change.error.value)
const { checked: settled, messageFor: settledMessage } = useChecked(
  ChangeSettingsDto,
  () => settings.error.value,
)
const seen = useSeen(() => props.place)
const currency = useCurrency()
const draft = ref({
  name: props.place.name,
  unitSystem: props.place.unitSystem,
  climate: props.place.climate,
})
const paidIn = ref<Currency>(currency.value)
const { latitude } = props.place.settings
const lies = ref(latitude === undefined ? '' : typedNumber(latitude))
const writing = ref<LocaleTag>(props.place.settings.locale ?? usualLocale)

const currencyOptions = currencyCodes.map((value) => ({ value, words: currencies[value].name }))
const writingOptions = localeTags.map((value) => ({ value, words: localeSample(value) }))

async function save(): Promise<void> {
  const dto = checked({ ...draft.value, version: seen() })
  const placeId = props.place.id
  if (!dto || !(await change.send({ placeId, dto }))) return
  const counted = settled({
    currency: paidIn.value,
    locale: writing.value,
    version: seen(),
    ...(lies.value.trim() === '' ? {} : { latitude: numberIn(lies.value) }),
  })
  if (counted && (await settings.send({ placeId, dto: counted }))) toasts.say('Saved.')
}
</script>

<template>
  <form class="place stack gap-12" @submit.prevent="save">
    <TextField v-model="draft.name" label="Name of the place" :message="messageFor('name')" />
    <ChoiceField
      v-model="draft.unitSystem"
      label="Units shown"
      hint="either may be typed"
      :options="systemOptions"
    />
    <ChoiceField v-model="paidIn" label="Money" :options="currencyOptions" />
    <ChoiceField v-model="writing" label="Numbers and days" :options="writingOptions" />
    <ChoiceField
      v-model="draft.climate"
      label="Climate"
      hint="for the warmth of the soil"
      :options="climateOptions"
    />
    <TextField
      v-model="lies"
      label="Latitude [°]"
      hint="south negative; tells the season from the date"
      :message="settledMessage('latitude')"
    />
    <ProblemNote :problem="change.error.value ?? settings.error.value" />
    <div>
      <Button
        type="primary"
        html-type="submit"
        :loading="change.isLoading.value || settings.isLoading.value"
        >Save</Button
      >
    </div>
  </form>
</template>

<style scoped>
.place {
  max-width: 420px;
}
</style>
