import { randomLcg, randomNormal } from 'd3-random'
import { addDays, daysBetween, type Day } from '../../base/calendar/index.ts'
import { requireInRange } from '../../base/error/index.ts'
import type { FigureRange } from '../../base/reference/index.ts'
import { pointsOf, roomForDraws, runDraws, type Draws } from './draws.ts'
import { normalCount } from './parameters.ts'
import { preparePath, type PathSetup } from './path-setup.ts'
import { effectiveCount, normalised, pHQuantiles, weightedQuantiles } from './quantiles.ts'
import { agreement, drawFrom, proposalFrom, type Proposal, type Retest } from './retests.ts'
import { pathStepDays } from './run-path.ts'

/** pH measured on a day. */
export interface MeasuredPH {
  readonly day: Day
  readonly pH: number
  /** One standard deviation, with that from spot to spot. */
  readonly doubt: number
}

/** pH to be expected on a day: 10, 50 and 90 of 100 draws lie below. */
export interface PathPoint extends FigureRange {
  readonly day: Day
  /** Middle of the top 5 cm alone. */
  readonly top: number
}

/** Where the pH of ground goes. */
export interface PathForecast {
  readonly points: readonly PathPoint[]
  /** Acid for one pH as the retests leave it [mmol H⁺/kg]. */
  readonly buffer: FigureRange
  /** Share of draws on each point's day that stand at or below the upper end of the target [1]. */
  readonly shareArrived: readonly number[]
  /** As how many even draws those that agree with the retests count. */
  readonly effective: number
}

export interface ForetellInput {
  readonly setup: PathSetup
  readonly retests: readonly MeasuredPH[]
  /** How many draws; 1000 give quantiles good to a twentieth of a pH. */
  readonly count: number
  /** 0 to below 1; the same seed draws the same draws. */
  readonly seed: number
  /** Where the target band ends, on the side the path comes from. */
  readonly arrivesAt?: number | undefined
  /** Whether the path comes from below, as after lime. */
  readonly isUpward?: boolean | undefined
}

const chunk = 50
/** Rounds in which draws are taken ever nearer to what was measured. */
const learningRounds = 3
const shares = [0.1, 0.5, 0.9] as const

/** Rounds take seeds apart from each other: a step of the golden section. */
const seedStep = 0.618

function fillEven({ normals }: Draws, seed: number): void {
  const next = randomNormal.source(randomLcg(seed % 1))(0, 1)
  for (let index = 0; index < normals.length; index++) normals[index] = next()
}

/** Takes draws from a proposal; their weights make up for it. */
function drawNear(draws: Draws, proposal: Proposal | undefined): void {
  draws.logWeight.fill(0)
  if (!proposal) return
  for (let draw = 0; draw < draws.count; draw++) {
    const z = draws.normals.subarray(draw * normalCount, (draw + 1) * normalCount)
    draws.logWeight[draw] = drawFrom(proposal, z)
  }
}

function forecastOf(
  { points, path, top, buffer, count, logWeight }: Draws,
  { setup, arrivesAt, isUpward = false }: ForetellInput,
): PathForecast {
  const weights = normalised(logWeight)
  const column = new Float32Array(count)
  const columnOf = (all: Float32Array, point: number) => {
    for (let draw = 0; draw < count; draw++) column[draw] = all[draw * points + point] ?? 0
    return column
  }
  const shareArrived: number[] = []
  const described = Array.from({ length: points }, (_, point): PathPoint => {
    const [low = NaN, usual = NaN, high = NaN] = pHQuantiles(columnOf(path, point), weights, shares)
    if (arrivesAt !== undefined) {
      let share = 0
      for (let draw = 0; draw < count; draw++) {
        const pH = column[draw] ?? 0
        if (isUpward ? pH >= arrivesAt : pH <= arrivesAt) share += weights[draw] ?? 0
      }
      shareArrived.push(share)
    }
    const [middle = NaN] = pHQuantiles(columnOf(top, point), weights, [0.5])
    return { day: addDays(setup.startsOn, point * pathStepDays), low, usual, high, top: middle }
  })
  const [low = NaN, usual = NaN, high = NaN] = weightedQuantiles(buffer, weights, shares)
  return {
    points: described,
    buffer: { low, usual, high },
    shareArrived,
    effective: effectiveCount(weights),
  }
}

/** Retests that fall on the path, by days from its start. */
function onPath({ setup, retests }: ForetellInput): readonly Retest[] {
  return retests
    .map(({ day, pH, doubt }) => ({ day: daysBetween(setup.startsOn, day), pH, doubt }))
    .filter(({ day }) => day >= 0 && day < setup.days)
}

/**
 * Foretells the pH of a soil: many draws that differ in everything nobody knows, run day by day.
 * Retests weigh the draws by how well they agree, and new ones are taken near those that do.
 * @returns after yields of the share that is done [1], the forecast
 * @throws {CoreError} out-of-range, not-a-number, unknown-name, date-unreadable
 * @source adaptive importance sampling about the balances of `runPath`
 */
export function* foretell(input: ForetellInput): Generator<number, PathForecast, void> {
  const { setup, count, seed } = input
  requireInRange('count', count, { min: 10, max: 100_000 })
  const prepared = preparePath(setup)
  const retests = onPath(input)
  const rounds = retests.length > 0 ? 1 + learningRounds : 1
  const draws = roomForDraws(count, pointsOf(setup.days))
  for (let round = 0; round < rounds; round++) {
    const proposal = round === 0 ? undefined : proposalFrom(draws)
    fillEven(draws, seed + round * seedStep)
    drawNear(draws, proposal)
    for (let from = 0; from < count; from += chunk) {
      const to = Math.min(count, from + chunk)
      runDraws(draws, { prepared, ground: setup.ground }, from, to)
      yield (round + to / count) / rounds
    }
    for (let draw = 0; draw < count; draw++) {
      draws.logWeight[draw] = (draws.logWeight[draw] ?? 0) + agreement(draws, draw, retests)
    }
  }
  return forecastOf(draws, input)
}

/** The forecast at one go. */
export function foretellAtOnce(input: ForetellInput): PathForecast {
  const steps = foretell(input)
  for (;;) {
    const { done, value } = steps.next()
    if (done) return value
  }
}
