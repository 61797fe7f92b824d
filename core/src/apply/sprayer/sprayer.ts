import { CoreError, requireInRange } from '../../base/error/index.ts'
import type { Day } from '../../base/calendar/index.ts'
import { boomRate, nozzleFlow } from './boom.ts'
import { nozzleKinds, type NozzleKind } from './data/nozzles.ts'
import { dropClassOf } from './leaf-uptake.ts'
import type { DropClass } from './data/drops.ts'

/** What puts the spray or drench out. */
export type SprayerSetup =
  | {
      readonly kind: 'boom'
      readonly tankL: number
      readonly nozzleKind: NozzleKind
      readonly nozzleSize: string
      readonly nozzleCount: number
      readonly spacingM: number
      readonly pressureBar: number
      readonly speedKmPerH: number
    }
  | { readonly kind: 'backpack'; readonly tankL: number }
  /** A jar on a hose; the tank is the jar. */
  | { readonly kind: 'hose-end'; readonly tankL: number }
  /** Stock drawn into the water: one part into so many. */
  | { readonly kind: 'injector'; readonly tankL: number; readonly ratio: number }
  | { readonly kind: 'bucket'; readonly tankL: number }

export const sprayerKinds = {
  boom: 'boom sprayer',
  backpack: 'backpack',
  'hose-end': 'hose-end jar',
  injector: 'injector',
  bucket: 'bucket or can',
} as const
export type SprayerKind = keyof typeof sprayerKinds

/** A rate that was measured with water, and when. */
export interface Calibration {
  readonly measuredOn: Day
  readonly rateLPerM2: number
  /** How it was measured, in words, with its figures. */
  readonly how: string
}

/** What a sprayer puts out, and whether anybody measured it. */
export interface Delivery {
  readonly rateLPerM2: number
  readonly from: 'measured' | 'reckoned'
}

const tanks = { min: 0.1, max: 1e5, unit: 'L' }

/**
 * Returns the set-up when it can run.
 * @throws {CoreError} out-of-range, unknown-name, naming what is wrong
 */
export function checkSetup(setup: SprayerSetup): SprayerSetup {
  requireInRange('tank', setup.tankL, tanks)
  if (setup.kind === 'injector') requireInRange('ratio', setup.ratio, { min: 2, max: 2000 })
  if (setup.kind !== 'boom') return setup
  if (!(setup.nozzleKind in nozzleKinds)) {
    throw new CoreError('unknown-name', {
      parameter: 'nozzleKind',
      expected: 'a kind of nozzle of the list',
      received: setup.nozzleKind,
    })
  }
  requireInRange('nozzles', setup.nozzleCount, { min: 1, max: 200 })
  boomRate({ ...setup, flowLPerMin: nozzleFlow(setup.nozzleSize, setup.pressureBar) })
  return setup
}

/**
 * What a sprayer puts out over ground: as measured, else as a boom's set-up says.
 * @returns undefined where only measuring can tell, or where it does not count by ground
 */
export function deliveryOf(
  setup: SprayerSetup,
  calibration: Calibration | undefined,
): Delivery | undefined {
  if (calibration) return { rateLPerM2: calibration.rateLPerM2, from: 'measured' }
  if (setup.kind !== 'boom') return undefined
  const flowLPerMin = nozzleFlow(setup.nozzleSize, setup.pressureBar)
  return { rateLPerM2: boomRate({ ...setup, flowLPerMin }) / 1e4, from: 'reckoned' }
}

/** The drops of a boom; undefined for what has no nozzle of the standard. */
export const dropsOf = (setup: SprayerSetup): DropClass | undefined =>
  setup.kind === 'boom'
    ? dropClassOf(setup.nozzleKind, setup.nozzleSize, setup.pressureBar)
    : undefined

/** Ground that a full tank covers [m²]. */
export const areaOfTank = (setup: SprayerSetup, delivery: Delivery): number =>
  setup.tankL / delivery.rateLPerM2
