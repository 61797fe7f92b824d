import type { DayJobDto, DayLoadDto } from '@spudder/contract/day'
import { amountWords, type UnitSystem } from '@spudder/core/base/quantity'
import { stretchesOf } from '@spudder/core/days/weather'
import { listed } from '../../shared/words/listed.ts'

/** An hour of the day by the clock, as 6.25 is 06:15. */
export function clockWords(hours: number): string {
  const minutes = Math.round(hours * 60)
  const two = (value: number) => String(value).padStart(2, '0')
  return `${two(Math.floor(minutes / 60) % 24)}:${two(minutes % 60)}`
}

/** Stretches of hours that follow each other, as "06:00 to 09:00 and 16:00 to 18:00". */
export function stretchWords(hours: readonly number[]): string {
  const stretches = stretchesOf(hours).map(
    ([from, to]) => `${clockWords(from)} to ${clockWords(to)}`,
  )
  return listed(stretches)
}

/** What the weather says of a job; empty where it has no say. */
export function weatherWords({ fitHours, against, missesWindow }: DayJobDto): string {
  if (fitHours === null) return ''
  if (fitHours.length === 0)
    return `no fit hour${against.length > 0 ? `: ${against.join(', ')}` : ''}`
  const fit = `fit ${stretchWords(fitHours)}`
  return missesWindow ? `${fit}: no fit hour is left` : fit
}

/** What goes out with a job; empty where nothing does. */
export function loadWords(
  { productName, productKg, waterL, sprayerName }: DayJobDto,
  system: UnitSystem,
): string {
  if (productName === null || productKg <= 0) return ''
  const water = waterL > 0 ? ` in ${amountWords('volume', waterL, system)}` : ''
  const by = sprayerName === null ? '' : `, ${sprayerName}`
  return `${amountWords('mass', productKg, system)} ${productName}${water}${by}`
}

/** A product to be taken along, and whether the shelf has it. */
export function takeAlongWords({ name, kg, stockKg, lot }: DayLoadDto, system: UnitSystem): string {
  const of = `${amountWords('mass', kg, system)} ${name}`
  const from = lot === '' ? '' : `, lot ${lot}`
  const short = stockKg !== null && stockKg < kg - 1e-9
  return short
    ? `${of}${from}: only ${amountWords('mass', stockKg, system)} on the shelf`
    : `${of}${from}`
}
