import { Matrix, inverse } from 'ml-matrix'
import { daysBetween } from '../../base/calendar/index.ts'
import { pointsOf, roomForDraws, runDraws } from './draws.ts'
import type { MeasuredPH } from './foretell.ts'
import { bufferAt, normalCount } from './parameters.ts'
import { preparePath, type PathSetup } from './path-setup.ts'
import { pathAt, type Retest } from './retests.ts'
import { pathStepDays } from './run-path.ts'

/** What retests say by themselves of how ground holds its pH. */
export interface BufferSaid {
  /** Acid for one pH [mmol H⁺/kg]. */
  readonly mmolPerKg: number
  /** One standard deviation of its logarithm. */
  readonly doubt: number
}

/** How far each number is moved to see what the path makes of it; the middle of it is the draw itself [1]. */
const nudge = 0.5
/** Steps towards the likeliest draw; the path is nearly straight in its numbers. */
const steps = 4
/** Retests that leave the buffering as doubtful as this say nothing of it [share of its variance]. */
const saysNothing = 0.98

/** The pH of retests along a draw, and by how much each number of it moves them. */
function alongWith(setup: PathSetup, retests: readonly Retest[]) {
  const prepared = preparePath(setup)
  const { ground } = setup
  const draws = roomForDraws(1 + 2 * normalCount, pointsOf(setup.days))
  return (middle: Matrix): { readonly pH: Matrix; readonly slopes: Matrix } => {
    for (let draw = 0; draw < draws.count; draw++) {
      for (let i = 0; i < normalCount; i++) {
        const isMoved = draw > 0 && (draw - 1) % normalCount === i
        const by = isMoved ? (draw <= normalCount ? nudge : -nudge) : 0
        draws.normals[draw * normalCount + i] = middle.get(i, 0) + by
      }
    }
    runDraws(draws, { prepared, ground }, 0, draws.count)
    const pHOf = (draw: number) => retests.map(({ day }) => pathAt(draws, draw, day))
    const slopes = new Matrix(retests.length, normalCount)
    for (let i = 0; i < normalCount; i++) {
      const [up, down] = [pHOf(1 + i), pHOf(1 + normalCount + i)]
      up.forEach((each, at) => slopes.set(at, i, (each - (down[at] ?? NaN)) / (2 * nudge)))
    }
    return { pH: Matrix.columnVector(pHOf(0)), slopes }
  }
}

/**
 * What retests of a path say of the buffering of its ground, beside what was thought of it: everything else
 * that nobody knows is as doubtful as ever. As the path is bent, it strays from
 * what many weighed draws say by up to half of its doubt, at a tenth of their work.
 * @param setup the path up to the retests at least
 * @returns undefined where they say nothing of it: none falls on the path, or the buffering was taken for sure
 * @throws {CoreError} out-of-range, not-a-number, unknown-name, date-unreadable
 * @source Gauss-Newton steps to the likeliest draw and the bell about it: Gelman et al., Bayesian Data Analysis, ch. 13 (P)
 */
export function bufferFromRetests(
  setup: PathSetup,
  measured: readonly MeasuredPH[],
): BufferSaid | undefined {
  const retests = measured
    .map(({ day, pH, doubt }) => ({ day: daysBetween(setup.startsOn, day), pH, doubt }))
    .filter(({ day }) => day > 0 && day < setup.days)
  const { bufferMmol, bufferDoubt } = setup.ground
  if (retests.length === 0 || bufferDoubt === 0) return undefined
  const last = Math.max(...retests.map(({ day }) => day))
  const along = alongWith(
    { ...setup, days: Math.min(setup.days, last + pathStepDays + 1) },
    retests,
  )
  const seen = Matrix.columnVector(retests.map(({ pH }) => pH))
  const doubts = Matrix.diag(retests.map(({ doubt }) => doubt ** 2))
  let middle = Matrix.zeros(normalCount, 1)
  let covariance = Matrix.eye(normalCount)
  for (let step = 0; step < steps; step++) {
    const { pH, slopes } = along(middle)
    const gain = slopes
      .transpose()
      .mmul(inverse(Matrix.add(slopes.mmul(slopes.transpose()), doubts)))
    middle = gain.mmul(Matrix.add(Matrix.sub(seen, pH), slopes.mmul(middle)))
    covariance = Matrix.sub(Matrix.eye(normalCount), gain.mmul(slopes))
  }
  const variance = covariance.get(bufferAt, bufferAt)
  if (variance > saysNothing) return undefined
  // What is thought of it with the retests, less what was thought without.
  const precision = 1 / variance - 1
  const mean = middle.get(bufferAt, 0) / variance / precision
  return {
    mmolPerKg: bufferMmol * Math.exp(bufferDoubt * mean),
    doubt: bufferDoubt / Math.sqrt(precision),
  }
}
