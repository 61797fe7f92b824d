import { CoreError, requireInRange } from '../../base/error/index.ts'

/** A building block of a system, either with a total to be shared out or with a fixed activity. */
export type Component = { readonly name: string } & (
  { readonly total: number } | { readonly logActivity: number }
)

/** What forms from components: log K of forming it from their free forms; a component may be given off (negative). */
export interface EquilibriumSpecies {
  readonly name: string
  readonly logK: number
  readonly of: Readonly<Record<string, number>>
}

/** A solid: its components' activities, to their powers, multiply to 10^logK where it is present. */
export interface EquilibriumSolid {
  readonly name: string
  readonly logK: number
  readonly of: Readonly<Record<string, number>>
}

/**
 * A closed system. Totals in M, constants between concentrations at the ionic strength of the
 * system. Every component's free form is a species by itself and need not be listed.
 */
export interface EquilibriumInput {
  readonly components: readonly Component[]
  readonly species: readonly EquilibriumSpecies[]
  readonly solids?: readonly EquilibriumSolid[]
}

/** The system as arrays: components with a total only, natural logarithms, fixed activities folded in. */
export interface ArrayedSystem {
  readonly names: readonly string[]
  readonly totals: Float64Array
  readonly speciesNames: readonly string[]
  /** ln K of each species with the fixed activities in it. */
  readonly lnK: Float64Array
  /** Stoichiometry, one row a species. */
  readonly rows: readonly Float64Array[]
  readonly solidNames: readonly string[]
  readonly solidLnK: Float64Array
  readonly solidRows: readonly Float64Array[]
}

const ln10 = Math.LN10

function unknown(parameter: string, received: string): CoreError {
  return new CoreError('component-unknown', {
    parameter,
    received,
  })
}

/**
 * Checks a system and lays it out in arrays.
 * @throws {CoreError} unknown-name, not-a-number, out-of-range
 */
export function arrayed({ components, species, solids = [] }: EquilibriumInput): ArrayedSystem {
  const fixed = new Map<string, number>()
  const free: { name: string; total: number }[] = []
  for (const component of components) {
    if ('total' in component) {
      requireInRange(`total of ${component.name}`, component.total, {
        min: -10,
        max: 10,
        unit: 'M',
      })
      free.push(component)
    } else {
      const { name, logActivity } = component
      requireInRange(`activity of ${name}`, logActivity, { min: -200, max: 10 })
      fixed.set(name, logActivity)
    }
  }
  const indexOf = new Map(free.map(({ name }, index) => [name, index]))
  const layOut = (item: EquilibriumSpecies): { lnK: number; row: Float64Array } => {
    requireInRange(`log K of ${item.name}`, item.logK, { min: -300, max: 300 })
    const row = new Float64Array(free.length)
    let logK = item.logK
    for (const [name, count] of Object.entries(item.of)) {
      const index = indexOf.get(name)
      if (index !== undefined) row[index] = count
      else if (fixed.has(name)) logK += count * (fixed.get(name) ?? 0)
      else throw unknown(item.name, name)
    }
    return { lnK: logK * ln10, row }
  }
  const own = free.map(({ name }) => ({ name, logK: 0, of: { [name]: 1 } }))
  const all = [...own, ...species]
  const laid = all.map(layOut)
  const laidSolids = solids.map((solid) => {
    const { lnK, row } = layOut({ ...solid, logK: 0 })
    return { lnK: solid.logK * ln10 - lnK, row }
  })
  return {
    names: free.map(({ name }) => name),
    totals: Float64Array.from(free, ({ total }) => total),
    speciesNames: all.map(({ name }) => name),
    lnK: Float64Array.from(laid, ({ lnK }) => lnK),
    rows: laid.map(({ row }) => row),
    solidNames: solids.map(({ name }) => name),
    solidLnK: Float64Array.from(laidSolids, ({ lnK }) => lnK),
    solidRows: laidSolids.map(({ row }) => row),
  }
}
