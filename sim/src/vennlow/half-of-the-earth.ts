import { utcDay } from 'd3-time'

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
const daysBefore = (day: string, days: number): string =>
  utcDay
    .offset(new Date(`${day}T00:00:00Z`), -days)
    .toISOString()
    .slice(0, 10)

/** Whether a day lies in the three warmest months of its half of the earth. */
function isSummer(day: string, latitude: number): boolean {
  const months = latitude < 0 ? ['12', '01', '02'] : ['06', '07', '08']
  return months.includes(day.slice(5, 7))
}

/**
 * The day from which a story that is over is told: today, or as many weeks back as bring its look into a
 * summer. Leaves that fall or ripen cannot be looked at in winter.
 * @param lookedDaysAgo when it was looked at, before the day of telling [d]
 */
export function toldFrom(today: string, lookedDaysAgo: number): string {
  const latitude = latitudeOn(today)
  for (let back = 0; back < weeks * week; back += week) {
    const from = daysBefore(today, back)
    if (isSummer(daysBefore(from, lookedDaysAgo), latitude)) return from
  }
  throw new Error(`${today}: a year without a summer at ${latitude}`)
}
