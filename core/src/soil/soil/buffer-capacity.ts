import { formatDecimals, formatNumber } from '../../base/writing/index.ts'
import { CoreError, requireInRange } from '../../base/error/index.ts'
import {
  tenthDeviation,
  type Derivation,
  type DerivationInput,
} from '../../base/reference/index.ts'
import {
  bufferDoubt,
  bufferTests,
  clayBuffer,
  exchangeBuffer,
  leastBufferMove,
  organicBuffer,
  type BufferTest,
} from './data/buffering.ts'
import { textures, type Texture, type TextureName } from './data/textures.ts'

/** What is known of how a soil holds its pH. */
export interface BufferFacts {
  readonly texture: TextureName
  readonly clayPercent?: number | undefined
  readonly organicPercent?: number | undefined
  readonly cecCmolPerKg?: number | undefined
  readonly bufferTest?:
    { readonly test: BufferTest; readonly bufferPH: number; readonly soilPH: number } | undefined
  /** Titrated with acid by a laboratory [mmol H⁺/kg for one pH]. */
  readonly titratedMmol?: number | undefined
}

/** One way to the buffering of a soil. */
export interface BufferEvidence {
  readonly from: string
  /** Acid for one pH [mmol H⁺/kg]. */
  readonly mmolPerKg: number
  /** One standard deviation of its logarithm. */
  readonly doubt: number
}

/** The buffering of a soil: every piece of evidence, and all of them together. */
export interface BufferCapacity extends Omit<BufferEvidence, 'from'> {
  readonly evidence: readonly BufferEvidence[]
  /** Why something that was measured is no evidence. */
  readonly left: readonly string[]
  readonly derivation: Derivation
}

const percent = { min: 0, max: 100, unit: '%' }

function fromTexture(facts: BufferFacts): BufferEvidence {
  const texture: Texture = textures[facts.texture]
  const clay = requireInRange('clay', facts.clayPercent ?? texture.clayPercent, percent)
  const organic = requireInRange(
    'organic matter',
    facts.organicPercent ?? texture.organicPercent,
    percent,
  )
  const isMeasured = facts.organicPercent !== undefined
  return {
    from: isMeasured ? 'clay and organic matter' : `texture, ${texture.label.toLowerCase()}`,
    mmolPerKg: Math.max(
      1,
      texture.bufferMmolPerKg ?? clayBuffer.value * clay + organicBuffer.value * organic,
    ),
    doubt: (isMeasured ? bufferDoubt.organic : bufferDoubt.texture).value,
  }
}

function fromExchange({ cecCmolPerKg }: BufferFacts): BufferEvidence | undefined {
  if (cecCmolPerKg === undefined) return undefined
  requireInRange('CEC', cecCmolPerKg, { min: 0.5, max: 200, unit: 'cmol/kg' })
  return {
    from: 'exchange capacity',
    mmolPerKg: exchangeBuffer.value * cecCmolPerKg,
    doubt: bufferDoubt.exchange.value,
  }
}

function fromBufferTest({ bufferTest }: BufferFacts): BufferEvidence | string | undefined {
  if (!bufferTest) return undefined
  const { test, bufferPH, soilPH } = bufferTest
  const { freshPH, cmolPerPH, label, toPH = bufferPH } = bufferTests[test]
  requireInRange('buffer pH', bufferPH, { min: 4, max: 8.2 })
  const moved = toPH - soilPH
  const gave = (freshPH - bufferPH) * cmolPerPH * 10
  if (moved < leastBufferMove.value || gave <= 0) {
    return `The ${label} buffer says nothing of how this soil holds its pH: there are ${formatDecimals(moved, 1)} pH between the two only. Such tests are made for acid soils; elsewhere have it titrated.`
  }
  return {
    from: `${label} buffer`,
    mmolPerKg: gave / moved,
    doubt: bufferDoubt.bufferPH.value,
  }
}

function fromTitration({ titratedMmol }: BufferFacts): BufferEvidence | undefined {
  if (titratedMmol === undefined) return undefined
  requireInRange('titrated buffering', titratedMmol, { min: 1, max: 500, unit: 'mmol/kg/pH' })
  return { from: 'titration', mmolPerKg: titratedMmol, doubt: bufferDoubt.titration.value }
}

const inputOf = ({ from, mmolPerKg, doubt }: BufferEvidence): DerivationInput => ({
  label: from,
  value: `${formatNumber(mmolPerKg, 3)} mmol/kg/pH, × or ÷ ${formatNumber(Math.exp(tenthDeviation * doubt), 3)}`,
})

/**
 * How much acid a soil takes for one pH, from everything that was measured of it.
 * @returns mean by precision of the logarithms [mmol H⁺/kg/pH between 4 and 6.5]
 * @throws {CoreError} unknown-name, out-of-range, not-a-number
 * @source buffering by clay and organic matter fitted to published sulfur tables; buffer tests as
 * published; weights by the doubt of each
 */
export function bufferCapacity(facts: BufferFacts): BufferCapacity {
  if (!(facts.texture in textures)) {
    throw new CoreError('texture-unknown', {
      parameter: 'texture',
      received: facts.texture,
    })
  }
  const test = fromBufferTest(facts)
  const all = [fromTexture(facts), fromExchange(facts), test, fromTitration(facts)]
  const evidence = all.filter((each) => typeof each === 'object')
  const weights = evidence.map(({ doubt }) => 1 / doubt ** 2)
  const total = weights.reduce((sum, weight) => sum + weight, 0)
  const mean =
    evidence.reduce(
      (sum, { mmolPerKg }, index) => sum + Math.log(mmolPerKg) * (weights[index] ?? 0),
      0,
    ) / total
  const mmolPerKg = Math.exp(mean)
  return {
    mmolPerKg,
    doubt: 1 / Math.sqrt(total),
    evidence,
    left: typeof test === 'string' ? [test] : [],
    derivation: {
      figure: 'Acid for one pH',
      formula: 'mean of the logarithms, each weighed by one over its squared doubt',
      inputs: evidence.map(inputOf),
      result: `${formatNumber(mmolPerKg, 3)} mmol H⁺/kg for one pH`,
      source:
        'clay and organic matter: fitted to published sulfur tables; buffer tests: Adams-Evans 1962, Mehlich 1976, SMP 1961, Sikora 2006, from memory',
      mark: 'D',
    },
  }
}
