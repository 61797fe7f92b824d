import { formatDecimals } from '../../base/writing/index.ts'
import { CoreError, requireInRange } from '../../base/error/index.ts'
import { quantityOf, valueIn } from '../../base/quantity/index.ts'
import type { Derivation } from '../../base/reference/index.ts'
import { namingPressureBar, nozzleSizes, type NozzleSize } from './data/nozzles.ts'

const pressures = { min: 0.3, max: 20, unit: 'bar' }
const speeds = { min: 0.3, max: 40, unit: 'km/h' }
const spacings = { min: 0.1, max: 3, unit: 'm' }
const flows = { min: 0.01, max: 50, unit: 'L/min' }
const rates = { min: 5, max: 3000, unit: 'L/ha' }
/** L/ha = 600 × L/min ÷ (km/h × m). */
const boomConstant = 600

/**
 * A nozzle size of the standard.
 * @throws {CoreError} unknown-name
 */
export function findNozzle(id: string): NozzleSize {
  const found = nozzleSizes.find((size) => size.id === id)
  if (!found) {
    throw new CoreError('nozzle-size-unknown', {
      parameter: 'nozzle',
      values: { sizes: nozzleSizes.map((size) => size.id) },
      received: id,
    })
  }
  return found
}

/**
 * Flow at another pressure: with its square root.
 * @param flow in any unit of volume by time
 * @param fromBar pressure of that flow [bar], and `toBar` the other [bar]
 * @returns [the unit of `flow`]
 * @throws {CoreError} out-of-range
 * @source flow through an orifice; every sprayer bulletin
 */
export function flowAtPressure(flow: number, fromBar: number, toBar: number): number {
  requireInRange('pressure', fromBar, pressures)
  requireInRange('pressure', toBar, pressures)
  return flow * Math.sqrt(toBar / fromBar)
}

/** Flow of one nozzle of a size at a pressure [L/min]; see {@link flowAtPressure}. */
export function nozzleFlow(sizeId: string, pressureBar: number): number {
  const { gallonsPerMin } = findNozzle(sizeId)
  const named = valueIn(quantityOf(gallonsPerMin, 'gal/min'), 'L/min')
  return flowAtPressure(named, namingPressureBar.value, pressureBar)
}

/** What a boom runs with. */
export interface BoomRun {
  /** One nozzle [L/min]. */
  readonly flowLPerMin: number
  readonly speedKmPerH: number
  readonly spacingM: number
}

/**
 * Spray that a boom puts out.
 * @returns [L/ha]
 * @throws {CoreError} out-of-range
 * @source standard boom formula: L/ha = 600 × L/min ÷ (km/h × m); GPA = 5940 × GPM ÷ (mph × in)
 */
export function boomRate({ flowLPerMin, speedKmPerH, spacingM }: BoomRun): number {
  requireInRange('flow', flowLPerMin, flows)
  requireInRange('speed', speedKmPerH, speeds)
  requireInRange('spacing', spacingM, spacings)
  return (boomConstant * flowLPerMin) / (speedKmPerH * spacingM)
}

/**
 * Speed at which a boom puts out a rate [km/h]; {@link boomRate} turned round.
 * @param rateLPerHa [L/ha]
 * @throws {CoreError} out-of-range
 */
export function speedForRate(run: Omit<BoomRun, 'speedKmPerH'>, rateLPerHa: number): number {
  requireInRange('rate', rateLPerHa, rates)
  return boomRate({ ...run, speedKmPerH: 1 }) / rateLPerHa
}

/**
 * Flow that a boom needs of each nozzle for a rate [L/min]; {@link boomRate} turned round.
 * @param rateLPerHa [L/ha]
 * @throws {CoreError} out-of-range
 */
export function flowForRate(run: Omit<BoomRun, 'flowLPerMin'>, rateLPerHa: number): number {
  requireInRange('rate', rateLPerHa, rates)
  return rateLPerHa / boomRate({ ...run, flowLPerMin: 1 })
}

/**
 * Pressure at which a nozzle of a size gives a flow [bar].
 * @param flowLPerMin [L/min]
 * @throws {CoreError} out-of-range; unknown-name for a size that the standard has not
 * @source ISO 10625 for the flow at 40 psi (M); flow goes with the root of pressure
 */
export function pressureForFlow(sizeId: string, flowLPerMin: number): number {
  requireInRange('flow', flowLPerMin, flows)
  const named = nozzleFlow(sizeId, namingPressureBar.value)
  return namingPressureBar.value * (flowLPerMin / named) ** 2
}

/**
 * Speed from a measured run [km/h].
 * @param distanceM 1 to 2000 [m]
 * @param seconds 1 to 3600 [s]
 * @throws {CoreError} out-of-range
 */
export function speedOfRun(distanceM: number, seconds: number): number {
  requireInRange('distance', distanceM, { min: 1, max: 2000, unit: 'm' })
  requireInRange('time', seconds, { min: 1, max: 3600, unit: 's' })
  return (distanceM / seconds) * 3.6
}

/** How the rate of a boom was got, to be opened on screen. */
export function boomDerivation(run: BoomRun): Derivation {
  const rate = boomRate(run)
  return {
    figure: 'Spray put out by the boom',
    formula: 'L/ha = 600 × L/min ÷ (km/h × m)',
    inputs: [
      { label: 'flow of a nozzle', value: `${formatDecimals(run.flowLPerMin, 2)} L/min` },
      { label: 'speed', value: `${formatDecimals(run.speedKmPerH, 1)} km/h` },
      { label: 'spacing', value: `${formatDecimals(run.spacingM, 2)} m` },
    ],
    result: `${formatDecimals(rate, 0)} L/ha`,
    source: 'standard boom calibration formula of extension bulletins',
    mark: 'M',
  }
}
