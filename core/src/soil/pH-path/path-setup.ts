import { addDays, daysBetween, type Day } from '../../base/calendar/index.ts'
import { isWatering, soilTemperature, wateringDaysOf, type SoilClimate } from '../climate/index.ts'
import { CoreError, requireInRange } from '../../base/error/index.ts'
import { isNone, type FigureRange } from '../../base/reference/index.ts'
import { type SourceId, findAcidity, type Action } from '../../material/source/index.ts'

/** The ground whose pH is followed. */
export interface PathGround {
  readonly fromPH: number
  /** One standard deviation of it, with that from spot to spot. */
  readonly pHDoubt: number
  /** Acid for one pH [mmol H⁺/kg], and one standard deviation of its logarithm. */
  readonly bufferMmol: number
  readonly bufferDoubt: number
  /** Free lime, 10 to 90 of 100 [%]. */
  readonly lime: FigureRange
  readonly depthM: number
  readonly densityKgPerL: number
}

/** An amendment that went onto the ground or is to go. */
export interface PathApplication {
  readonly day: Day
  readonly sourceId: SourceId
  readonly kgPerM2: number
  /** Worked in over the whole depth; else it lies on top. */
  readonly isTilled: boolean
}

/** Water that is given beside rain. */
export interface PathWater {
  readonly mmPerYear: number
  readonly alkalinityMgPerLCaCO3: number
}

export interface PathSetup {
  readonly ground: PathGround
  readonly applications: readonly PathApplication[]
  readonly startsOn: Day
  /** Length of the path [d]. */
  readonly days: number
  readonly climate: SoilClimate
  readonly water?: PathWater | undefined
}

/** Numbers of the kinds of action, for arrays. */
export const actionCodes = {
  sulfur: 0,
  ammonium: 1,
  quick: 2,
  slow: 3,
  lime: 4,
} as const satisfies Readonly<Record<Action, number>>

/** A set-up as arrays that a path runs over. */
export interface PreparedPath {
  readonly days: number
  readonly layerMass: Float64Array
  /** Share of the depth that each layer has. */
  readonly layerShare: Float64Array
  readonly temperature: Float64Array
  /** Alkalinity brought by water [mmol/m²/d]. */
  readonly alkalinity: Float64Array
  /** Water that soaks past the roots [L/m²/d]. */
  readonly drain: Float64Array
  readonly actionCode: Uint8Array
  readonly applicationDay: Int32Array
  /** Acid of each application [mmol/m²], the share of it that is doubtful, and radius of grains [µm]. */
  readonly acid: Float64Array
  readonly acidSpan: Float64Array
  readonly radiusUm: Float64Array
  readonly isTilled: Uint8Array
  readonly isWatered: boolean
}

/** Most of a plan at once, and the longest path [d]. */
const mostApplications = 60
export const mostPathDays = 3700
const topLayerM = 0.05
const daysPerYear = 365

function layersOf(depthM: number): number[] {
  if (depthM <= topLayerM * 1.2) return [depthM]
  const below = depthM - topLayerM
  return depthM <= topLayerM * 2.4 ? [topLayerM, below] : [topLayerM, below / 2, below / 2]
}

function checkSetup({ ground, applications, days, water }: PathSetup): void {
  requireInRange('pH', ground.fromPH, { min: 3, max: 10 })
  requireInRange('depth', ground.depthM, { min: 0.02, max: 1, unit: 'm' })
  requireInRange('density', ground.densityKgPerL, { min: 0.05, max: 2.2, unit: 'kg/L' })
  requireInRange('buffering', ground.bufferMmol, { min: 0.5, max: 1000, unit: 'mmol/kg/pH' })
  requireInRange('days', days, { min: 1, max: mostPathDays, unit: 'd' })
  if (water) {
    requireInRange('water', water.mmPerYear, { min: 0, max: 5000, unit: 'mm a year' })
    requireInRange('alkalinity', water.alkalinityMgPerLCaCO3, { min: 0, max: 1500, unit: 'mg/L' })
  }
  if (applications.length > mostApplications) {
    throw new CoreError('too-many-steps', {
      parameter: 'applications',
      values: { most: mostApplications },
      received: String(applications.length),
    })
  }
  for (const { kgPerM2 } of applications) {
    requireInRange('amount', kgPerM2, { min: 0, max: 100, unit: 'kg/m²' })
  }
}

/** Milligrams of lime that one millimole of alkalinity counts for. */
const mgPerMmolAlkalinity = 50.0435
const isGiven = (application: PathApplication, startsOn: Day): boolean =>
  application.kgPerM2 > 0 && application.day >= startsOn

/**
 * Lays a set-up out in arrays. Steps before the start are left out.
 * @throws {CoreError} out-of-range, not-a-number, unknown-name, date-unreadable
 */
export function preparePath(setup: PathSetup): PreparedPath {
  checkSetup(setup)
  const { ground, startsOn, days, climate, water } = setup
  const layers = layersOf(ground.depthM)
  const dates = Array.from({ length: days }, (_, index) => addDays(startsOn, index))
  const watering = dates.map((day) => isWatering(climate, day))
  const perDay = water
    ? (water.mmPerYear / wateringDaysOf(climate)) * water.alkalinityMgPerLCaCO3
    : 0
  const given = setup.applications
    .filter((each) => isGiven(each, startsOn))
    .toSorted((a, b) => a.day.localeCompare(b.day))
  const acidities = given.map(({ sourceId }) => findAcidity(sourceId))
  const amount = (index: number) => (given[index]?.kgPerM2 ?? 0) * 1000
  return {
    days,
    layerMass: Float64Array.from(layers, (each) => each * ground.densityKgPerL * 1000),
    layerShare: Float64Array.from(layers, (each) => each / ground.depthM),
    temperature: Float64Array.from(dates, (day) => soilTemperature(climate, day)),
    alkalinity: Float64Array.from(watering, (is) => (is ? perDay / mgPerMmolAlkalinity : 0)),
    drain: new Float64Array(days).fill(climate.drainMm / daysPerYear),
    actionCode: Uint8Array.from(acidities, ({ action }) => actionCodes[action]),
    applicationDay: Int32Array.from(given, ({ day }) => daysBetween(startsOn, day)),
    acid: Float64Array.from(acidities, ({ molPerKg }, index) => molPerKg.usual * amount(index)),
    acidSpan: Float64Array.from(acidities, ({ molPerKg: { low, usual, high } }) =>
      usual === 0 ? 0 : (high - low) / 2 / usual,
    ),
    radiusUm: Float64Array.from(acidities, ({ grainUm }) => (isNone(grainUm) ? 0 : grainUm / 2)),
    isTilled: Uint8Array.from(given, ({ isTilled }) => Number(isTilled)),
    isWatered: (water?.mmPerYear ?? 0) > 0,
  }
}
