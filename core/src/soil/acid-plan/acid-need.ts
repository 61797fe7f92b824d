import { formatDecimals, formatNumber } from '../../base/writing/index.ts'
import { ascending } from 'd3-array'
import { probit } from 'simple-statistics'
import { CoreError, requireInRange } from '../../base/error/index.ts'
import { tenthDeviation, type Derivation, type FigureRange } from '../../base/reference/index.ts'
import { acidBetween, acidPerLimePercent, slopesOf } from '../soil/index.ts'
import type { AcidGround } from './acid-ground.ts'
import { molPerKgSulfur } from '../../material/source/index.ts'

/** Acid, or lime for the way up, that brings ground to a pH. */
export interface AcidNeed {
  readonly direction: 'down' | 'up'
  readonly targetPH: number
  /** Acid, or base for the way up, 10 to 90 of 100 [mol/m²]. */
  readonly molPerM2: FigureRange
  /** Of it what free lime takes before pH moves [mol/m²]; nothing on the way up. */
  readonly limeMolPerM2: FigureRange
  /** The same as pure sulfur [kg/m²]. */
  readonly sulfurKgPerM2: FigureRange
  readonly derivation: Derivation
}

/** A target this close is the present pH [pH]. */
const samePH = 0.05
/** Middles of slices of equal chance under the bell [standard deviations]. */
const slices = (count: number): readonly number[] =>
  Array.from({ length: count }, (_, index) => probit((index + 0.5) / count))
const [bufferSlices, pHSlices, limeSlices] = [slices(21), slices(9), slices(9)]

function rangeOf(values: readonly number[]): FigureRange {
  const sorted = values.toSorted(ascending)
  const at = (share: number) => sorted[Math.floor(share * (sorted.length - 1))] ?? 0
  return { low: at(0.1), usual: at(0.5), high: at(0.9) }
}

const times = ({ low, usual, high }: FigureRange, factor: number): FigureRange => ({
  low: low * factor,
  usual: usual * factor,
  high: high * factor,
})

function limeAt({ low, usual, high }: FigureRange, z: number): number {
  return Math.max(0, usual + (z * (z < 0 ? usual - low : high - usual)) / tenthDeviation)
}

/** Acid over the buffering, lime and pH that the ground may really have [mmol/kg]. */
function spreadOfNeed(ground: AcidGround, targetPH: number, sign: 1 | -1): readonly number[] {
  const { buffer, pH, pHDoubt, lime } = ground
  return bufferSlices.flatMap((bufferZ) => {
    const slopes = slopesOf(buffer.mmolPerKg * Math.exp(buffer.doubt * bufferZ))
    return pHSlices.flatMap((pHZ) => {
      const moved = sign * acidBetween(slopes, pH + pHDoubt * pHZ, targetPH)
      return limeSlices.map((limeZ) => {
        const lost = sign === 1 ? limeAt(lime, limeZ) * acidPerLimePercent : 0
        return Math.max(0, moved) + lost
      })
    })
  })
}

/**
 * How much acid brings ground to a pH, or base where the target lies above.
 * @param targetPH [pH] 3.5 to 8.5, at least 0.05 from the present pH
 * @returns 10 to 90 of 100 over the doubt of buffering, pH and lime
 * @throws {CoreError} out-of-range, not-a-number; not-applicable where the ground is there already
 * @source integral of the buffering between the two, and 2 mol acid a mole of free lime
 */
export function acidNeed(ground: AcidGround, targetPH: number): AcidNeed {
  requireInRange('target pH', targetPH, { min: 3.5, max: 8.5 })
  const { pH, massKgPerM2, buffer, lime } = ground
  if (Math.abs(targetPH - pH) < samePH) {
    throw new CoreError('pH-reached-already', {
      parameter: 'target pH',
      values: { pH },
      received: formatDecimals(targetPH, 1),
    })
  }
  const direction = targetPH < pH ? 'down' : 'up'
  const sign = direction === 'down' ? 1 : -1
  const perKg = rangeOf(spreadOfNeed(ground, targetPH, sign))
  const molPerM2 = times(perKg, massKgPerM2 / 1000)
  const limeShare = direction === 'down' ? (acidPerLimePercent * massKgPerM2) / 1000 : 0
  const sulfurKgPerM2 = times(molPerM2, 1 / molPerKgSulfur)
  const plain = Math.abs(acidBetween(slopesOf(buffer.mmolPerKg), pH, targetPH))
  return {
    direction,
    targetPH,
    molPerM2,
    limeMolPerM2: times(lime, limeShare),
    sulfurKgPerM2,
    derivation: {
      figure: direction === 'down' ? 'Acid for the ground' : 'Lime for the ground',
      formula:
        'ground over the depth × (acid for each pH on the way + free lime), over the doubt of each',
      inputs: [
        { label: 'ground', value: `${formatNumber(massKgPerM2, 3)} kg/m²` },
        {
          label: 'from',
          value: `pH ${formatDecimals(pH, 1)} ± ${formatDecimals(ground.pHDoubt, 2)}`,
        },
        { label: 'to', value: `pH ${formatDecimals(targetPH, 1)}` },
        {
          label: 'acid for one pH below 6.5',
          value: `${formatNumber(buffer.mmolPerKg, 3)} mmol/kg, × or ÷ ${formatDecimals(Math.exp(tenthDeviation * buffer.doubt), 2)}`,
        },
        { label: 'for the way', value: `${formatNumber(plain, 3)} mmol/kg` },
        ...(direction === 'down'
          ? [
              {
                label: 'free lime',
                value: `${formatNumber(lime.low, 2)}-${formatNumber(lime.high, 2)} %, ${formatNumber(acidPerLimePercent, 4)} mmol/kg a percent`,
              },
            ]
          : []),
      ],
      result: `${formatNumber(molPerM2.low, 3)}-${formatNumber(molPerM2.high, 3)} mol/m²`,
      source: 'buffering fitted to published sulfur tables; lime by stoichiometry',
      mark: 'D',
    },
  }
}

/** Kilograms of an amendment for an amount of acid or base, the least from its strongest grade. */
export function kgFor(need: FigureRange, molPerKg: FigureRange): FigureRange {
  const strength = Math.abs(molPerKg.usual)
  const [weak, strong] = [Math.abs(molPerKg.low), Math.abs(molPerKg.high)].toSorted(ascending)
  return {
    low: need.low / (strong ?? strength),
    usual: need.usual / strength,
    high: weak === 0 ? Infinity : need.high / (weak ?? strength),
  }
}
