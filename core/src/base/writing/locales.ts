/** How people of a place write numbers and days, under the tag that browsers know it by (BCP 47). */
export interface Locale {
  readonly decimalMark: '.' | ','
  readonly dayOrder: 'day first' | 'month first'
}

/**
 * Chosen by what they look like, since many countries share one. Marks between thousands are those of
 * the runtime's tables (Unicode CLDR), which this agrees with in the test.
 */
export const locales = {
  'en-GB': { decimalMark: '.', dayOrder: 'day first' },
  'en-US': { decimalMark: '.', dayOrder: 'month first' },
  'de-DE': { decimalMark: ',', dayOrder: 'day first' },
  'fr-FR': { decimalMark: ',', dayOrder: 'day first' },
  'de-CH': { decimalMark: '.', dayOrder: 'day first' },
} as const satisfies Readonly<Record<string, Locale>>

export type LocaleTag = keyof typeof locales
export const localeTags = Object.keys(locales) as readonly LocaleTag[]

/** What is written until a place says otherwise: its days cannot be taken for other days. */
export const usualLocale: LocaleTag = 'en-GB'

/*
 * The one piece of state in the core, and why: it changes no figure, only its letters, and a figure
 * is printed in two hundred places deep inside sentences. Each thread (the page, a worker) writes for
 * one reader at a time and is told once; the server is never told and writes as usual.
 */
let current: LocaleTag = usualLocale

/** Writes numbers and days so from now on, in this thread. */
export function writeAs(tag: LocaleTag): void {
  current = tag
}

/** How numbers and days are written in this thread. */
export const writtenAs = (): LocaleTag => current
