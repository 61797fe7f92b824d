import type { SoilConditions } from '@spudder/core/material/chemistry'

/** What can be dragged to see the curves move; kept with the draft of the remedy. */
export interface SoilWaterDraft {
  /** Whether calcium is set by lime, by hand, or by sodic soil. */
  readonly calciumFrom: 'lime' | 'measured' | 'sodic'
  /** Other anions of a lime soil [meq/L]. */
  readonly otherAnionsMeqPerL: number
  /** Calcium in the soil water [mmol/L], where set by hand. */
  readonly calciumMmolPerL: number
  /** Chelate in the soil water, as its decimal logarithm [M]. */
  readonly logLigandM: number
  readonly ironSolid: 'soil-iron' | 'amorphous' | 'goethite'
}

export const usualSoilWater: SoilWaterDraft = {
  calciumFrom: 'lime',
  otherAnionsMeqPerL: 2,
  calciumMmolPerL: 2,
  logLigandM: -4,
  ironSolid: 'soil-iron',
}

/** The soil as the core knows it. */
export function soilOf(draft: SoilWaterDraft): Omit<SoilConditions, 'competition'> {
  const { calciumFrom, otherAnionsMeqPerL, calciumMmolPerL, ironSolid } = draft
  const calcium =
    calciumFrom === 'lime'
      ? { kind: calciumFrom, otherAnionsMeqPerL }
      : calciumFrom === 'measured'
        ? { kind: calciumFrom, calciumMmolPerL }
        : { kind: calciumFrom }
  return { ironSolid, calcium }
}
