import { climates, type Climate } from '@spudder/contract/place'
import { unitSystems, type UnitSystem } from '@spudder/core/base/quantity'

/** What is asked of a place, in the words of who lives there. */
const systemWords: Readonly<Record<UnitSystem, string>> = {
  us: 'US: oz, lb, gal, 1000 ft²',
  metric: 'metric: g, kg, L, ha',
}
const climateWords: Readonly<Record<Climate, string>> = {
  temperate: 'mild and moist',
  continental: 'cold winters, hot summers',
  mediterranean: 'dry summers',
  subtropical: 'warm and humid',
  tropical: 'hot all year',
}
export const systemOptions = unitSystems.map((value) => ({ value, words: systemWords[value] }))
export const climateOptions = climates.map((value) => ({ value, words: climateWords[value] }))
