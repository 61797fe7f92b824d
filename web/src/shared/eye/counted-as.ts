import type { ReadingDto } from '@spudder/contract/reading'
import { formatDecimals } from '@spudder/core/base/writing'
import { eyeBehind, raterOf, seenWith, type Eye } from '@spudder/core/seen/eye'
import { doubtOf } from '@spudder/core/seen/reading'

/**
 * What a reading counts as by the eye that gave it: "counts as 5.1 ± 0.6, by the eye of Ada"; undefined
 * where it counts as it was said.
 */
export function countedAs(reading: ReadingDto, eyes: readonly Eye[]): string | undefined {
  const rated = { ...reading, ratedBy: raterOf(reading) }
  const eye = eyeBehind(eyes, rated)
  if (!eye) return undefined
  const counted = seenWith(eyes, rated)
  const tenths = (value: number) => formatDecimals(value, 1)
  return `counts as ${tenths(counted.value)} ± ${tenths(doubtOf(counted))}, by the eye of ${eye.person}`
}
