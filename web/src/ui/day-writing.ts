import { locales, type LocaleTag } from '@spudder/core/base/writing'
import dayjs from 'dayjs'
import customParseFormat from 'dayjs/plugin/customParseFormat.js'
import 'dayjs/locale/en-gb.js'

dayjs.extend(customParseFormat)

/** How a day is stored and sent. */
export const storedDay = 'YYYY-MM-DD'

const shownDays = { 'day first': 'D MMM YYYY', 'month first': 'MMM D, YYYY' } as const
/**
 * Figures alone are read in the order of the place; words and stored days in any place. Years are
 * whole: two figures of one would be taken for it while it is typed.
 */
const typedDays = {
  'day first': ['D.M.YYYY', 'D/M/YYYY', 'D-M-YYYY'],
  'month first': ['M/D/YYYY', 'M-D-YYYY'],
} as const

/** The formats of a day: the first is shown, all are read. */
export const dayFormats = (tag: LocaleTag): string[] => {
  const order = locales[tag].dayOrder
  return [
    shownDays[order],
    ...Object.values(shownDays),
    'D MMMM YYYY',
    'MMMM D, YYYY',
    storedDay,
    ...typedDays[order],
  ]
}

/**
 * A day as it was typed, as it is stored.
 * @returns undefined while it is no whole day
 */
export function readDay(text: string, tag: LocaleTag): string | undefined {
  const day = dayjs(text.trim(), dayFormats(tag), 'en', true)
  return day.isValid() ? day.format(storedDay) : undefined
}
