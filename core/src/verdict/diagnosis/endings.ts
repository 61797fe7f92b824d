import type { Cause } from './data/cause.ts'
import { endings, type Ending } from './data/endings.ts'

/** How a verdict ends when it is this cause: what to do next, what not to buy, whom to call. */
export function endingOf({ id }: Pick<Cause, 'id'>): Ending {
  const ending = endings[id]
  // Held by a test over all causes; a cause without an ending is a fault of ours.
  if (!ending) throw new Error(`no ending for ${id}`)
  return ending
}
