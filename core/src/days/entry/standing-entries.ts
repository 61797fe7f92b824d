/** An entry, and the one that it corrects. */
export interface CorrectableEntry {
  readonly id: string
  readonly correctsId: string | null
  /** It says that the one it corrects did not happen. */
  readonly isStruck: boolean
}

/** Entries that stand: those that no later entry corrects, and that are no strike themselves. */
export function standingEntries<Entry extends CorrectableEntry>(
  entries: readonly Entry[],
): readonly Entry[] {
  const corrected = new Set(entries.map(({ correctsId }) => correctsId))
  return entries.filter(({ id, isStruck }) => !isStruck && !corrected.has(id))
}
