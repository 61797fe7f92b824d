import type { EntryDto } from '@spudder/contract/entry'
import { appliedName } from '@spudder/core/material/shelf'
import { toDto } from '../http/to-dto.ts'
import type { EntryRow } from './entry.repository.ts'

/** An entry as it travels: with the name of what went out, without what it is found by. */
export function entryDto(row: EntryRow, productName: string | null): EntryDto {
  const { search: _search, placeId: _placeId, ...entry } = row
  return { ...toDto(entry), appliedName: appliedName({ sourceId: row.sourceId, productName }) }
}
