import { eyeScaleNames } from './data/eye-scales.ts'
import type { Eye, KeptSitting } from './eye.ts'
import { measureEyes } from './measure-eyes.ts'
import { ratingsOf } from './plan-sitting.ts'
import { asSeen, type KnownScreen } from './screen.ts'

/**
 * The eyes of all people of a place, on every scale that somebody rated.
 * @param screens of the place that were measured: what they make of leaf colours is no fault of an eye
 */
export const eyesOf = (
  sittings: readonly KeptSitting[],
  screens: readonly KnownScreen[] = [],
): Eye[] =>
  eyeScaleNames.flatMap((scale) => [
    ...measureEyes(
      scale,
      asSeen(sittings, screens)
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
