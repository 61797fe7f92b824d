import { practiceDevices, type PracticeDevice } from '@spudder/contract/place'
import { computed } from 'vue'
import { usePlace } from '../../api/places.ts'

/** What each stand-in is, and what its values are. */
const practiceWords: Readonly<Record<PracticeDevice, string>> = {
  weather: 'weather: hours that were and a forecast of a fortnight, made up by climate',
  pHPen: 'pH pen: drifts and wears as a real one does; what it reads is made up',
  leafMeter: 'chlorophyll meter: reads about the colour last noted; made up',
  laboratory: 'laboratory: takes its days and sends a file; the results in it are made up',
}
export const practiceOptions = practiceDevices.map((value) => ({
  value,
  words: practiceWords[value],
}))

/** Which stand-ins are switched on at the place at work. */
export function usePractice() {
  const { place } = usePlace()
  const on = computed(() => place.value?.settings.practice ?? [])
  return { on, isOn: (device: PracticeDevice) => on.value.includes(device) }
}
