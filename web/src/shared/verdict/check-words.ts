import type { Check } from '@spudder/core/verdict/diagnosis'
import type { Currency } from '@spudder/core/base/quantity'
import { money } from '../units/money-words.ts'

const time = (minutes: number): string => `${minutes} min`
const wait = (days: number): string[] => (days === 0 ? [] : [`${days} days`])

/** What is spent: money of the place, minutes, days of waiting. */
interface Spending {
  readonly check: Pick<Check, 'money' | 'minutes' | 'days'>
}

/** "10 min · free", "25 min · about $30 · 8 days": what a check costs. */
export function effortWords({ check }: Spending, currency: Currency): string {
  const { money: spent, minutes, days } = check
  const sum = spent === 0 ? 'free' : `about ${money(spent, currency)}`
  return [time(minutes), sum, ...wait(days)].join(' · ')
}
