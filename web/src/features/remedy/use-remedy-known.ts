import { plantOf } from '@spudder/core/stand/plant'
import { toShelfProduct } from '@spudder/contract/shelf'
import { toStandSize, type StandDto } from '@spudder/contract/stand'
import { addDays } from '@spudder/core/base/calendar'
import { expectedHere } from '@spudder/core/outcome/learnt'
import { shelfCandidate } from '@spudder/core/material/shelf'
import { contexts } from '@spudder/core/stand/plant'
import { computed } from 'vue'
import { useWeather } from '../../api/weather.ts'
import { useShelf } from '../../api/shelf.ts'
import { useJarTests, useSprayers } from '../../api/sprayers.ts'
import { pHAt } from '../../shared/case/pH-now.ts'
import { useStandCase } from '../../shared/case/stand-case.ts'
import { today } from '../../shared/units/today.ts'
import { presentIronOf } from './present-iron.ts'
import type { RemedyFacts } from './remedy-facts.ts'

/** Days ahead for which the warmest hour is asked. */
const foretoldDays = 10

/** Reads what is known of stand, shelf, sprayers and weather before a remedy is put together. */
export function useRemedyKnown(stand: StandDto, nutrient: RemedyFacts['nutrient']) {
  const { standId, story, system, remedies, known } = useStandCase()
  const shelf = useShelf(() => stand.placeId)
  const products = computed(() => shelf.data.value ?? [])
  const sprayers = useSprayers(() => stand.placeId)
  const jarTests = useJarTests(() => stand.placeId)
  const forecast = useWeather(
    () => stand.placeId,
    () => today(),
    () => addDays(today(), foretoldDays),
  )
  const presentIron = computed(() => presentIronOf(story.value))
  const maxCOn = (day: string) => forecast.data.value?.days.find((each) => each.day === day)?.maxC
  const facts: RemedyFacts = {
    standId: standId.value,
    context: stand.context,
    plantId: stand.plantId,
    firstRoute: remedies.value.at(-1)?.route ?? contexts[stand.context].routes[0],
    size: toStandSize(stand.size),
    nutrient,
    shelf: computed(() =>
      products.value
        .filter(({ isRetired }) => !isRetired)
        .map((product) => shelfCandidate(product.id, toShelfProduct(product))),
    ),
    plantPH: plantOf(stand).pHRange,
    pH: computed(() => story.value && pHAt(story.value, today())),
    presentIronMgPerL: computed(() => presentIron.value?.mgPerL),
    expects: computed(() => {
      const { learnt } = known.value
      return (published) => expectedHere(learnt, published, stand.id)
    }),
    measures: computed(() => stand.measures ?? {}),
    products,
    sprayers: computed(() => (sprayers.data.value ?? []).filter(({ isRetired }) => !isRetired)),
    jarTests: computed(() => jarTests.data.value ?? []),
    readings: computed(() => story.value?.readings ?? []),
    maxCOn: computed(() => maxCOn),
    system,
  }
  return { facts, shelf, presentIron }
}
