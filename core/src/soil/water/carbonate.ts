import { CoreError, requireInRange } from '../../base/error/index.ts'

/** What a water test says. */
export interface WaterTest {
  readonly alkalinityMgPerLCaCO3: number
  readonly pH: number
}

/** One milliequivalent of alkalinity as CaCO3 [mg]. */
export const mgCaCO3PerMeq = 50.0435
/** Carbonic acid and water at 25 °C. */
const pKCarbonate = [6.352, 10.329] as const
const pKWater = 14

const moles = (pX: number) => 10 ** -pX

/** Charge that a mole of dissolved carbonate carries at a pH [eq/mol]. */
function carbonateCharge(pH: number): number {
  const [first, second] = pKCarbonate
  const bicarbonate = 10 ** (pH - first)
  const carbonate = bicarbonate * 10 ** (pH - second)
  return (bicarbonate + 2 * carbonate) / (1 + bicarbonate + carbonate)
}

const ofWater = (pH: number) => moles(pKWater - pH) - moles(pH)

/**
 * Acid that brings water to a pH.
 * @param targetPH 4 to below the pH of the water
 * @returns strong acid, or protons of a weak one [meq/L]
 * @throws {CoreError} out-of-range; not-applicable where the water stands lower already
 * @source closed carbonate system at 25 °C, without activity correction
 */
export function acidNeeded({ alkalinityMgPerLCaCO3, pH }: WaterTest, targetPH: number): number {
  requireInRange('alkalinity', alkalinityMgPerLCaCO3, { min: 0, max: 1500, unit: 'mg/L CaCO3' })
  requireInRange('pH', pH, { min: 4, max: 10 })
  requireInRange('target pH', targetPH, { min: 4, max: 9 })
  if (targetPH >= pH) {
    throw new CoreError('pH-above-water', {
      parameter: 'target pH',
      values: { pH },
      received: String(targetPH),
    })
  }
  const alkalinity = alkalinityMgPerLCaCO3 / mgCaCO3PerMeq / 1000
  const carbon = Math.max(0, alkalinity - ofWater(pH)) / carbonateCharge(pH)
  const left = carbon * carbonateCharge(targetPH) + ofWater(targetPH)
  return (alkalinity - left) * 1000
}
