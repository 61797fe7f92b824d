/**
 * Stretches of hours of a day that follow one another.
 * @param hours whole hours of the day [h], in their order
 * @returns where each begins and ends [h]: 6, 7, 8 are from 6 to 9
 */
export function stretchesOf(hours: readonly number[]): readonly (readonly [number, number])[] {
  const set = new Set(hours)
  return hours
    .filter((hour) => !set.has(hour - 1))
    .map((first) => {
      let last = first
      while (set.has(last + 1)) last += 1
      return [first, last + 1]
    })
}
