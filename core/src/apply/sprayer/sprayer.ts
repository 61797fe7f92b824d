import { CoreError, requireInRange } from '../../base/error/index.ts'
import type { Day } from '../../base/calendar/index.ts'
import { boomRate, nozzleFlow } from './boom.ts'
import { nozzleKinds, type NozzleKind } from './data/nozzles.ts'
import { dropClassOf } from './leaf-uptake.ts'
import type { DropClass } from './data/drops.ts'
import {
  sprayerKinds,
  type MeasureName,
  type SprayerKind,
  type SprayerKindFacts,
  type SprayerMeasures,
} from './data/sprayer-kinds.ts'

type SetupOf<Kind extends SprayerKind> = {
  readonly kind: Kind
  /** What holds the mix: tank, jar, bucket [L]. */
  readonly tankL: number
} & Pick<SprayerMeasures, (typeof sprayerKinds)[Kind]['measures'][number]>

/** What puts the spray or drench out, with the measures that its kind has. */
export type SprayerSetup = { [Kind in SprayerKind]: SetupOf<Kind> }[SprayerKind]

/** A set-up of nozzles of the standard, of which can be calculated what it puts out. */
export type NozzleSetup = Extract<SprayerSetup, { readonly nozzleKind: NozzleKind }>

/** All that is told apart by the kind of a sprayer. */
export const sprayerKindOf = (kind: SprayerKind): SprayerKindFacts => sprayerKinds[kind]

/** Whether a set-up has nozzles of the standard. */
export const hasNozzles = (setup: SprayerSetup): setup is NozzleSetup => 'nozzleKind' in setup

/**
 * A set-up of a kind, with its measures and no others.
 * @param tankL what holds the mix [L]
 * @param measures by name; what the kind has not is left aside
 * @throws {CoreError} not-applicable where a measure of the kind is missing
 */
export function setupOf(
  kind: SprayerKind,
  tankL: number,
  measures: { readonly [Name in MeasureName]?: SprayerMeasures[Name] | undefined },
): SprayerSetup {
  const own = sprayerKindOf(kind).measures.map((name) => {
    if (measures[name] !== undefined) return [name, measures[name]] as const
    throw new CoreError('sprayer-lacks-measure', {
      parameter: name,
      values: { sprayer: sprayerKinds[kind].label },
      received: 'nothing',
    })
  })
  return { kind, tankL, ...Object.fromEntries(own) } as SprayerSetup
}

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
  readonly from: 'measured' | 'calculated'
}

/** Parts of water to one of stock. */
const ratios = { min: 2, max: 2000 }
const tanks = { min: 0.1, max: 1e5, unit: 'L' }

/**
 * Returns the set-up when it can run.
 * @throws {CoreError} out-of-range, unknown-name, naming what is wrong
 */
export function checkSetup(setup: SprayerSetup): SprayerSetup {
  requireInRange('tank', setup.tankL, tanks)
  if ('ratio' in setup) requireInRange('ratio', setup.ratio, ratios)
  if (!hasNozzles(setup)) return setup
  if (!(setup.nozzleKind in nozzleKinds)) {
    throw new CoreError('nozzle-kind-unknown', {
      parameter: 'nozzleKind',
      received: setup.nozzleKind,
    })
  }
  requireInRange('nozzles', setup.nozzleCount, { min: 1, max: 200 })
  boomRate({ ...setup, flowLPerMin: nozzleFlow(setup.nozzleSize, setup.pressureBar) })
  return setup
}

/**
 * What a sprayer puts out over ground: as measured, else as its nozzles say.
 * @returns undefined where only measuring can tell, or where it does not count by ground
 */
export function deliveryOf(
  setup: SprayerSetup,
  calibration: Calibration | undefined,
): Delivery | undefined {
  if (calibration) return { rateLPerM2: calibration.rateLPerM2, from: 'measured' }
  if (!hasNozzles(setup)) return undefined
  const flowLPerMin = nozzleFlow(setup.nozzleSize, setup.pressureBar)
  return { rateLPerM2: boomRate({ ...setup, flowLPerMin }) / 1e4, from: 'calculated' }
}

/** The drops of nozzles; undefined for what has no nozzle of the standard. */
export const dropsOf = (setup: SprayerSetup): DropClass | undefined =>
  hasNozzles(setup) ? dropClassOf(setup.nozzleKind, setup.nozzleSize, setup.pressureBar) : undefined

/** Ground that a full tank covers [m²]. */
export const areaOfTank = (setup: SprayerSetup, delivery: Delivery): number =>
  setup.tankL / delivery.rateLPerM2
