import { ligands, metalIds, type LigandId, type MetalId } from '../source/index.ts'
import { soilIonicStrength } from './data/soil-solids.ts'
import { logActivityCoefficient } from './davies.ts'
import { speciesOfLigand, type LigandSpecies } from './ligand-species.ts'

/** Coefficient of a sum over species, by protons: `values[i]` belongs to `lowest + i` protons. */
interface ProtonSeries {
  readonly lowest: number
  readonly values: Float64Array
}

/** A ligand's sums, ready for a pH: concentrations per free ligand, and per metal activity. */
export interface LigandCoefficients {
  readonly free: ProtonSeries
  readonly byMetal: Readonly<Record<MetalId, ProtonSeries>>
  /** Complexes of two ligands with two iron, per squared free ligand and squared iron activity. */
  readonly dimer: ProtonSeries
}

function series(species: readonly LigandSpecies[], ionicStrengthM: number): ProtonSeries {
  const protons = species.map((each) => each.protons)
  const lowest = Math.min(0, ...protons)
  const values = new Float64Array(Math.max(0, ...protons) - lowest + 1)
  for (const each of species) {
    const coefficient = 10 ** (each.logBeta - logActivityCoefficient(each.charge, ionicStrengthM))
    const index = each.protons - lowest
    values[index] = (values[index] ?? 0) + coefficient
  }
  return { lowest, values }
}

const freeLigand = (charge: number): LigandSpecies => ({
  name: 'L',
  metal: undefined,
  ligands: 1,
  metals: 0,
  protons: 0,
  charge,
  logBeta: 0,
})

function build(ligandId: LigandId, ionicStrengthM: number): LigandCoefficients {
  const ligand = ligands[ligandId]
  const all = [freeLigand(ligand.charge), ...speciesOfLigand(ligand)]
  const of = (metal: MetalId | undefined, count: number) =>
    series(
      all.filter((each) => each.metal === metal && each.ligands === count),
      ionicStrengthM,
    )
  const byMetal = Object.fromEntries(metalIds.map((metal) => [metal, of(metal, 1)])) as Record<
    MetalId,
    ProtonSeries
  >
  return { free: of(undefined, 1), byMetal, dimer: of('Fe', 2) }
}

const built = new Map<string, LigandCoefficients>()

/** Coefficients of a ligand at an ionic strength; built once for each. */
export function coefficientsOf(
  ligandId: LigandId,
  ionicStrengthM: number = soilIonicStrength.value,
): LigandCoefficients {
  const key = `${ligandId} ${ionicStrengthM}`
  const known = built.get(key)
  if (known) return known
  const made = build(ligandId, ionicStrengthM)
  built.set(key, made)
  return made
}

/** The sum at a proton activity, by Horner's rule. */
export function sumAt({ lowest, values }: ProtonSeries, proton: number): number {
  let sum = 0
  for (let index = values.length - 1; index >= 0; index -= 1) {
    sum = sum * proton + (values[index] ?? 0)
  }
  return lowest === 0 ? sum : sum * proton ** lowest
}

/** Fewest and most protons that any sum counts. */
const [fewestProtons, mostProtons] = [-2, 6]
const powerCount = mostProtons - fewestProtons + 1
/** Nothing, and each metal, in the order of the terms. */
const slots = [undefined, ...metalIds] as const

/**
 * Every product of a metal activity (or one) and a power of the proton activity that a complex can
 * ask for, in one row: worked out once for a pH, used by all ligands.
 */
export function productsAt(activities: Float64Array, proton: number, products: Float64Array): void {
  let power = proton ** fewestProtons
  for (let p = 0; p < powerCount; p += 1) {
    products[p] = power
    for (let metal = 0; metal < metalIds.length; metal += 1) {
      products[(metal + 1) * powerCount + p] = power * (activities[metal] ?? 0)
    }
    power *= proton
  }
}

/** Room for the products of one pH, to be filled again for the next. */
export const roomForProducts = (): Float64Array => new Float64Array(slots.length * powerCount)

/** Terms of a sum over complexes: which product each asks for, and its coefficient. */
interface Terms {
  readonly at: Int32Array
  readonly coefficients: Float64Array
}

function termsOf(parts: readonly (readonly [MetalId | undefined, ProtonSeries])[]): Terms {
  const all = parts.flatMap(([metal, { lowest, values }]) =>
    [...values].flatMap((value, index) =>
      value === 0
        ? []
        : [[slots.indexOf(metal) * powerCount + lowest + index - fewestProtons, value] as const],
    ),
  )
  return {
    at: Int32Array.from(all, ([at]) => at),
    coefficients: Float64Array.from(all, ([, value]) => value),
  }
}

/** A ligand's sums as terms over the products of a pH: with iron, and with anything else or nothing. */
interface LigandTerms {
  readonly iron: Terms
  readonly rest: Terms
  readonly dimer: Terms
}

function layOut({ free, byMetal, dimer }: LigandCoefficients): LigandTerms {
  const others = metalIds.filter((metal) => metal !== 'Fe')
  return {
    iron: termsOf([['Fe', byMetal.Fe]]),
    rest: termsOf([[undefined, free], ...others.map((metal) => [metal, byMetal[metal]] as const)]),
    dimer: termsOf([[undefined, dimer]]),
  }
}

const laidOut = new WeakMap<LigandCoefficients, LigandTerms>()

/** The terms of a ligand; laid out once. */
export function ligandTerms(coefficients: LigandCoefficients): LigandTerms {
  const known = laidOut.get(coefficients)
  if (known) return known
  const terms = layOut(coefficients)
  laidOut.set(coefficients, terms)
  return terms
}

export function sumTerms({ at, coefficients }: Terms, products: Float64Array): number {
  let sum = 0
  for (let index = 0; index < at.length; index += 1) {
    sum += (coefficients[index] ?? 0) * (products[at[index] ?? 0] ?? 0)
  }
  return sum
}
