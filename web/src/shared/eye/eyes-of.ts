import type { EyeSittingDto } from '@spudder/contract/eye'
import {
  eyeScaleNames,
  measureEyes,
  ratingsOf,
  type Eye,
  type EyeScale,
} from '@spudder/core/seen/eye'

/** What is asked of the worker: sittings as they are stored. */
export type RatedSitting = Pick<
  EyeSittingDto,
  'id' | 'scale' | 'createdBy' | 'ratedOn' | 'shown' | 'said'
>

const eyesOn = (scale: EyeScale, sittings: readonly RatedSitting[]): Eye[] => [
  ...measureEyes(
    scale,
    sittings
      .filter((sitting) => sitting.scale === scale)
      .map(({ id, createdBy, ratedOn, shown, said }) => ({
        id,
        person: createdBy,
        ratedOn,
        ratings: ratingsOf(shown, said),
      })),
  ).values(),
]

/** The eyes of all people of a place, on every scale that somebody rated. */
export const eyesOf = (sittings: readonly RatedSitting[]): Eye[] =>
  eyeScaleNames.flatMap((scale) => eyesOn(scale, sittings))
