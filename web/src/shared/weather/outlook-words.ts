import { percent } from '@spudder/core/base/quantity'
import type { OutlookDayDto, OutlookDto } from '@spudder/contract/weather'
import { workWindows, type WeatherWork } from '@spudder/core/days/weather'

/** Hours that follow each other as spans from the first to the end of the last: [6, 7, 9] is [6, 8], [9, 10]. */
export function hourSpans(hours: readonly number[]): readonly (readonly [number, number])[] {
  const spans: [number, number][] = []
  for (const hour of hours) {
    const last = spans.at(-1)
    if (last && last[1] === hour) last[1] = hour + 1
    else spans.push([hour, hour + 1])
  }
  return spans
}

/** Hours of a day that are fit, in words: "6-9, 17-20 h". */
export const hourWords = (hours: readonly number[]): string =>
  `${hourSpans(hours)
    .map(([from, to]) => `${from}-${to}`)
    .join(', ')} h`

/** Who tells the weather where nobody does, as the server says it. */
const nobody = 'none'

/** What the days to come are judged by, in a sentence; empty before it is known. */
export function judgedBy(outlook: OutlookDto | undefined): string {
  if (!outlook) return ''
  const has = (basis: OutlookDayDto['basis']) => outlook.days.some((day) => day.basis === basis)
  if (has('unknown')) {
    const known = has('usual') || has('forecast')
    return known
      ? 'Only some days are judged by weather; of the others none is known here, and no such day is preferred.'
      : 'No weather is known here: days are judged by everything else. Look on the day whether it suits; the sheet says what the work wants.'
  }
  const told = outlook.service === nobody ? '' : `${outlook.service}; `
  return `Days are judged by ${told}further on, as such days usually were.`
}

/** Whether any day to come is foretold. */
export const isForetold = (outlook: OutlookDto | undefined): boolean =>
  outlook?.days.some(({ basis }) => basis === 'forecast') ?? false

/** What a day promises for some kinds of work, line by line. */
export const skyOf = (day: OutlookDayDto, works: readonly WeatherWork[]): readonly string[] =>
  day.basis === 'unknown' ? [unknownDay] : works.map((work) => outlookWords(day, work))

const unknownDay = 'no weather is known of this day'

/** What a day promises for a kind of work, with why not. */
export function outlookWords(day: OutlookDayDto, work: WeatherWork): string {
  const { label } = workWindows[work]
  const outlook = day.works.find((each) => each.work === work)
  if (!outlook) return `${label}: not known`
  if (day.basis === 'unknown') return `${label}: ${unknownDay}`
  if (day.basis === 'usual') {
    return `${label}: such days are fit ${percent(outlook.chance)} of the time`
  }
  if (outlook.fitHours.length === 0) return `${label}: no, ${outlook.against.join(', ')}`
  const chance = outlook.chance < 0.95 ? ` (${percent(outlook.chance)})` : ''
  return `${label}: ${hourWords(outlook.fitHours)}${chance}`
}
