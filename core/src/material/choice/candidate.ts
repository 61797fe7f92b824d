import { labelBounds, type Label } from '../label/index.ts'
import type { FigureRange, Sourced } from '../../base/reference/index.ts'
import {
  findIronSource,
  ironSources,
  type IronSourceId,
  type KnownIronSource,
  sourceKinds,
} from '../source/index.ts'

/** Something that can be bought or stands on the shelf. */
export interface Candidate {
  /** A source of the catalogue or a product of the shelf. */
  readonly id: string
  readonly name: string
  readonly origin: 'catalogue' | 'shelf'
  /** The form that it is handled as: rates, cautions, response. */
  readonly source: KnownIronSource
  readonly label: Label
  /** Whether any mix of its sources gives the label's figures. */
  readonly isPossible: boolean
  /** In the money of the place. */
  readonly pricePerKg: FigureRange & Sourced
  /** Nitrogen and sulfur by mass [1]. */
  readonly nitrogenShare: number
  /** Micronutrients that build up with repeats, by mass [1]. */
  readonly micronutrients: Readonly<Partial<Record<'Mn' | 'Zn' | 'Cu', number>>>
  readonly stains: KnownIronSource['stains']
  readonly organic: KnownIronSource['organic']
}

const labelOf = (source: KnownIronSource): Label => ({
  totals: { Fe: source.contentShare.usual * 100 },
  iron: source.contentShare.usual * 100,
  sourceIds: [source.id],
  ingredientIds: [],
  unknownNames: [],
})

/**
 * A form of the catalogue as it is usually sold.
 * @throws {CoreError} unknown-name for one that it has not
 */
export function candidateOfSource(id: IronSourceId): Candidate {
  const source = findIronSource(id)
  return {
    id,
    name: source.name,
    origin: 'catalogue',
    source,
    label: labelOf(source),
    isPossible: true,
    pricePerKg: source.pricePerKg,
    nitrogenShare: source.brings.N,
    micronutrients: {},
    stains: source.stains,
    organic: source.organic,
  }
}

/** Every form of the catalogue that is a source of iron within a season. */
export const catalogueCandidates = (): readonly Candidate[] =>
  ironSources
    .filter(({ kind }) => sourceKinds[kind].dissolves)
    .map(({ id }) => candidateOfSource(id))

/** A product of the shelf, as far as choosing goes. */
export interface ShelfCandidateInput {
  readonly id: string
  readonly name: string
  readonly sourceId: IronSourceId
  readonly label: Label
  /** Price of a pack and what is in it; absent: the usual price of the form. */
  readonly pack?: { readonly price: number; readonly kg: number }
}

const share = (percent: number | undefined): number => (percent ?? 0) / 100

/**
 * A product of the shelf, by its own label and bill.
 * @throws {CoreError} unknown-name for a form that the catalogue has not
 */
export function candidateOfProduct({
  id,
  name,
  sourceId,
  label,
  pack,
}: ShelfCandidateInput): Candidate {
  const source = findIronSource(sourceId)
  const { Mn, Zn, Cu, N } = label.totals
  const own = pack && pack.price / pack.kg
  return {
    id,
    name,
    origin: 'shelf',
    source,
    label,
    isPossible: labelBounds(label).possible,
    pricePerKg:
      own === undefined
        ? source.pricePerKg
        : { low: own, usual: own, high: own, source: 'own bill: price of the pack', mark: 'D' },
    nitrogenShare: share(N),
    micronutrients: { Mn: share(Mn), Zn: share(Zn), Cu: share(Cu) },
    stains: source.stains,
    organic: source.organic,
  }
}
