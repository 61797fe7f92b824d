import { formatDecimals, formatNumber } from '../../base/writing/index.ts'
import { CoreError, requireInRange } from '../../base/error/index.ts'
import type { Derivation } from '../../base/reference/index.ts'
import { acidNeeded, type WaterTest } from './carbonate.ts'
import { acids, type Acid } from './data/acids.ts'

/** Acid for a volume of water. */
export interface AcidDose {
  readonly acid: Acid
  readonly meqPerL: number
  /** Liquids [L]; absent for a powder. */
  readonly litres?: number
  /** Powders [kg]; absent for a liquid. */
  readonly kg?: number
  /** What it brings to the water [mg/L]. */
  readonly bringsMgPerL: Readonly<Partial<Record<'S' | 'P' | 'N', number>>>
  readonly derivation: Derivation
}

/**
 * An acid of the list.
 * @throws {CoreError} unknown-name
 */
function findAcid(id: string): Acid {
  const acid = acids.find((each) => each.id === id)
  if (!acid) {
    throw new CoreError('acid-unknown', {
      parameter: 'acid',
      received: id,
    })
  }
  return acid
}

/** Protons that a mole of an acid has given at a pH [eq/mol]. */
export function protonsAt({ pKs }: Pick<Acid, 'pKs'>, pH: number): number {
  let [species, sum, given] = [1, 1, 0]
  for (const [index, pK] of pKs.entries()) {
    species *= 10 ** (pH - pK)
    sum += species
    given += (index + 1) * species
  }
  return given / sum
}

/**
 * How much of an acid brings a volume of water to a pH.
 * @param waterL over 0 [L]
 * @throws {CoreError} unknown-name, out-of-range, not-applicable
 * @source closed carbonate system; the acid gives what its pK lets it
 */
export function acidDose(
  acidId: string,
  water: WaterTest,
  { targetPH, waterL }: { readonly targetPH: number; readonly waterL: number },
): AcidDose {
  const acid = findAcid(acidId)
  requireInRange('water', waterL, { min: 1e-3, max: 1e9, unit: 'L' })
  const meqPerL = acidNeeded(water, targetPH)
  const molPerL = meqPerL / 1000 / protonsAt(acid, targetPH)
  const brings = Object.entries(acid.brings).map(([name, grams]) => [name, molPerL * grams * 1000])
  const amount =
    acid.molPerL === undefined
      ? { kg: (molPerL * waterL * (acid.gramPerMol ?? 0)) / 1000 }
      : { litres: (molPerL * waterL) / acid.molPerL }
  const result =
    amount.kg === undefined
      ? `${formatNumber((amount.litres ?? 0) * 1000)} mL`
      : `${formatNumber(amount.kg * 1000)} g`
  return {
    acid,
    meqPerL,
    ...amount,
    bringsMgPerL: Object.fromEntries(brings) as AcidDose['bringsMgPerL'],
    derivation: {
      figure: `${acid.name} for the water`,
      formula: 'acid = (alkalinity − what is left of it at the pH wanted) × water ÷ protons given',
      inputs: [
        { label: 'alkalinity', value: `${formatNumber(water.alkalinityMgPerLCaCO3)} mg/L CaCO3` },
        { label: 'pH of the water', value: formatDecimals(water.pH, 1) },
        { label: 'pH wanted', value: formatDecimals(targetPH, 1) },
        { label: 'acid needed', value: `${formatNumber(meqPerL)} meq/L` },
        { label: 'water', value: `${formatNumber(waterL)} L` },
      ],
      result,
      source: 'closed carbonate system at 25 °C',
      mark: 'D',
    },
  }
}
