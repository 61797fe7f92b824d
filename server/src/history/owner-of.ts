import type { Owner } from '../change/change-row.ts'
import type { Connection } from '../database/connect.ts'
import { ServiceError } from '../problem/service-error.ts'
import { requireStand } from '../stand/stand.service.ts'
import { selectStandOfTrial } from './history.repository.ts'
import type { ChangingKind } from './things.repository.ts'

type Row = Readonly<Record<string, unknown>> & { readonly id: string }

const gone = () => new ServiceError('not-found', 'There is no such thing.')

async function ofStand(connection: Connection, standId: unknown): Promise<Owner> {
  const { placeId, id } = await requireStand(connection, String(standId))
  return { placeId, standId: id }
}
const ofPlace = (placeId: unknown): Promise<Owner> =>
  Promise.resolve({ placeId: String(placeId), standId: null })

type FindOwner = (connection: Connection, row: Row) => Promise<Owner>
const byStand: FindOwner = (connection, { standId }) => ofStand(connection, standId)
const byPlace: FindOwner = (_connection, { placeId }) => ofPlace(placeId)

/** How the owner of a row of each kind is found; a kind without one does not compile. */
const owners: Readonly<Record<ChangingKind, FindOwner>> = {
  stand: (connection, { id }) => ofStand(connection, id),
  place: (_connection, { id }) => ofPlace(id),
  reading: byStand,
  event: byStand,
  look: byStand,
  case: byStand,
  photo: byStand,
  trial: byStand,
  rating: async (connection, { trialId }) => {
    const standId = await selectStandOfTrial(connection, String(trialId))
    if (standId === undefined) throw gone()
    return ofStand(connection, standId)
  },
  zone: byStand,
  jarTest: byPlace,
  eye: byPlace,
  drill: byPlace,
  advice: byStand,
  product: byPlace,
  sprayer: byPlace,
  job: byStand,
}

/** Whose a row is: of a stand, or of a place as a whole. */
export const ownerOf = (connection: Connection, kind: ChangingKind, row: Row): Promise<Owner> =>
  owners[kind](connection, row)
