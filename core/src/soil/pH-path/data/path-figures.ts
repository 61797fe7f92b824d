import type { Figure } from '../../../base/reference/index.ts'
import * as rates from './rates.ts'

/** Every figure that a path runs by, with the name it is shown under. */
export const pathFigures: readonly (readonly [name: string, figure: Figure])[] = [
  ['sulfur taken from the surface of grains, at 25 °C', rates.sulfurPerSurface],
  ['times faster for 10 K', rates.warmth],
  ['colder soil turns no sulfur', rates.leastWarmth],
  ['before bacteria are at work', rates.lag],
  ['density of sulfur', rates.sulfurDensity],
  ['ammonium turned to nitrate', rates.nitrification],
  ['iron and aluminium salts acting', rates.saltAction],
  ['litter acting', rates.litterAction],
  ['lime dissolving, for each pH below its balance', rates.limeDissolving],
  ['added lime in balance', rates.limeBalance],
  ['soil drops lime above', rates.limeDrops],
  ['bicarbonate of soil water, × 10^pH', rates.bicarbonate],
  ['most bicarbonate that water carries off', rates.mostBicarbonate],
  ['acid that washes down with a proton', rates.aluminiumWithAcid],
  ['two layers evened out', rates.mixing],
  ['spread over soils: what the ground gets of a step, ln', { ...rates.arrival, value: rates.arrival.spread }], // prettier-ignore
  ['spread: grain of one product, ln', { ...rates.grain, value: rates.grain.spread }],
  ['spread: water past the roots, ln', { ...rates.drainage, value: rates.drainage.spread }],
  ['spread: lime that water brings, ln', { ...rates.waterLime, value: rates.waterLime.spread }],
  ['spread: warmth of the soil', { ...rates.soilWarmth, value: rates.soilWarmth.spread }],
  ['spread: everything else', { ...rates.drift, value: rates.drift.spread }],
]
