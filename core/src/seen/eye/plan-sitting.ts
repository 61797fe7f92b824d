import { randomLcg } from 'd3-random'
import { greennessOf, onScale } from '../colour/index.ts'
import { paintCanopy, type Shape } from '../painter/index.ts'
import { readingKinds } from '../reading/index.ts'
import type { Rating } from './measure-eyes.ts'
import {
  eyeScales,
  leafStray,
  leastBetween,
  leftOutAtEnds,
  picturesOfSitting,
  type EyeScale,
} from './data/eye-scales.ts'

/** One time that a picture is shown. */
export interface Showing {
  /** Which of the pictures of the sitting, from 0; each comes twice. */
  readonly picture: number
  /** What it would be rated by an eye without fault [unit of the scale]. */
  readonly truth: number
  readonly greenness: number
  /** Decides where its leaves fall: not alike the second time. */
  readonly seed: number
}

function shuffled<Item>(items: readonly Item[], random: () => number): Item[] {
  const mixed = [...items]
  for (let last = mixed.length - 1; last > 0; last--) {
    const other = Math.floor(random() * (last + 1))
    const [a, b] = [mixed[last], mixed[other]]
    if (a !== undefined && b !== undefined) [mixed[last], mixed[other]] = [b, a]
  }
  return mixed
}

/** The order of both rounds: the second begins far enough from the end of the first. */
function twoRounds(count: number, random: () => number): number[] {
  const first = shuffled(
    Array.from({ length: count }, (_, picture) => picture),
    random,
  )
  const least = Math.min(leastBetween.value, count - 1)
  for (;;) {
    const second = shuffled(first, random)
    const apart = second.map((picture, at) => count + at - first.indexOf(picture))
    if (apart.every((showings) => showings > least)) return [...first, ...second]
  }
}

/**
 * What is shown in a sitting: pictures spread over the scale, each twice, none known again.
 * @param seed 0 to 1, decides everything: the same seed, the same sitting [1]
 * @param count pictures [1]
 * @returns in the order shown, two for each picture; truths [unit of the scale]
 */
export function planSitting(
  scale: EyeScale,
  seed: number,
  count = picturesOfSitting.value,
): Showing[] {
  const random = randomLcg(seed)
  const [end, inner] = [leftOutAtEnds.value, 1 - 2 * leftOutAtEnds.value]
  const { min, max } = readingKinds[scale]
  // One in each part of the scale, anywhere within it: nobody can count out what is still to come.
  const truths = Array.from(
    { length: count },
    (_, part) => min + (max - min) * (end + (inner * (part + random())) / count),
  )
  return twoRounds(count, random).map((picture) => {
    const truth = truths[picture] ?? NaN
    return { picture, truth, greenness: greennessOf(scale, truth), seed: random() }
  })
}

/** A photo whose leaves were measured by the card. */
export interface RatedPhoto {
  readonly photoId: string
  readonly greenness: number
}

/** One time that a photo is shown. */
export interface ShownPhoto {
  readonly picture: number
  readonly truth: number
  readonly photoId: string
}

/**
 * Photos for a sitting: as many as it has pictures, from the palest to the greenest, so that all of the scale that the
 * place has is rated.
 * @param seed 0 to 1 [1]
 */
export function choosePhotos(photos: readonly RatedPhoto[], seed: number): RatedPhoto[] {
  const random = randomLcg(seed)
  const inOrder = photos.toSorted((a, b) => a.greenness - b.greenness)
  const count = Math.min(picturesOfSitting.value, inOrder.length)
  return Array.from({ length: count }, (_, part) => {
    // One out of each part, anywhere within it.
    const at = Math.floor(((part + random()) * inOrder.length) / count)
    return inOrder[Math.max(Math.ceil((part * inOrder.length) / count), at)]
  }).filter((photo) => photo !== undefined)
}

/**
 * What is shown in a sitting of photos, each twice.
 * @param photos in their own order, which decides with the seed [1]
 * @returns in the order shown; truths within the scale [unit of the scale]
 */
export function planPhotoSitting(
  scale: EyeScale,
  seed: number,
  photos: readonly RatedPhoto[],
): ShownPhoto[] {
  const { min, max } = readingKinds[scale]
  return twoRounds(photos.length, randomLcg(seed)).flatMap((picture) => {
    const photo = photos[picture]
    if (!photo) return []
    const truth = Math.min(max, Math.max(min, onScale(scale, photo.greenness)))
    return { picture, truth, photoId: photo.photoId }
  })
}

/**
 * What was said, each with the picture that it was said of; pictures left unsaid are left out.
 * @param said in the order shown [unit of the scale]
 */
export const ratingsOf = (
  shown: readonly Pick<Showing, 'picture' | 'truth'>[],
  said: readonly number[],
): Rating[] =>
  shown
    .slice(0, said.length)
    .map(({ picture, truth }, at) => ({ picture, truth, said: said[at] ?? NaN }))

/** Size of the pictures [drawing units]. */
export const pictureSize = { width: 240, height: 160 } as const

/** Draws what is rated: turf from above, or leaves close by. */
export function paintShowing(
  scale: EyeScale,
  { greenness, seed }: Pick<Showing, 'greenness' | 'seed'>,
): readonly Shape[] {
  const { leafForm } = eyeScales[scale]
  const isTurf = leafForm === 'blade'
  return paintCanopy({
    ...pictureSize,
    leafForm,
    greenness,
    spread: leafStray.value,
    leafCount: isTurf ? 1200 : 140,
    leafLength: isTurf ? 34 : 52,
    seed,
  })
}
