import { locales, writtenAs, type LocaleTag } from './locales.ts'

const mostDecimals = 8

/** Made once each: a formatter costs far more to make than to use. */
const formatters = new Map<string, Intl.NumberFormat>()
function formatterOf(tag: LocaleTag, least: number, most: number): Intl.NumberFormat {
  const key = `${tag} ${least} ${most}`
  const known = formatters.get(key)
  if (known) return known
  const made = new Intl.NumberFormat(tag, {
    minimumFractionDigits: least,
    maximumFractionDigits: most,
  })
  formatters.set(key, made)
  return made
}

/**
 * A number at a precision a person can measure out: significant figures, without trailing zeros
 * and without an exponent.
 * @param value in any unit, which is not printed
 * @param significant figures, a whole number from 1 [1]
 */
export function formatNumber(value: number, significant = 3): string {
  if (value === 0) return '0'
  // What could not be calculated says so; it has no magnitude to round by.
  if (Number.isNaN(value)) return 'NaN'
  const magnitude = Math.floor(Math.log10(Math.abs(value)))
  const decimals = Math.min(mostDecimals, Math.max(0, significant - 1 - magnitude))
  return formatAtMost(value, decimals)
}

/**
 * A number with so many decimals, zeros too: a pH of 7 known to tenths is "7.0".
 * @param value in any unit, which is not printed
 * @param decimals a whole number from 0 [1]
 */
export function formatDecimals(value: number, decimals: number): string {
  return formatterOf(writtenAs(), decimals, decimals).format(value)
}

/**
 * A number with at most so many decimals, and none that are nothing: 6.50 by two is "6.5".
 * @param value in any unit, which is not printed
 * @param decimals a whole number from 0 [1]
 */
export function formatAtMost(value: number, decimals: number): string {
  return formatterOf(writtenAs(), 0, decimals).format(value)
}

/**
 * A number for a field in which people type on: all its digits, nothing between thousands.
 * @param value in any unit, which is not printed [as given]
 */
export function typedNumber(value: number): string {
  return String(value).replace('.', locales[writtenAs()].decimalMark)
}

const minus = /^[−–]/
/** Marks that stand between thousands and nowhere else, typed or printed. */
const spaces = /(?<=\d)[ \u00a0\u2009\u202f'’](?=\d{3}(?!\d))/g
const plain = /^[-+]?(?:\d+(?:[.,]\d*)?|[.,]\d+)$/
const byPoint = /^[-+]?\d{1,3}(?:\.\d{3})+(?:,\d+)?$/
const byComma = /^[-+]?\d{1,3}(?:,\d{3})+(?:\.\d+)?$/

/**
 * Reads a number as people type it: with a point or a comma before the decimals, and with marks
 * between thousands. "1,234" can be two numbers and is read as the locale of this thread writes.
 * @returns in the unit that was typed for, NaN where it is none [as typed]
 */
export function readTyped(text: string): number {
  const close = text.trim().replace(minus, '-').replace(spaces, '')
  const { decimalMark } = locales[writtenAs()]
  const [mine, other] = decimalMark === ',' ? [byPoint, byComma] : [byComma, byPoint]
  // Both marks in one number leave no doubt which is which, whoever wrote it.
  const isGrouped = mine.test(close) || (other.test(close) && /\..*,|,.*\./.test(close))
  if (isGrouped && !/^[-+]?0/.test(close)) {
    const last = Math.max(close.lastIndexOf('.'), close.lastIndexOf(','))
    const hasBoth = close.includes('.') && close.includes(',')
    const whole = (hasBoth ? close.slice(0, last) : close).replace(/[.,]/g, '')
    return Number(hasBoth ? `${whole}.${close.slice(last + 1)}` : whole)
  }
  return plain.test(close) ? Number(close.replace(',', '.')) : Number.NaN
}
