import { CoreError } from '../error/index.ts'
import { ironSources, type IronSource, type IronSourceId } from './data/iron-sources.ts'

/** A source of the catalogue under its own id. */
export type KnownIronSource = IronSource & { readonly id: IronSourceId }

/**
 * One form of iron.
 * @throws {CoreError} unknown-name
 */
export function findIronSource(id: string): KnownIronSource {
  const source = (ironSources as readonly KnownIronSource[]).find((each) => each.id === id)
  if (source) return source
  throw new CoreError('unknown-name', {
    parameter: 'sourceId',
    expected: 'an iron source of the catalogue',
    received: id,
  })
}
