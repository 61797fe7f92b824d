<script setup lang="ts">
import { placeRoutes, type PlaceDto } from '@spudder/contract/place'
import {
  neededValues,
  stationColumns,
  stationValues,
  unitsOfValue,
  type StationColumns,
} from '@spudder/core/days/station'
import { Button } from 'ant-design-vue'
import { computed, ref } from 'vue'
import { useChange } from '../../api/use-change.ts'
import ChoiceField from '../../ui/ChoiceField.vue'
import ProblemNote from '../../ui/ProblemNote.vue'

/** Which column of a station's file is what: told once, kept with the place, good for every file after. */
const props = defineProps<{ place: PlaceDto; headings: readonly string[] }>()
const emit = defineEmits<{ kept: [] }>()
const kept: Partial<StationColumns> = props.place.settings.stationColumns ?? {}
const day = ref(kept.day ?? '')
const hour = ref(kept.hour ?? '')
const chosen = ref<Record<string, string>>({ ...kept.headings })
const units = ref<Record<string, string>>({ ...kept.units })
const { send, error, isLoading } = useChange(placeRoutes.changeSettings, { told: 'beside' })
const options = computed(() => props.headings.map((value) => ({ value, words: value })))
const orNone = computed(() => [{ value: '', words: 'not in the file' }, ...options.value])
const isNeeded = (name: (typeof stationValues)[number]) => neededValues.includes(name)
const unitOptions = (name: (typeof stationValues)[number]) =>
  unitsOfValue(name).map((value) => ({ value, words: unitWords[value] ?? value }))
const unitWords: Readonly<Record<string, string>> = { c: '°C', f: '°F' }
const isReady = computed(() => day.value !== '' && neededValues.every((name) => chosen.value[name]))

const said = (all: Readonly<Record<string, string>>) =>
  Object.fromEntries(Object.entries(all).filter(([, value]) => value !== ''))
async function keep(): Promise<void> {
  const columns = {
    day: day.value,
    ...(hour.value === '' ? {} : { hour: hour.value }),
    headings: said(chosen.value),
    units: said(units.value),
  }
  if (await send({ placeId: props.place.id, dto: { stationColumns: columns } })) emit('kept')
}
</script>

<template>
  <form
    class="stack gap-10 above-12"
    aria-label="Which column of the file is what"
    @submit.prevent="keep"
  >
    <p>
      <b>Its headings do not say which column is what.</b> Say it once; it holds for every file with
      these headings.
    </p>
    <div class="columns">
      <ChoiceField v-model="day" label="Day, or day and hour" :options="options" />
      <ChoiceField
        v-model="hour"
        label="Hour"
        hint="where it stands apart"
        :options="[{ value: '', words: 'with the day' }, ...options]"
      />
      <template v-for="name in stationValues" :key="name">
        <ChoiceField
          :model-value="chosen[name] ?? ''"
          :label="stationColumns[name].label"
          :hint="isNeeded(name) ? 'needed' : undefined"
          :options="isNeeded(name) ? options : orNone"
          @update:model-value="chosen[name] = $event"
        />
        <ChoiceField
          :model-value="units[name] ?? stationColumns[name].usual"
          :label="`${stationColumns[name].label} in`"
          :options="unitOptions(name)"
          @update:model-value="units[name] = $event"
        />
      </template>
    </div>
    <ProblemNote :problem="error" />
    <div>
      <Button type="primary" html-type="submit" :disabled="!isReady" :loading="isLoading"
        >Take in the file so named</Button
      >
    </div>
  </form>
</template>

<style scoped>
.columns {
  display: grid;
  grid-template-columns: repeat(2, minmax(0, 1fr));
  gap: 10px 16px;
  align-items: start;
  max-width: 560px;
}
</style>
