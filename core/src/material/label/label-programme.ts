import { solve, type Coefficients, type Constraint } from 'yalps'
import {
  findIronSource,
  ingredients,
  ironSourceIds,
  nutrients,
  type IronSourceId,
  standInFor,
  type Ingredient,
  type KnownIronSource,
  sourceKinds,
} from '../source/index.ts'
import { isNone } from '../../base/reference/index.ts'
import { labelRounding } from './data/limits.ts'
import type { Label } from './label.ts'

/** How rich in iron a source is taken to be: the good commercial grade, or the pure compound. */
export type Richness = 'commercial' | 'pure'

/** Where a label's sulfur may come from. */
export type SulfurFrom = 'anything' | 'sulfates'

export interface ProgrammeOptions {
  readonly richness?: Richness
  readonly sulfurFrom?: SulfurFrom
}

/** Iron that one source carries; a ligand with isomers falls in two where a label declares them. */
export interface IronVariable {
  readonly key: string
  readonly source: KnownIronSource
  /** Share of this part in the isomer that counts [1]; undefined where the label is silent. */
  readonly orthoOrtho: number | undefined
}

type Limits = Readonly<Record<string, Constraint>>

/** A label as a linear programme: which masses of sources and ingredients can make up 100 g of it. */
export interface LabelProgramme {
  readonly iron: readonly IronVariable[]
  readonly limits: Limits
  /** Least or most of a sum of iron parts, each with its weight [g in 100 g]; undefined: no such bag. */
  solveFor(
    direction: 'minimize' | 'maximize',
    weightOf: (variable: IronVariable) => number,
    limits?: Limits,
  ): number | undefined
  /** Least mass of everything but the iron sources [g in 100 g]. */
  othersLeastG(): number
}

/** Sources that the label names; what it must hold beside them is added. */
function sourcesOf({ sourceIds, chelated, waterSoluble, iron }: Label): readonly IronSourceId[] {
  if (sourceIds.length === 0) return ironSourceIds
  const named = sourceIds.map(findIronSource)
  const hasOpen = named.some(({ kind }) => sourceKinds[kind].isOpen)
  const hasSlow = named.some(({ kind }) => !sourceKinds[kind].dissolves)
  return [
    ...sourceIds,
    ...(chelated !== undefined && chelated < iron && !hasOpen
      ? [standInFor('unchelated iron').id]
      : []),
    ...(waterSoluble !== undefined && waterSoluble < iron && !hasSlow
      ? [standInFor('insoluble iron').id]
      : []),
  ]
}

function ironVariables(label: Label): readonly IronVariable[] {
  return sourcesOf(label).flatMap((id): IronVariable[] => {
    const source = findIronSource(id)
    const { boundBy } = source
    const hasIsomers = !isNone(boundBy) && !isNone(boundBy.isomers)
    if (!hasIsomers || label.orthoOrtho === undefined) {
      return [{ key: id, source, orthoOrtho: undefined }]
    }
    return [
      { key: id, source, orthoOrtho: 1 },
      { key: `${id}, other isomers`, source, orthoOrtho: 0 },
    ]
  })
}

/** What a gram of iron from a source takes up and brings. */
function ironCoefficients(
  { source, orthoOrtho }: IronVariable,
  richness: Richness,
): Record<string, number> {
  const { brings, richest, kind } = source
  const perIron = (share: number) => share / richest.pure
  return {
    mass: 1 / richest[richness],
    Fe: 1,
    chelated: sourceKinds[kind].isOpen ? 0 : 1,
    soluble: sourceKinds[kind].dissolves ? 1 : 0,
    orthoOrtho: orthoOrtho ?? 0,
    N: perIron(brings.N),
    S: perIron(brings.S),
  }
}

function ingredientsOf(label: Label, sulfurFrom: SulfurFrom): readonly Ingredient[] {
  const allowed = ingredients.filter(
    ({ sulfurAs }) => sulfurFrom === 'anything' || sulfurAs !== 'element',
  )
  const named = allowed.filter(({ id }) => label.ingredientIds.includes(id))
  const isNamed = (nutrient: keyof Label['totals']) =>
    named.some(({ contents }) => (contents[nutrient] ?? 0) > 0)
  // A nutrient whose ingredient the label leaves out may come from any.
  const open = allowed.filter((each) =>
    Object.keys(each.contents).every(
      (nutrient) => !isNamed(nutrient as keyof Label['totals']) && !named.includes(each),
    ),
  )
  return [...named, ...open]
}

/** Guarantees are floors; the parts of the iron are as stated. */
function limitsOf(label: Label, capacityG: number): Limits {
  const { totals, iron, chelated, waterSoluble, orthoOrtho } = label
  const floors = nutrients
    .filter((nutrient) => nutrient !== 'Fe' && (totals[nutrient] ?? 0) > 0)
    .map((nutrient) => [nutrient, { min: totals[nutrient] ?? 0 }] as const)
  return {
    mass: { max: capacityG },
    Fe: { equal: iron },
    ...Object.fromEntries(floors),
    ...(chelated === undefined ? {} : { chelated: { equal: chelated } }),
    ...(waterSoluble === undefined ? {} : { soluble: { equal: waterSoluble } }),
    ...(orthoOrtho === undefined ? {} : { orthoOrtho: { equal: orthoOrtho } }),
  }
}

/**
 * The linear programme of a label, in grams for 100 g of product.
 * @source mass balance; contents of the source room
 */
export function labelProgramme(label: Label, options: ProgrammeOptions = {}): LabelProgramme {
  const { richness = 'commercial', sulfurFrom = 'anything' } = options
  const iron = ironVariables(label)
  const others = ingredientsOf(label, sulfurFrom).map(
    ({ id, contents }): [string, Coefficients] => [id, { mass: 1, ...contents }],
  )
  const solveFor: (
    direction: 'minimize' | 'maximize',
    weightOf: (variable: IronVariable) => number,
    limits: Limits,
  ) => number | undefined = (direction, weightOf, given) => {
    const parts = iron.map((variable): [string, Coefficients] => [
      variable.key,
      { ...ironCoefficients(variable, richness), aim: weightOf(variable) },
    ])
    const { status, result } = solve({
      direction,
      objective: 'aim',
      constraints: given,
      variables: [...parts, ...others],
    })
    // The solver's most of nothing is minus nought.
    return status === 'optimal' ? result + 0 : undefined
  }
  const strict = limitsOf(label, 100)
  const rounded = limitsOf(label, 100 + labelRounding.value)
  const fits = (limits: Limits) => solveFor('minimize', () => 1, limits) !== undefined
  const limits = !fits(strict) && fits(rounded) ? rounded : strict
  return {
    iron,
    limits,
    solveFor: (direction, weightOf, given = limits) => solveFor(direction, weightOf, given),
    othersLeastG() {
      const {
        mass: _mass,
        Fe: _iron,
        chelated: _c,
        soluble: _s,
        orthoOrtho: _o,
        ...floors
      } = limits
      const { status, result } = solve({
        direction: 'minimize',
        objective: 'mass',
        constraints: floors,
        variables: others,
      })
      return status === 'optimal' ? result : Number.POSITIVE_INFINITY
    },
  }
}
