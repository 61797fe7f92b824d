import type { EntryDto } from './entry.dto.ts'

/** Entries that stand: those that no later entry corrects. */
export function standingEntries<Entry extends Pick<EntryDto, 'id' | 'correctsId'>>(
  entries: readonly Entry[],
): readonly Entry[] {
  const corrected = new Set(entries.map(({ correctsId }) => correctsId))
  return entries.filter(({ id }) => !corrected.has(id))
}
