import { requireInRange } from '../../base/error/index.ts'
import { metalCharge, metalIds, ligandIds, type LigandId, type MetalId } from '../source/index.ts'
import { ironHydrolysis, ironSolids, soilIonicStrength } from './data/soil-solids.ts'
import { logActivityCoefficient } from './davies.ts'
import { coefficientsOf, sumAt } from './ligand-coefficients.ts'

/** What a feed solution holds beside the chelate [mmol/L]. */
export interface FeedSolution {
  readonly ironMmolPerL: number
  readonly otherMetalsMmolPerL: Readonly<Partial<Record<Exclude<MetalId, 'Fe'>, number>>>
}

interface MetalInWater {
  readonly total: number
  /** Complexed per free ligand and free metal, as activities. */
  readonly perFree: number
  /** Dissolved without ligand, per free metal. */
  readonly bare: number
  /** The most free metal that a solid lets be [activity]. */
  readonly most: number
}

const freeOf = ({ total, perFree, bare, most }: MetalInWater, ligand: number): number =>
  Math.min(most, total / (bare + perFree * ligand))

function bareOf(metal: MetalId, proton: number): number {
  const coefficient = (charge: number) =>
    10 ** -logActivityCoefficient(charge, soilIonicStrength.value)
  const free = coefficient(metalCharge[metal])
  if (metal !== 'Fe') return free
  return ironHydrolysis.reduce(
    (sum, { value }, index) => sum + (10 ** value / proton ** (index + 1)) * coefficient(2 - index),
    free,
  )
}

/** Ligand held in all forms at a free ligand, and how that rises, in logarithms. */
function heldAt(ligand: number, perFree: number, metals: readonly MetalInWater[]) {
  let held = perFree * ligand
  let rise = held
  for (const each of metals) {
    const complexed = freeOf(each, ligand) * each.perFree * ligand
    const isCapped = each.total / (each.bare + each.perFree * ligand) > each.most
    held += complexed
    rise += isCapped ? complexed : (complexed * each.bare) / (each.bare + each.perFree * ligand)
  }
  return { held, slope: rise / held }
}

/** Free ligand from a balance that only rises with it: Newton in logarithms inside a bracket that closes. */
function freeLigand(total: number, perFree: number, metals: readonly MetalInWater[]): number {
  let [low, high] = [-140, Math.log(total)]
  let x = high
  for (let round = 0; round < 100; round += 1) {
    const { held, slope } = heldAt(Math.exp(x), perFree, metals)
    const off = Math.log(held / total)
    if (Math.abs(off) < 1e-12) break
    if (off > 0) high = x
    else low = x
    const next = x - off / slope
    x = next > low && next < high ? next : (low + high) / 2
    if (high - low < 1e-12) break
  }
  return Math.exp(x)
}

/** What a feed solution is at a pH, whatever the ligand. */
interface Water {
  readonly proton: number
  readonly metals: readonly {
    readonly id: MetalId
    readonly total: number
    readonly bare: number
  }[]
  /** Free iron over fresh hydroxide [activity]. */
  readonly mostIron: number
}

function waterAt(pH: number, { ironMmolPerL, otherMetalsMmolPerL }: FeedSolution): Water {
  requireInRange('pH', pH, { min: 2.5, max: 11 })
  requireInRange('ironMmolPerL', ironMmolPerL, { min: 1e-6, max: 1000, unit: 'mmol/L' })
  const proton = 10 ** -pH
  const amounts = { ...otherMetalsMmolPerL, Fe: ironMmolPerL }
  const present = metalIds.filter((id) => (amounts[id] ?? 0) > 0)
  return {
    proton,
    mostIron: 10 ** (ironSolids.amorphous.value - 3 * pH),
    metals: present.map((id) => ({
      id,
      total: (amounts[id] ?? 0) * 1e-3,
      bare: bareOf(id, proton),
    })),
  }
}

function dissolvedIn({ proton, metals, mostIron }: Water, ligandId: LigandId): number {
  const coefficients = coefficientsOf(ligandId)
  const inWater = metals.map(({ id, total, bare }): MetalInWater => ({
    total,
    bare,
    perFree: sumAt(coefficients.byMetal[id], proton),
    most: id === 'Fe' ? mostIron : Infinity,
  }))
  // Iron is the first of the metals and always there.
  const iron = inWater[0]
  if (!iron) return 0
  const ligand = freeLigand(iron.total, sumAt(coefficients.free, proton), inWater)
  return Math.min(1, (freeOf(iron, ligand) * (iron.bare + iron.perFree * ligand)) / iron.total)
}

/**
 * Share of the iron that stays dissolved in a feed solution with as much chelate as iron, fresh
 * hydroxide falling out of the rest. One ligand alone needs no general solver; complexes of two
 * irons, which matter in strong stock solutions only, are left out.
 * @returns share [1]
 * @throws {CoreError} out-of-range, not-a-number
 */
export function dissolvedShare(
  ligandId: LigandId | 'none',
  pH: number,
  feed: FeedSolution,
): number {
  const water = waterAt(pH, feed)
  if (ligandId !== 'none') return dissolvedIn(water, ligandId)
  const iron = water.metals[0]
  return iron ? Math.min(1, (water.mostIron * iron.bare) / iron.total) : 0
}

/**
 * Dissolved share of iron for every ligand over a run of pH values.
 * @param pHs any number of them [pH]
 * @returns as many shares for each ligand [1]
 * @throws {CoreError} as {@link dissolvedShare}
 */
export function solutionCurves(
  pHs: readonly number[],
  feed: FeedSolution,
): Readonly<Record<LigandId, Float64Array>> {
  const waters = pHs.map((pH) => waterAt(pH, feed))
  return Object.fromEntries(
    ligandIds.map((id) => [id, Float64Array.from(waters, (water) => dissolvedIn(water, id))]),
  ) as Record<LigandId, Float64Array>
}
