/**
 * Mean height of a curve through points, by trapezia: area over the time it spans.
 * @param points in any order, time and value
 * @returns [unit of the value]; the value itself for one point, NaN for none
 */
export function meanUnderCurve(
  points: readonly (readonly [time: number, value: number])[],
): number {
  const sorted = points.toSorted(([a], [b]) => a - b)
  const [first, last] = [sorted[0], sorted.at(-1)]
  if (!first || !last) return NaN
  if (first[0] === last[0]) return sorted.reduce((sum, [, value]) => sum + value, 0) / sorted.length
  const area = sorted.slice(1).reduce((sum, [time, value], index) => {
    const [before, then] = sorted[index] ?? [NaN, NaN]
    return sum + ((time - before) * (value + then)) / 2
  }, 0)
  return area / (last[0] - first[0])
}
