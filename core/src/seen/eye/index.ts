export { eyeScaleNames, eyeScales, picturesOfSitting, staleAfter } from './data/eye-scales.ts'
export type { EyeScale } from './data/eye-scales.ts'
export { eyesOf } from './eyes-of.ts'
export type { KeptSitting } from './eyes-of.ts'
export { paintShowing, pictureSize, planSitting, ratingsOf } from './plan-sitting.ts'
export type { Showing } from './plan-sitting.ts'
export { measureEyes } from './measure-eyes.ts'
export type { Rating, Sitting } from './measure-eyes.ts'
export type { Eye, Held } from './eye.ts'
export { ratedTogether } from './several-raters.ts'
export type { RatedTogether } from './several-raters.ts'
export {
  between,
  biasAt,
  biasInMiddle,
  comparable,
  eyeBehind,
  isStale,
  raterOf,
  screensOf,
  seenWith,
} from './use-eye.ts'
export type { Comparable, Rated } from './use-eye.ts'
