import { requireInRange } from '../../base/error/index.ts'
import { ligandIds, metalIds, type LigandId, type MetalId } from '../source/index.ts'
import { usualLigand } from './data/soil-solids.ts'
import {
  coefficientsOf,
  ligandTerms,
  productsAt,
  roomForProducts,
  sumAt,
  sumTerms,
} from './ligand-coefficients.ts'
import { soilMetals, type SoilConditions } from './soil-metals.ts'

/** Bounds of the ligand in water [M]: a trace to a stock solution. */
const ligandRange = { min: 1e-9, max: 0.1, unit: 'M' } as const

/** Shares of a ligand by what it carries; together 1. */
export type CarriedShares = Readonly<Record<MetalId | 'nothing', number>>

export interface SoilWater extends SoilConditions {
  readonly pH: number
  /** Ligand in all its forms [M]. */
  readonly ligandM?: number
  readonly ionicStrengthM?: number
}

/**
 * Free ligand and the part of two-iron complexes, from a balance that is quadratic at worst:
 * total = monomers × free + 2 × dimers × free².
 */
const freeLigand = (monomers: number, dimers: number, total: number): number =>
  (2 * total) / (monomers + Math.sqrt(monomers * monomers + 8 * dimers * total))

/**
 * Share of a ligand that carries each metal in soil whose solids hold the metals.
 * A closed form: nothing is iterated and nothing can fail.
 * @returns shares [1]
 * @throws {CoreError} out-of-range
 * @source constants of data/; the balance is derived
 */
export function carriedShares(ligandId: LigandId, water: SoilWater): CarriedShares {
  const { pH, ligandM = usualLigand.value, ionicStrengthM, ...conditions } = water
  requireInRange('ligandM', ligandM, ligandRange)
  const activities = soilMetals(pH, conditions)
  const coefficients = coefficientsOf(ligandId, ionicStrengthM)
  const proton = 10 ** -pH
  const perFree = (metal: MetalId) =>
    10 ** activities[metal] * sumAt(coefficients.byMetal[metal], proton)
  const sums = metalIds.map(perFree)
  const nothing = sumAt(coefficients.free, proton)
  const dimers = 10 ** (2 * activities.Fe) * sumAt(coefficients.dimer, proton)
  const monomers = sums.reduce((all, each) => all + each, nothing)
  const free = freeLigand(monomers, dimers, ligandM)
  const shares = Object.fromEntries(
    metalIds.map((metal, index) => [metal, ((sums[index] ?? 0) * free) / ligandM]),
  ) as Record<MetalId, number>
  return {
    ...shares,
    Fe: shares.Fe + (2 * dimers * free * free) / ligandM,
    nothing: (nothing * free) / ligandM,
  }
}

/** Iron-carrying shares of several ligands over a run of pH values. */
export interface SoilCurves {
  readonly pHs: readonly number[]
  /** A value for each pH [1], by ligand. */
  readonly shares: Readonly<Record<LigandId, Float64Array>>
}

export interface CurveInput extends SoilConditions {
  readonly pHs: readonly number[]
  readonly ligandM?: number
}

/**
 * The curves of every ligand at once; same result as {@link carriedShares} point by point, with
 * what the ligands share worked out once.
 * @throws {CoreError} out-of-range
 */
export function soilCurves({ pHs, ligandM, ...conditions }: CurveInput): SoilCurves {
  const total = requireInRange('ligandM', ligandM ?? usualLigand.value, ligandRange)
  const rows = ligandIds.map((id) => ({
    ...ligandTerms(coefficientsOf(id)),
    values: new Float64Array(pHs.length),
  }))
  const activities = new Float64Array(metalIds.length)
  const products = roomForProducts()
  for (let at = 0; at < pHs.length; at += 1) {
    const pH = pHs[at] ?? 0
    const logs = soilMetals(pH, conditions)
    for (let metal = 0; metal < activities.length; metal += 1) {
      activities[metal] = 10 ** logs[metalIds[metal] ?? 'Fe']
    }
    const iron = activities[0] ?? 0
    productsAt(activities, 10 ** -pH, products)
    for (const { iron: ironTerms, rest, dimer, values } of rows) {
      const withIron = sumTerms(ironTerms, products)
      const dimers = iron * iron * sumTerms(dimer, products)
      const free = freeLigand(withIron + sumTerms(rest, products), dimers, total)
      values[at] = (free * (withIron + 2 * dimers * free)) / total
    }
  }
  const shares = Object.fromEntries(
    ligandIds.map((id, index) => [id, rows[index]?.values ?? new Float64Array(0)]),
  ) as Record<LigandId, Float64Array>
  return { pHs, shares }
}
