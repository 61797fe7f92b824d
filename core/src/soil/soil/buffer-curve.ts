import { aboveSeven, aboveSevenAndHalf, belowFour, nearNeutral } from './data/buffering.ts'

/** pH at which the slope of the titration curve changes. */
const curveKnots = [4, 6.5, 7, 7.5] as const

/** Acid for one pH in each stretch between the knots, from the most acid up [mmol H⁺/kg/pH]. */
export type CurveSlopes = readonly [number, number, number, number, number]

/**
 * Slopes of a soil's titration curve.
 * @param bufferMmol acid for one pH between 4 and 6.5, over 0 [mmol H⁺/kg]
 */
export const slopesOf = (bufferMmol: number): CurveSlopes => [
  bufferMmol * belowFour.value,
  bufferMmol,
  bufferMmol * nearNeutral.value,
  bufferMmol + aboveSeven.value,
  bufferMmol + aboveSevenAndHalf.value,
]

/** Index of the stretch that a pH lies in. */
function stretchOf(pH: number): number {
  const above = curveKnots.findIndex((knot) => pH < knot)
  return above === -1 ? curveKnots.length : above
}

/** Base that a soil holds at a pH above what it holds at 6.5 [mmol/kg]; negative below. */
export function chargeAt(slopes: CurveSlopes, pH: number): number {
  let charge = 0
  const [low, high] = pH < curveKnots[1] ? [pH, curveKnots[1]] : [curveKnots[1], pH]
  for (let index = stretchOf(low); index <= stretchOf(high); index++) {
    const from = Math.max(low, curveKnots[index - 1] ?? -Infinity)
    const to = Math.min(high, curveKnots[index] ?? Infinity)
    charge += Math.max(0, to - from) * (slopes[index] ?? 0)
  }
  return pH < curveKnots[1] ? -charge : charge
}

/**
 * Acid that takes a soil without lime from one pH to another [mmol H⁺/kg]; negative for the way up.
 * @source the integral of the buffering between the two
 */
export const acidBetween = (slopes: CurveSlopes, fromPH: number, toPH: number): number =>
  chargeAt(slopes, fromPH) - chargeAt(slopes, toPH)
