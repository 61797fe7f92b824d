import { isDay, type Day } from '../calendar/index.ts'

/** In which order a file writes a day. */
export const dayOrders = {
  ymd: 'year, month, day',
  dmy: 'day, month, year',
  mdy: 'month, day, year',
} as const
export type DayOrder = keyof typeof dayOrders
export const dayOrderNames = Object.keys(dayOrders) as readonly DayOrder[]

const months = ['jan', 'feb', 'mar', 'apr', 'may', 'jun', 'jul', 'aug', 'sep', 'oct', 'nov', 'dec']

/** The parts of a day as numbers in texts; a month by its name becomes its number. */
function partsOf(cell: string): { readonly parts: string[]; readonly named: number | undefined } {
  const parts = cell
    .toLowerCase()
    .replace(/(\d)t(?=\d{1,2}:)/, '$1 ')
    .split(/[^0-9a-z]+/)
    .filter((part) => part !== '')
    .slice(0, 3)
  const at = parts.findIndex((part) => months.includes(part.slice(0, 3)))
  if (at < 0) return { parts, named: undefined }
  const month = months.indexOf((parts[at] ?? '').slice(0, 3)) + 1
  return { parts: parts.map((part, index) => (index === at ? String(month) : part)), named: at }
}

const pad = (part: string): string => part.padStart(2, '0')
const fullYear = (year: string): string => (year.length === 2 ? `20${year}` : year)

/**
 * A day as a file writes it, by numbers or with the month by its English name.
 * @param order of the parts; a month by its name says itself where it stands
 * @returns undefined where it can be no day
 */
export function readDay(cell: string, order: DayOrder): Day | undefined {
  const { parts, named } = partsOf(cell)
  const isYearFirst = (parts[0] ?? '').length === 4
  const told = named === 0 ? 'mdy' : named === 1 && !isYearFirst ? 'dmy' : order
  const by: DayOrder = isYearFirst ? 'ymd' : told
  const at = (letter: string) => parts[by.indexOf(letter)] ?? ''
  const day = `${fullYear(at('y'))}-${pad(at('m'))}-${pad(at('d'))}`
  return isDay(day) ? day : undefined
}

/** An order of days, and whether the file leaves no other. */
export interface GuessedDayOrder {
  readonly order: DayOrder
  readonly isSure: boolean
}

/** In which order the days of a column can be read; unsure where 3/4 could be either. */
export function guessDayOrder(cells: readonly string[]): GuessedDayOrder {
  const days = cells.filter((cell) => cell.trim() !== '').map(partsOf)
  const numbers = days.filter(({ named }) => named === undefined).map(({ parts }) => parts)
  if (numbers.some(([first = '']) => first.length === 4)) return { order: 'ymd', isSure: true }
  const isDayFirst = numbers.some(([first = '']) => Number(first) > 12)
  const isMonthFirst = numbers.some(([, second = '']) => Number(second) > 12)
  const order = isMonthFirst ? 'mdy' : 'dmy'
  return { order, isSure: numbers.length === 0 || isDayFirst !== isMonthFirst }
}
