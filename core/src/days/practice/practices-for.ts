import { addDays, type Day } from '../../base/calendar/index.ts'
import { CoreError } from '../../base/error/index.ts'
import type { AsGrown, StandKind } from '../../stand/plant/index.ts'
import { practices, type Practice } from './data/practices.ts'

/** Whether a practice is done on a kind of stand at all. */
export const isDoneOn = (
  { contexts, growths }: Practice,
  { context, growth }: StandKind,
): boolean => contexts.includes(context) && (growths?.includes(growth) ?? true)

/**
 * What practitioners do on such a stand where it is this cause, beside or in place of a product.
 * @param grown whether plants stand alone or in rows; both are offered where nobody said
 */
export function practicesFor(
  causeId: string,
  kind: StandKind,
  grown: AsGrown = {},
): readonly Practice[] {
  const isElsewhere = ({ stands }: Practice) =>
    (stands === 'alone' && grown.isAlone === false) ||
    (stands === 'in rows' && grown.isAlone === true)
  return practices.filter(
    (each) => each.causeIds.includes(causeId) && isDoneOn(each, kind) && !isElsewhere(each),
  )
}

/** @throws {CoreError} practice-unknown */
export function findPractice(id: string): Practice {
  const found = practices.find((each) => each.id === id)
  if (found) return found
  throw new CoreError('practice-unknown', { parameter: 'practiceId', received: id })
}

/** Days on which a practice is done, from its first. */
export const roundsOf = (
  { rounds = { count: 1, apartDays: 0 } }: Pick<Practice, 'rounds'>,
  first: Day,
): readonly Day[] =>
  Array.from({ length: rounds.count }, (_, index) => addDays(first, index * rounds.apartDays))

/**
 * What a practice costs, in words.
 * @param said says a range of money as the place says it
 */
export const costWords = (
  { cost }: Pick<Practice, 'cost'>,
  said: (low: number, high: number) => string,
): string =>
  cost.replace(/\{(\d+)-(\d+)\}/g, (_, low: string, high: string) =>
    said(Number(low), Number(high)),
  )
