import { CoreError } from '../../base/error/index.ts'
import type { FigureRange } from '../../base/reference/index.ts'
import {
  amendmentContentWords,
  amendments,
  type Amendment,
  type AmendmentContent,
  type AmendmentId,
} from './data/amendments.ts'
import {
  ironSourceIds,
  ironSources,
  type IronSource,
  type IronSourceId,
} from './data/iron-sources.ts'
import {
  otherNutrientWords,
  otherSources,
  type OtherNutrient,
  type OtherSource,
  type OtherSourceId,
} from './data/other-sources.ts'

/** A source of iron under its own id. */
export type KnownIronSource = IronSource & { readonly id: IronSourceId }

/** Any source of the catalogue: of iron, of another nutrient, or an amendment that moves pH. */
export type SourceId = IronSourceId | OtherSourceId | AmendmentId
export const sourceIds: readonly SourceId[] = [
  ...ironSourceIds,
  ...otherSources.map(({ id }) => id),
  ...amendments.map(({ id }) => id),
]

/** What every source of the catalogue has, whatever it is a source of. */
export interface Source {
  readonly id: SourceId
  readonly name: string
  readonly nutrient: 'Fe' | OtherNutrient | AmendmentContent
  readonly nutrientWord: string
  readonly kind: IronSource['kind'] | 'amendment'
  readonly contentShare: FigureRange
  /** Other nutrients that come along by mass [1]. */
  readonly brings: Readonly<Partial<Record<'N' | 'S', number>>>
  /** Bulk density that is usual for the form [kg/L]; a spoon that the user weighed comes first. */
  readonly densityKgPerL: number | undefined
}

const ofIron = ({
  id,
  name,
  kind,
  ironShare,
  brings = {},
  densityKgPerL,
}: KnownIronSource): Source => ({
  id,
  name,
  kind,
  nutrient: 'Fe',
  nutrientWord: 'iron',
  contentShare: ironShare,
  brings,
  densityKgPerL: densityKgPerL.value,
})
const ofOther = ({
  id,
  name,
  nutrient,
  fate,
  contentShare,
  brings = {},
}: OtherSource & { id: OtherSourceId }): Source => ({
  id,
  name,
  kind: fate === 'chelated' ? 'chelate' : 'salt',
  nutrient,
  nutrientWord: otherNutrientWords[nutrient],
  contentShare,
  brings,
  densityKgPerL: undefined,
})
const ofAmendment = ({
  id,
  name,
  content,
  contentShare,
  brings = {},
  densityKgPerL,
}: Amendment & { id: AmendmentId }): Source => ({
  id,
  name,
  kind: 'amendment',
  nutrient: content,
  nutrientWord: amendmentContentWords[content],
  contentShare,
  brings,
  densityKgPerL: densityKgPerL.value,
})
const sources: readonly Source[] = [
  ...(ironSources as readonly KnownIronSource[]).map(ofIron),
  ...(otherSources as readonly (OtherSource & { id: OtherSourceId })[]).map(ofOther),
  ...(amendments as readonly (Amendment & { id: AmendmentId })[]).map(ofAmendment),
]

function found<Found>(source: Found | undefined, received: string): Found {
  if (source) return source
  throw new CoreError('unknown-name', {
    parameter: 'sourceId',
    expected: 'a source of the catalogue',
    received,
  })
}

/**
 * One form of iron.
 * @throws {CoreError} unknown-name
 */
export const findIronSource = (id: string): KnownIronSource =>
  found(
    (ironSources as readonly KnownIronSource[]).find((each) => each.id === id),
    id,
  )

/**
 * One source of the catalogue.
 * @throws {CoreError} unknown-name
 */
export const findSource = (id: string): Source =>
  found(
    sources.find((each) => each.id === id),
    id,
  )
