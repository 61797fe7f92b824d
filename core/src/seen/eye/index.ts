export {
  eyeScaleNames,
  eyeScales,
  fewestPhotos,
  picturesOfSitting,
  scalesOn,
  staleAfter,
} from './data/eye-scales.ts'
export type { EyeScale } from './data/eye-scales.ts'
export { eyesOf } from './eyes-of.ts'
export {
  choosePhotos,
  paintShowing,
  pictureSize,
  planPhotoSitting,
  planSitting,
  ratingsOf,
} from './plan-sitting.ts'
export type { RatedPhoto, Showing, ShownPhoto } from './plan-sitting.ts'
export { asSeen, measuredScreen, meanShift, screenNamed, shownAs, truthOn } from './screen.ts'
export type { KnownScreen } from './screen.ts'
export { measureEyes } from './measure-eyes.ts'
export type { Rating, Sitting } from './measure-eyes.ts'
export type { Eye, Held, KeptSitting, ShownOnce } from './eye.ts'
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
