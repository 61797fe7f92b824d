/** An entry, and the one that it corrects. */
export interface CorrectableEntry {
  readonly id: string
  readonly correctsId: string | null
}

/** Entries that stand: those that no later entry corrects. */
export function standingEntries<Entry extends CorrectableEntry>(
  entries: readonly Entry[],
): readonly Entry[] {
  const corrected = new Set(entries.map(({ correctsId }) => correctsId))
  return entries.filter(({ id }) => !corrected.has(id))
}
