import { estateRoutes, type EstateRowDto } from '@spudder/contract/stand'
import { call } from './call.ts'
import { ofPlace } from './of-place.ts'
import { readToEnd } from './read-to-end.ts'
import { useRead } from './use-read.ts'

/** A page of the stands of a place with their ribbons since a day. */
export const readEstatePage = (
  placeId: string,
  query: { offset: number; limit: number; from: string },
) => call(estateRoutes.page, { placeId, query })

/** The most that a page holds. */
const atOnce = 100

/** Every stand of a place with its ribbon since a day. */
export const readWholeEstate = (placeId: string, from: string): Promise<EstateRowDto[]> =>
  readToEnd(async (offset) => {
    const { total, rows } = await readEstatePage(placeId, { offset, limit: atOnce, from })
    return { total, rows }
  })

/** Ids and names of all stands of a place. */
export const useStandNames = (placeId: () => string | undefined) =>
  useRead(estateRoutes.names, ofPlace(placeId))
