import { randomLcg, randomNormal } from 'd3-random'
import { planSitting, type Sitting } from '../index.ts'

/** A made-up person whose eye is known, in units of turf colour. */
export interface Rater {
  readonly bias: number
  readonly slope: number
  readonly spread: number
  /** What was above the rest on each day. */
  readonly days: readonly number[]
}

/** How far a picture as such is misjudged, one deviation. */
export const pictureStray = 0.25

/** People with known eyes, and what they say in their sittings, in half steps and within the scale. */
export function ratersWith(seed: number, people: number, sittings: number) {
  const random = randomLcg(seed)
  const bell = randomNormal.source(random)(0, 1)
  const raters: Rater[] = Array.from({ length: people }, () => ({
    bias: 0.45 * bell(),
    slope: 0.25 * bell(),
    spread: 0.35 * Math.exp(0.25 * bell()),
    days: Array.from({ length: sittings }, () => 0.2 * bell()),
  }))
  const said = ({ bias, slope, spread }: Rater, truth: number, shift: number) => {
    const clear = truth + bias + (slope * (truth - 5)) / 4 + shift + spread * bell()
    return Math.min(9, Math.max(1, Math.round(2 * clear) / 2))
  }
  const rated = raters.flatMap((rater, person) =>
    rater.days.map((day, at): Sitting => {
      const strays = Array.from({ length: 12 }, () => pictureStray * bell())
      return {
        id: `${person}-${at}`,
        person: String(person),
        ratedOn: `2026-0${at + 1}-10`,
        ratings: planSitting('turfColour', random()).map(({ picture, truth }) => ({
          picture,
          truth,
          said: said(rater, truth, day + (strays[picture] ?? 0)),
        })),
      }
    }),
  )
  /** What a person says of a stand on another day. */
  const later = (rater: Rater, truth: number) =>
    said(rater, truth, 0.2 * bell() + pictureStray * bell())
  return { raters, rated, later, random }
}
