import type { Cause } from './data/cause.ts'
import type { Ending } from './data/ending.ts'
import { endingsByStand, endingsOnFronds } from './data/endings-by-stand.ts'
import type { Setting } from './likelihood-table.ts'

/** How a verdict ends when it is this cause on such a stand and such a plant. */
export const endingOf = (
  { id, ending }: Cause,
  { context, leaf }: Pick<Setting, 'context' | 'leaf'>,
): Ending => ({
  ...ending,
  ...endingsByStand[context]?.[id],
  ...(leaf === 'frond' ? endingsOnFronds[id] : undefined),
})
