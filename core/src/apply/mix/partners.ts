import { CoreError } from '../../base/error/index.ts'
import { sourceKinds, type SourceKind } from '../../material/source/index.ts'
import type { Route } from '../../stand/plant/index.ts'
import type { FigureRange, Sourced } from '../../base/reference/index.ts'
import { partnerKinds, type PartnerKind, type Standing } from './data/partners.ts'
import { enteredInAnHour } from './data/limits.ts'

/**
 * A kind of partner.
 * @throws {CoreError} unknown-name
 */
export function findPartner(id: string): PartnerKind {
  const kind = partnerKinds.find((each) => each.id === id)
  if (!kind) {
    throw new CoreError('partner-unknown', {
      parameter: 'partner',
      received: id,
    })
  }
  return kind
}

/** How a partner stands beside a source in one tank. */
export const standingBeside = (partner: PartnerKind, sourceKind: SourceKind): Standing =>
  sourceKinds[sourceKind].inTank === 'salt' ? partner.besideSalt : partner.besideChelate

/** What was seen when a little of both was mixed and left to stand. */
export const jarOutcomes = {
  clear: { words: 'clear, or mixes again with a shake', passes: true },
  settles: { words: 'settles, curdles or gums', passes: false },
  heats: { words: 'heats, foams or gases', passes: false },
} as const
export type JarOutcome = keyof typeof jarOutcomes
export const jarOutcomeNames = Object.keys(jarOutcomes) as readonly JarOutcome[]

/** The steps of a jar test. */
export const jarTestSteps: readonly string[] = [
  'A litre of the water you spray with, in a clear jar; gloves and goggles on.',
  'Each thing in the share of the real tank and in the order of the real tank, stirred between.',
  'Let it stand half an hour. Look for flakes, layers, gum, heat or gas; shake it and look again.',
]

/**
 * Share of the iron on a leaf that is washed off if it is watered in after some hours [1].
 * @source derived from the share that enters in an hour
 */
export const washedOffAfter = (hours: number): FigureRange & Sourced => ({
  low: (1 - enteredInAnHour.high) ** hours,
  usual: (1 - enteredInAnHour.usual) ** hours,
  high: (1 - enteredInAnHour.low) ** hours,
  source: enteredInAnHour.source,
  mark: enteredInAnHour.mark,
})

/** A partner that wants to be where iron on a leaf does not. */
export interface PlacementConflict extends Sourced {
  readonly words: string
  /** Share of the iron that is washed off if it is watered in after so many hours [1]. */
  readonly lostAfter: (hours: number) => FigureRange
}

/**
 * The conflict between iron that must stay on the leaf and a partner that must be watered in.
 * @returns undefined where both want the same
 */
export function placementConflict(
  route: Route,
  partner: PartnerKind,
): PlacementConflict | undefined {
  if (route === 'leaf' && partner.placement === 'watered-in') {
    return {
      words: `Iron must stay on the leaf, ${partner.name} must be watered in. Put them out on two days, or wait before watering and lose some of the iron.`,
      lostAfter: washedOffAfter,
      source: enteredInAnHour.source,
      mark: enteredInAnHour.mark,
    }
  }
  if (route === 'soil' && partner.placement === 'leaf') {
    return {
      words: `This iron is watered in at once; ${partner.name} must stay on the leaf. Put them out on two days.`,
      lostAfter: () => ({ low: 1, usual: 1, high: 1 }),
      source: 'common practice',
      mark: 'C',
    }
  }
  return undefined
}
