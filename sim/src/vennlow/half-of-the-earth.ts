const middleLatitude = 43.2

/**
 * On which half of the earth the invented estate lies on a day [°]: the one whose growing season its
 * stories of the last months and the next weeks fall into. In the north from late May to mid-November.
 */
export function latitudeOn(today: string): number {
  const monthDay = today.slice(5)
  return monthDay >= '05-20' && monthDay <= '11-15' ? middleLatitude : -middleLatitude
}
