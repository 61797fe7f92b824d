import type { FoundDto } from '@spudder/contract/search'
import type { Connection } from '../database/connect.ts'
import { findPlace } from '../place/place.service.ts'
import { selectFound } from './search.repository.ts'

/**
 * What of a place is called so, stands first.
 * @throws {ServiceError} not-found
 */
export async function findByName(
  connection: Connection,
  placeId: string,
  text: string,
): Promise<FoundDto[]> {
  await findPlace(connection, placeId)
  const found = await selectFound(connection, placeId, text.trim())
  const alone = { standId: null, standName: '' }
  return [
    ...found.stands.map(({ id, name }) => ({ kind: 'stand' as const, id, name, standId: id, standName: name })), // prettier-ignore
    ...found.products.map((each) => ({ kind: 'product' as const, ...each, ...alone })),
    ...found.sprayers.map((each) => ({ kind: 'sprayer' as const, ...each, ...alone })),
    ...found.trials.map((each) => ({ kind: 'trial' as const, ...each })),
  ]
}
