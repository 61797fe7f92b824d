import { formatNumber } from '../../base/writing/index.ts'
import { CoreError, requireInRange } from '../../base/error/index.ts'
import type { Derivation, Figure } from '../../base/reference/index.ts'
import { readingKinds } from './data/kinds.ts'
import type { ExposedValue } from './exposure.ts'

const masses = 'atomic masses of IUPAC: Ca 40.078, Mg 24.305, CaCO3 100.087'
/** Calcium in a hardness given as CaCO3, by mass. */
const calciumInCaCO3: Figure = {
  value: 40.078 / 100.087,
  unit: '',
  source: masses,
  mark: 'D',
}
/** Magnesium in a hardness given as CaCO3, by mass. */
const magnesiumInCaCO3: Figure = {
  value: 24.305 / 100.087,
  unit: '',
  source: masses,
  mark: 'D',
}

/** Magnesium that calcium leaves of the hardness, with its spread. */
export interface MagnesiumReading extends ExposedValue {
  /** Whether the kits can tell it from none: over twice its doubt. */
  readonly isResolved: boolean
  /** The value with its spread in words: "60.7 ± 4 mg/L", "0 to 4.3 mg/L, below what the kits resolve". */
  readonly words: string
  readonly derivation: Derivation
}

/** How far calcium may stand over the total before it is an error rather than the step of the kits. */
const spreadsAllowed = 1.5

/**
 * Magnesium from total and calcium hardness, both as CaCO3.
 * @param total total hardness with one standard deviation [mg/L as CaCO3]
 * @param calcium calcium hardness with one standard deviation [mg/L as CaCO3]
 * @returns magnesium [mg/L], never negative
 * @throws {CoreError} not-applicable where calcium stands over the total by more than the kits' step
 * @source difference of hardness × 24.305/100.087
 */
export function magnesiumFrom(total: ExposedValue, calcium: ExposedValue): MagnesiumReading {
  requireInRange('total hardness', total.value, readingKinds.hardness)
  requireInRange('calcium hardness', calcium.value, readingKinds.calciumHardness)
  const difference = total.value - calcium.value
  const spread = Math.hypot(total.doubt, calcium.doubt)
  if (difference < -spreadsAllowed * spread) {
    throw new CoreError('calcium-above-total', {
      parameter: 'calcium hardness',
      values: { totalMgPerL: total.value },
      received: `${formatNumber(calcium.value, 4)} mg/L`,
    })
  }
  const value = Math.max(0, difference) * magnesiumInCaCO3.value
  const doubt = spread * magnesiumInCaCO3.value
  const isResolved = value > 2 * doubt
  const words = isResolved
    ? `${formatNumber(value, 3)} ± ${formatNumber(doubt, 2)} mg/L`
    : `0 to ${formatNumber(value + doubt, 2)} mg/L, below what the kits resolve`
  return { value, doubt, isResolved, words, derivation: derive(total, calcium, words) }
}

function derive(total: ExposedValue, calcium: ExposedValue, result: string): Derivation {
  const asHardness = ({ value, doubt }: ExposedValue) =>
    `${formatNumber(value, 4)} ± ${formatNumber(doubt, 2)} mg/L as CaCO3`
  return {
    figure: 'Magnesium',
    formula: '(total hardness − calcium hardness) × 0.2428',
    inputs: [
      { label: 'Total hardness', value: asHardness(total) },
      { label: 'Calcium hardness', value: asHardness(calcium) },
    ],
    result,
    source: masses,
    mark: 'D',
  }
}

/** Calcium [mg/L] as hardness [mg/L as CaCO3], with its doubt. */
export function calciumAsHardness({ value, doubt }: ExposedValue): ExposedValue {
  return { value: value / calciumInCaCO3.value, doubt: doubt / calciumInCaCO3.value }
}

/** Calcium hardness [mg/L as CaCO3] as calcium [mg/L], with its doubt. */
export function hardnessAsCalcium({ value, doubt }: ExposedValue): ExposedValue {
  return { value: value * calciumInCaCO3.value, doubt: doubt * calciumInCaCO3.value }
}
