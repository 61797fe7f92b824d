import type { Context } from '../../stand/plant/index.ts'
import type { Cause } from './data/cause.ts'
import type { Ending } from './data/ending.ts'
import { endingsByStand } from './data/endings-by-stand.ts'

/** How a verdict ends when it is this cause on such a stand. */
export const endingOf = ({ id, ending }: Cause, context: Context): Ending => ({
  ...ending,
  ...endingsByStand[context]?.[id],
})
