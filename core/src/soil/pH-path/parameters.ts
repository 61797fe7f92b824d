import { tenthDeviation } from '../../base/reference/index.ts'
import type { PathGround } from './path-setup.ts'
import {
  arrival,
  drainage,
  drift,
  grain,
  lag,
  moisture,
  soilWarmth,
  sulfurDensity,
  sulfurPerSurface,
  warmth,
  warmthBounds,
  waterLime,
  type SpreadFigure,
} from './data/rates.ts'

/** Everything in which one draw differs from the next; each is a standard normal number. */
export const normalCount = 14
/** Which of them is the buffering. */
export const bufferAt = 1

/** One draw: what its path runs by. */
export interface PathParameters {
  readonly pH: number
  readonly bufferMmol: number
  /** Native free lime [%]. */
  readonly limePercent: number
  /** What a grain of sulfur loses of its radius a day at 25 °C [µm]. */
  readonly shrinkUm: number
  readonly lnWarmth: number
  readonly lagDays: number
  readonly grain: number
  readonly water: number
  readonly drain: number
  /** -1 to 1: where in the span of its acid a salt lies. */
  readonly acidPlace: number
  readonly arrival: number
  readonly warmerK: number
  /** Acid that comes by itself [mmol/kg/d]. */
  readonly driftMmol: number
}

const daysPerYear = 365
const micrometresPerCentimetre = 1e4

const drawn = ({ value, spread, isLog }: SpreadFigure, z: number): number =>
  isLog ? value * Math.exp(spread * z) : value + spread * z
/** A standard normal draw as one that is even between 0 and 1. */
const even = (z: number): number => 1 / (1 + Math.exp(-1.702 * z))
const held = (value: number, low: number, high: number): number =>
  Math.min(high, Math.max(low, value))

function limeOf({ lime }: PathGround, z: number): number {
  const step = z < 0 ? lime.usual - lime.low : lime.high - lime.usual
  return Math.max(0, lime.usual + (z * step) / tenthDeviation)
}

/**
 * A draw from its standard normal numbers.
 * @param normals standard normal numbers of all draws one after the other, `normalCount` each [1]
 * @param draw which of them, from 0
 */
export function parametersOf(
  ground: PathGround,
  isWatered: boolean,
  normals: Float64Array,
  draw: number,
): PathParameters {
  const z = (index: number) => normals[draw * normalCount + index] ?? 0
  const bufferMmol = ground.bufferMmol * Math.exp(ground.bufferDoubt * z(bufferAt))
  const low = isWatered ? moisture.lowWatered : moisture.low
  const damp = moisture.high - (moisture.high - low) * even(z(5)) ** 2
  const surface = drawn(sulfurPerSurface, z(3)) * 1e-6
  return {
    pH: held(ground.fromPH + ground.pHDoubt * z(0), 2.5, 10.5),
    bufferMmol,
    limePercent: limeOf(ground, z(2)),
    shrinkUm: (surface / sulfurDensity.value) * micrometresPerCentimetre * damp,
    lnWarmth: Math.log(held(drawn(warmth, z(4)), warmthBounds.low, warmthBounds.high)),
    lagDays: drawn(lag, z(6)),
    grain: drawn(grain, z(7)),
    water: drawn(waterLime, z(8)),
    drain: drawn(drainage, z(9)),
    acidPlace: 2 * even(z(10)) - 1,
    arrival: drawn(arrival, z(11)),
    warmerK: drawn(soilWarmth, z(12)),
    driftMmol: (drawn(drift, z(13)) * bufferMmol) / daysPerYear,
  }
}

/** The buffering of a draw [mmol H⁺/kg/pH]. */
export const bufferOf = (ground: PathGround, normals: Float64Array, draw: number): number =>
  ground.bufferMmol * Math.exp(ground.bufferDoubt * (normals[draw * normalCount + bufferAt] ?? 0))
