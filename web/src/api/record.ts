import type { RecordLineDto, RecordPageDto } from '@spudder/contract/entry'
import { useQuery } from '@pinia/colada'
import { request } from './request.ts'

/** What entries are looked for by; empty fields ask for all. */
export interface RecordQuestion {
  readonly text: string
  readonly from: string
  readonly to: string
  readonly standId: string
}

function queryOf(question: RecordQuestion, offset: number, limit: number): string {
  const asked = Object.entries(question).filter(([, value]) => value !== '')
  return new URLSearchParams([
    ...asked,
    ['offset', String(offset)],
    ['limit', String(limit)],
  ]).toString()
}

/** Lines that are shown at once. */
export const recordPageSize = 50

/** A page of the record of a place, the newest first. */
export function useRecord(
  placeId: () => string | undefined,
  question: () => RecordQuestion,
  offset: () => number,
) {
  return useQuery({
    key: () => ['record', placeId() ?? '', { ...question() }, offset()],
    enabled: () => placeId() !== undefined,
    query: () =>
      request<RecordPageDto>(
        'GET',
        `/places/${placeId()}/entries?${queryOf(question(), offset(), recordPageSize)}`,
      ),
    placeholderData: (previous: RecordPageDto | undefined) => previous,
  })
}

const atOnce = 500

/** Every line that is found, page by page; for files. */
export async function readWholeRecord(
  placeId: string,
  question: RecordQuestion,
): Promise<RecordLineDto[]> {
  const lines: RecordLineDto[] = []
  for (;;) {
    const page = await request<RecordPageDto>(
      'GET',
      `/places/${placeId}/entries?${queryOf(question, lines.length, atOnce)}`,
    )
    lines.push(...page.lines)
    if (page.lines.length === 0 || lines.length >= page.total) return lines
  }
}
