import type { EntryDto } from '@spudder/contract/entry'
import { toDto } from '../http/to-dto.ts'
import type { EntryRow } from './entry.repository.ts'

/** An entry as it travels: without what it is found by. */
export function entryDto(row: EntryRow): EntryDto {
  const { search: _search, placeId: _placeId, ...entry } = row
  return toDto(entry)
}
