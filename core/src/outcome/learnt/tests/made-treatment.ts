import { addDays } from '../../../base/calendar/index.ts'
import type { Response } from '../../../material/source/index.ts'
import { expectedGain } from '../../regreening/index.ts'
import type { SeenTreatment } from '../index.ts'

const middle = ({ low, high }: { low: number; high: number }) => (low + high) / 2
/** What made-up treatments begin from. */
export const madeBefore = { greenness: 0.4, doubt: 0.03 }

/** How a made-up treatment goes, as times the usual. */
export interface Made {
  readonly response: Response
  readonly pace?: number
  readonly lasting?: number
  readonly standId?: string
  readonly appliedOn?: string
  readonly hasFailed?: boolean
  readonly gain?: number
  /** Draws what strays; absent: nothing does. */
  readonly bell?: () => number
}

/** A response of one definite kind: what it brings by a day follows from the published curve. */
export function definite({ response, pace = 1, lasting = 1 }: Omit<Made, 'bell'>): Response {
  const only = (days: number) => ({ low: days, high: days })
  return {
    ...response,
    firstChange: only(middle(response.firstChange) * pace),
    full: only(middle(response.full) * pace),
    fades: only(middle(response.fades) * lasting),
  }
}

let made = 0
/** A treatment of which the truth is known, looked at with doubt while weather walks about. */
export function madeTreatment(given: Made): SeenTreatment {
  const { response, standId = 'green', appliedOn = '2026-05-01', hasFailed = false } = given
  const truth = definite(given)
  const bell = given.bell ?? (() => 0)
  // The colour before was seen no better than those after.
  let walk = madeBefore.doubt * bell()
  // As often as people look, for as long as it may show.
  const often = middle(response.fades) / 21
  const looked = [2, 4, 7, 11, 16, 22, 29, 37, 46].map((days) => Math.round(days * often))
  return {
    entryId: `entry-${made++}`,
    standId,
    response,
    appliedOn,
    before: madeBefore,
    seen: looked.map((days, at) => {
      walk += 0.008 * Math.sqrt(days - (looked[at - 1] ?? 0)) * bell()
      const gain = hasFailed
        ? 0
        : (given.gain ?? 1) * expectedGain(truth, madeBefore.greenness, days).usual
      const greenness = madeBefore.greenness + gain + walk + 0.03 * bell()
      return { day: addDays(appliedOn, days), greenness, doubt: 0.03 }
    }),
  }
}
