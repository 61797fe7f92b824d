export { locales, localeTags, usualLocale, writeAs, writtenAs } from './locales.ts'
export type { Locale, LocaleTag } from './locales.ts'
export { formatAtMost, formatDecimals, formatNumber, readTyped, typedNumber } from './numbers.ts'
export { lineStart, midSentence } from './sentence.ts'
