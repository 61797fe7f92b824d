import { isNone } from '../../base/reference/index.ts'
import { CoreError } from '../../base/error/index.ts'
import { amendmentForms, ironForms, otherForms } from './catalogue.ts'
import type { Amendment, IronSource, OtherSource } from './facts/source.ts'

export type IronSourceId = (typeof ironForms)[number]['id']
export type OtherSourceId = (typeof otherForms)[number]['id']
export type AmendmentId = (typeof amendmentForms)[number]['id']
/** Any source of the catalogue: of iron, of another nutrient, or an amendment that moves pH. */
export type SourceId = IronSourceId | OtherSourceId | AmendmentId

/** A source under its own id. */
export type KnownIronSource = IronSource & { readonly id: IronSourceId }
export type KnownOtherSource = OtherSource & { readonly id: OtherSourceId }
export type KnownAmendment = Amendment & { readonly id: AmendmentId }
export type Source = KnownIronSource | KnownOtherSource | KnownAmendment

export const ironSources: readonly KnownIronSource[] = ironForms
export const otherSources: readonly KnownOtherSource[] = otherForms
export const amendments: readonly KnownAmendment[] = amendmentForms
/** The whole catalogue. */
export const sources: readonly Source[] = [...ironSources, ...otherSources, ...amendments]

export const ironSourceIds: readonly IronSourceId[] = ironSources.map(({ id }) => id)
export const sourceIds: readonly SourceId[] = sources.map(({ id }) => id)

function found<Found extends { readonly id: string }>(among: readonly Found[], id: string): Found {
  const source = among.find((each) => each.id === id)
  if (source) return source
  throw new CoreError('source-unknown', {
    parameter: 'sourceId',
    received: id,
  })
}

/**
 * One form of iron.
 * @throws {CoreError} unknown-name
 */
export const findIronSource = (id: string): KnownIronSource => found(ironSources, id)

/**
 * One source of the catalogue.
 * @throws {CoreError} unknown-name
 */
export const findSource = (id: string): Source => found(sources, id)

/**
 * The form that a label means by iron of which it says no more.
 * @throws {CoreError} unknown-name where the catalogue has none
 */
export function standInFor(what: 'unchelated iron' | 'insoluble iron'): KnownIronSource {
  const source = ironSources.find(({ standsFor }) => standsFor === what)
  return source ?? found(ironSources, what)
}

/**
 * What a litre of a form usually weighs [kg/L]; undefined where nobody states it.
 * @throws {CoreError} unknown-name
 */
export function usualDensityOf(id: SourceId): number | undefined {
  const { usualKgPerL } = findSource(id)
  return isNone(usualKgPerL) ? undefined : usualKgPerL.value
}
