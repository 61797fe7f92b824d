import type { DrillSpec } from '../index.ts'

/** A whole case of turf that is short of nitrogen. */
export const nitrogenOnTurf: DrillSpec = {
  kind: 'case',
  context: 'turf',
  plantId: 'creeping-bentgrass',
  causeId: 'nitrogen-short',
  against: null,
  seed: 0.42,
}
