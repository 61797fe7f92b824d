import type { NextCheck } from '@spudder/core/diagnosis'
import type { UnitSystem } from '@spudder/core/quantity'

const time = (minutes: number): string => `${minutes} min`
const wait = (days: number): string[] => (days === 0 ? [] : [`${days} days`])

/** "10 min · free", "25 min · about $30 · 8 days": what a check costs. */
export function effortWords({ check }: Pick<NextCheck, 'check'>, system: UnitSystem): string {
  const { money, minutes, days } = check
  const sum = system === 'us' ? `about $${money}` : `about €${money}`
  return [time(minutes), money === 0 ? 'free' : sum, ...wait(days)].join(' · ')
}
