import { addDays, seasonOfYear } from '@spudder/core/base/calendar'

const middleLatitude = 43.2

/**
 * On which half of the earth the invented estate lies on a day [°]: the one whose growing season its
 * stories of the last months and the next weeks fall into. In the north from late May to mid-November.
 */
export function latitudeOn(today: string): number {
  const monthDay = today.slice(5)
  return monthDay >= '05-20' && monthDay <= '11-15' ? middleLatitude : -middleLatitude
}

const week = 7
const weeks = 53

/**
 * The day from which a story that is over is told: today, or as many weeks back as bring its look into a
 * summer. Leaves that fall or ripen cannot be looked at in winter.
 * @param lookedDaysAgo when it was looked at, before the day of telling [d]
 */
export function toldFrom(today: string, lookedDaysAgo: number): string {
  const latitude = latitudeOn(today)
  for (let back = 0; back < weeks * week; back += week) {
    const from = addDays(today, -back)
    if (seasonOfYear(addDays(from, -lookedDaysAgo), latitude) === 'summer') return from
  }
  throw new Error(`${today}: a year without a summer at ${latitude}`)
}
