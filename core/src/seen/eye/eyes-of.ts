import type { Day } from '../../base/calendar/index.ts'
import { eyeScaleNames, type EyeScale } from './data/eye-scales.ts'
import type { Eye } from './eye.ts'
import { measureEyes } from './measure-eyes.ts'
import { ratingsOf } from './plan-sitting.ts'

/** A sitting as it is kept: what was shown, and what was said of it. */
export interface KeptSitting {
  readonly id: string
  readonly scale: EyeScale
  readonly createdBy: string
  readonly ratedOn: Day
  readonly screen?: string | null | undefined
  readonly shown: readonly { readonly picture: number; readonly truth: number }[]
  readonly said: readonly number[]
}

/** The eyes of all people of a place, on every scale that somebody rated. */
export const eyesOf = (sittings: readonly KeptSitting[]): Eye[] =>
  eyeScaleNames.flatMap((scale) => [
    ...measureEyes(
      scale,
      sittings
        .filter((sitting) => sitting.scale === scale)
        .map(({ id, createdBy, ratedOn, screen, shown, said }) => ({
          id,
          person: createdBy,
          ratedOn,
          screen,
          ratings: ratingsOf(shown, said),
        })),
    ).values(),
  ])
