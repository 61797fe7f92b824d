import type { Figure } from '../../../base/reference/index.ts'

const lindsay = { source: 'Lindsay 1979, Chemical Equilibria in Soils', mark: 'M' } as const

/** Iron held by a solid: Fe(OH)3 + 3 H = Fe + 3 H2O, log K. */
export const ironSolids = {
  'soil-iron': { name: 'iron hydroxide of soil', value: 2.7, unit: 'log K', ...lindsay },
  amorphous: { name: 'fresh, amorphous hydroxide', value: 3.54, unit: 'log K', ...lindsay },
  goethite: { name: 'goethite', value: -0.02, unit: 'log K', ...lindsay },
} as const satisfies Readonly<Record<string, Figure & { readonly name: string }>>
export type IronSolidId = keyof typeof ironSolids

/** Fe + n H2O = Fe(OH)n + n H, log K for n from 1 to 4. */
export const ironHydrolysis: readonly Figure[] = [-2.19, -5.69, -13.09, -21.59].map((value) => ({
  value,
  unit: 'log K',
  ...lindsay,
}))

/** Soil-M + 2 H = M, log K. */
export const soilZinc: Figure = { value: 5.8, unit: 'log K', ...lindsay }
export const soilCopper: Figure = { value: 2.8, unit: 'log K', ...lindsay }
/** Pyrolusite (41.89) in a well aired soil, pe + pH 18: log Mn = 41.89 - 36 - 2 pH. */
export const soilManganese: Figure = {
  value: 5.89,
  unit: 'log K',
  source: 'Lindsay 1979 for pyrolusite; pe + pH 18 by judgement',
  mark: 'M',
}

/** A field holds less zinc and copper in solution than the soil minerals would let it. */
const judgedField = { source: 'a tenth of soil zinc and copper, capped', mark: 'J' } as const
export const fieldShareLog: Figure = { value: -1, unit: 'log', ...judgedField }
export const fieldZincCap: Figure = { value: -6.5, unit: 'log activity', ...judgedField }
export const fieldCopperCap: Figure = { value: -9, unit: 'log activity', ...judgedField }

/** Calcite + H = Ca + HCO3, log K. */
export const calciteToBicarbonate: Figure = { value: 1.85, unit: 'log K', ...lindsay }
/** Calcite + 2 H = Ca + CO2 + H2O, log K. */
export const calciteToCarbonDioxide: Figure = { value: 9.74, unit: 'log K', ...lindsay }
/** Anions beside bicarbonate in the water of a lime soil. */
export const limeSoilOtherAnions: Figure = {
  value: 2,
  unit: 'meq/L',
  source: 'soil water of low salinity',
  mark: 'J',
}
/** No soil water of a farm holds more calcium for long. */
export const calciumCap: Figure = {
  value: -2.5,
  unit: 'log M',
  source: 'soil water of limed and lime soils',
  mark: 'J',
}
/** Carbon dioxide of sodic soil, held fixed there. */
export const sodicCarbonDioxide: Figure = {
  value: -2.5,
  unit: 'log atm',
  source: 'soil air, ten times the open air',
  mark: 'M',
}
/** Exchange keeps magnesium at a third of the calcium in the water: 10^-3 where calcium is 10^-2.5. */
export const magnesiumToCalcium: Figure = {
  value: -0.5,
  unit: 'log ratio',
  source: 'soil water, about; held in ratio by exchange',
  mark: 'J',
}

/** Ionic strength of soil water and of nutrient solution [M]. */
export const soilIonicStrength: Figure = {
  value: 0.01,
  unit: 'M',
  source: 'soil water of low salinity',
  mark: 'J',
}
/** Ionic strength at which the stability constants were measured [M]. */
export const measuredIonicStrength: Figure = {
  value: 0.1,
  unit: 'M',
  source: 'conditions of the constants',
  mark: 'M',
}
/** A of the Davies equation, water at 25 °C. */
export const daviesA: Figure = {
  value: 0.5085,
  unit: 'kg^0.5 mol^-0.5',
  source: 'Davies equation, water at 25 °C',
  mark: 'M',
}
/** Chelate in soil water after a usual drench [M]. */
export const usualLigand: Figure = {
  value: 1e-4,
  unit: 'M',
  source: 'a usual drench in the water of the root zone',
  mark: 'J',
}
