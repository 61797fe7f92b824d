import { randomLcg, randomNormal } from 'd3-random'
import { tenthDeviation, type FigureRange } from '../../base/reference/index.ts'
import {
  comesLateOf,
  drawCount,
  failsOf,
  lateTimes,
  mostFail,
  overshootBeyond,
  overshootsOf,
} from './data/chances.ts'
import type { Response } from '../../material/source/index.ts'
import { gapBefore, type Recovery } from './recovery.ts'

/** How a drawn treatment fares. */
export type Fate = 'answers' | 'late' | 'overshoots' | 'fails'

/** One way the treatment may go. */
export interface DrawnRecovery extends Recovery {
  readonly fate: Fate
}

const seed = 0.271828

interface Draw {
  readonly fate: number
  readonly lag: number
  readonly rise: number
  readonly fade: number
  readonly gain: number
  readonly extra: number
}

let kept: readonly Draw[] | undefined

/** The same draws for every question: that two answers differ is then never chance. */
function draws(): readonly Draw[] {
  if (kept) return kept
  const random = randomLcg(seed)
  const bell = randomNormal.source(random)(0, 1)
  kept = Array.from({ length: drawCount.value }, (_, index) => ({
    // Evenly spread, so that each fate has its share of the draws.
    fate: (index + 0.5) / drawCount.value,
    lag: bell(),
    rise: bell(),
    fade: bell(),
    gain: bell(),
    extra: random(),
  }))
  return kept
}

/** A value of a range whose ends hold the middle 80 of 100. */
const within = ({ low, high }: { low: number; high: number }, deviations: number): number =>
  (low + high) / 2 + (deviations * (high - low)) / 2 / tenthDeviation

function shareOf({ low, usual, high }: FigureRange, deviations: number): number {
  const side = deviations < 0 ? usual - low : high - usual
  return usual + (deviations * side) / tenthDeviation
}

/**
 * Ways a treatment may go, all equally likely before anybody looks: most answer as is usual, some
 * late, some too far, some not at all.
 */
export function drawRecoveries(response: Response, before: number): readonly DrawnRecovery[] {
  const { gap, share } = gapBefore(before, response)
  const lateFrom = Math.min(mostFail.value, response.taught?.fails ?? failsOf.value)
  const overFrom = lateFrom + comesLateOf.value
  const usualFrom = overFrom + overshootsOf.value
  return draws().map((draw) => {
    const fate = fateOf(draw.fate, [lateFrom, overFrom, usualFrom])
    const slow = fate === 'late' ? lateTimes.low + draw.extra * (lateTimes.high - lateTimes.low) : 1
    const lag = Math.max(0.2, within(response.firstChange, draw.lag)) * slow
    const spans = {
      low: response.full.low - response.firstChange.low,
      high: response.full.high - response.firstChange.high,
    }
    const rise = Math.max(1, within(spans, draw.rise)) * slow
    const { low, high } = overshootBeyond
    const gained =
      fate === 'overshoots'
        ? gap * share.high + low + draw.extra * (high - low)
        : gap * Math.max(0.1, shareOf(share, draw.gain))
    return {
      fate,
      lag,
      full: lag + rise,
      fade: Math.max(lag + rise, within(response.fades, draw.fade)),
      gain: fate === 'fails' ? 0 : gained,
    }
  })
}

function fateOf(at: number, [late, over, usual]: readonly [number, number, number]): Fate {
  if (at < late) return 'fails'
  if (at < over) return 'late'
  return at < usual ? 'overshoots' : 'answers'
}
