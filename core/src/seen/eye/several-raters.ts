import type { ReadingKind } from '../reading/index.ts'
import type { Eye } from './eye.ts'
import { eyeBehind, seenWith, type Rated } from './use-eye.ts'

/** Ratings by one or by several people, so that they can be compared. */
export interface RatedTogether<Of> {
  readonly ratings: readonly Of[]
  /** By whose eyes they were put right; empty: they stand as they were said. */
  readonly putRightBy: readonly string[]
  /** Of several raters those whose eye was never measured on the scale, so that nothing could be put right. */
  readonly unmeasured: readonly string[]
}

/**
 * Makes ratings of several people comparable. One rater errs alike on all of them, which no comparison
 * feels: theirs stand as they were said, as do all where one of several was never measured.
 */
export function ratedTogether<Of extends Omit<Rated, 'kind'> & { readonly ratedBy: string }>(
  eyes: readonly Eye[],
  kind: ReadingKind,
  ratings: readonly Of[],
): RatedTogether<Of> {
  const people = [...new Set(ratings.map(({ ratedBy }) => ratedBy))]
  const asSaid = { ratings, putRightBy: [], unmeasured: [] }
  if (people.length < 2) return asSaid
  const unmeasured = people.filter((ratedBy) => !eyeBehind(eyes, { kind, ratedBy }))
  if (unmeasured.length > 0) return { ...asSaid, unmeasured }
  return {
    ratings: ratings.map((rating) => {
      const { value } = seenWith(eyes, { ...rating, kind })
      return { ...rating, value }
    }),
    putRightBy: people,
    unmeasured: [],
  }
}
