import { entryRoutes, type RecordLineDto } from '@spudder/contract/entry'
import { call } from './call.ts'
import { ofPlace } from './of-place.ts'
import { readToEnd } from './read-to-end.ts'
import { useReadOn } from './use-read.ts'

/** What entries are looked for by; empty fields ask for all. */
export interface RecordQuestion {
  readonly text: string
  readonly from: string
  readonly to: string
  readonly standId: string
}

/** Lines that are shown at once. */
export const recordPageSize = 50

/** A page of the record of a place, the newest first. */
export const useRecord = (
  placeId: () => string | undefined,
  question: () => RecordQuestion,
  offset: () => number,
) =>
  useReadOn(
    entryRoutes.page,
    ofPlace(placeId, () => ({
      query: { ...question(), offset: offset(), limit: recordPageSize },
    })),
  )

const atOnce = 500

/** Every line that is found, page by page; for files. */
export const readWholeRecord = (
  placeId: string,
  question: RecordQuestion,
): Promise<RecordLineDto[]> =>
  readToEnd(async (offset) => {
    const query = { ...question, offset, limit: atOnce }
    const { total, lines } = await call(entryRoutes.page, { placeId, query })
    return { total, rows: lines }
  })
