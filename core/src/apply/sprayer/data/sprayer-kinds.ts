import { none, type None } from '../../../base/reference/index.ts'
import type { NozzleKind } from './nozzles.ts'

/** What a set-up may be made of beside its tank; each kind says which of them it has. */
export interface SprayerMeasures {
  readonly nozzleKind: NozzleKind
  readonly nozzleSize: string
  readonly nozzleCount: number
  readonly spacingM: number
  readonly pressureBar: number
  readonly speedKmPerH: number
  /** Stock drawn into the water: one part into so many. */
  readonly ratio: number
}
export type MeasureName = keyof SprayerMeasures

/** How it is found out with water what a sprayer puts out. */
export type CalibrationWay = 'catch-one-nozzle' | 'spray-over-ground' | 'water-over-ground'

/** All that is told apart by the kind of a sprayer. */
export interface SprayerKindFacts {
  /** As it is named in a sentence. */
  readonly label: string
  /** What people call that which holds the mix. */
  readonly tankLabel: string
  readonly measures: readonly MeasureName[]
  readonly calibration: CalibrationWay | None
  /** Whether it hangs on a hose, so that a drop of pressure could draw the mix back. */
  readonly isOnHose: boolean
}

const nozzles = [
  'nozzleKind',
  'nozzleSize',
  'nozzleCount',
  'spacingM',
  'pressureBar',
  'speedKmPerH',
] as const

/** Kinds of sprayer: what is told apart anywhere stands here. */
export const sprayerKinds = {
  boom: {
    label: 'boom sprayer',
    tankLabel: 'Tank',
    measures: nozzles,
    calibration: 'catch-one-nozzle',
    isOnHose: false,
  },
  backpack: {
    label: 'backpack',
    tankLabel: 'Tank',
    measures: [],
    calibration: 'spray-over-ground',
    isOnHose: false,
  },
  gun: {
    label: 'spray gun on a hose reel',
    tankLabel: 'Tank',
    measures: [],
    calibration: 'spray-over-ground',
    // Fed by the pump of its own tank, not by the main.
    isOnHose: false,
  },
  'hose-end': {
    label: 'hose-end jar',
    tankLabel: 'Jar',
    measures: [],
    calibration: 'water-over-ground',
    isOnHose: true,
  },
  injector: {
    label: 'injector',
    tankLabel: 'Stock tank',
    measures: ['ratio'],
    calibration: none('it counts by the water that runs through it'),
    isOnHose: true,
  },
  bucket: {
    label: 'bucket or can',
    tankLabel: 'Bucket or can',
    measures: [],
    calibration: none('it counts by plant or by mark'),
    isOnHose: false,
  },
} as const satisfies Readonly<Record<string, SprayerKindFacts>>

export type SprayerKind = keyof typeof sprayerKinds
export const sprayerKindNames = Object.keys(sprayerKinds) as SprayerKind[]
