import { percent } from '@spudder/core/base/quantity'
import type { Verdict } from '@spudder/core/verdict/diagnosis'

/**
 * How likely a cause is, said the same way on every screen: by itself, and where that is more, with
 * the pairs that it takes part in. Undefined for what is no cause of this verdict.
 */
export function causeChance(
  { ranked, involved }: Pick<Verdict, 'ranked' | 'involved'>,
  causeId: string,
): { readonly alone: string; readonly withPairs: string | undefined } | undefined {
  const alone = ranked.find(({ causes }) => causes.length === 1 && causes[0].id === causeId)
  const taking = involved.find(({ cause }) => cause.id === causeId)
  if (!alone || !taking) return undefined
  const words = percent(alone.probability)
  const withPairs = percent(taking.probability)
  return { alone: words, withPairs: withPairs === words ? undefined : withPairs }
}

/** The same in one line: "25 %, or 45 % with another cause beside it". */
export function chanceWords(
  verdict: Pick<Verdict, 'ranked' | 'involved'>,
  causeId: string,
): string {
  const chance = causeChance(verdict, causeId)
  if (!chance) return ''
  return chance.withPairs === undefined
    ? chance.alone
    : `${chance.alone}, or ${chance.withPairs} with another cause beside it`
}
