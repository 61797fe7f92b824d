import type { StandDto } from '@spudder/contract/stand'
import { watchEffect } from 'vue'
import { useTakenAlong } from '../../offline/taken-along.ts'
import { useAlongWords } from '../../offline/use-along-words.ts'
import { today } from '../../shared/units/today.ts'

/**
 * Takes a sheet along that was opened, and says in words whether it opens without signal.
 * @param stand undefined until the sheet is there
 */
export function useSheetAlong(
  of: { readonly standId: string; readonly jobId: string },
  stand: () => StandDto | undefined,
) {
  const along = useTakenAlong()
  watchEffect(() => {
    const now = stand()
    if (!now) return
    along.openSheet({ stand: { id: now.id, name: now.name }, jobId: of.jobId, day: today() })
  })
  return useAlongWords(() => of.standId)
}
