import type { Currency } from '@spudder/core/base/quantity'
import { money } from '../../shared/units/money-words.ts'

/** Less than so much is nothing [money]. */
const least = 1

/** "$40 lost above a good practitioner": what was lost, or saved, beside one. */
export function regretWords(regret: number, currency: Currency): string {
  if (Math.abs(regret) < least) return 'as a good practitioner would have done'
  const sum = money(Math.round(Math.abs(regret)), currency)
  return regret > 0
    ? `${sum} lost above a good practitioner`
    : `${sum} better than a good practitioner`
}
