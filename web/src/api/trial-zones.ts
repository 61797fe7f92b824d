import { trialRoutes } from '@spudder/contract/trial'
import { zoneRoutes } from '@spudder/contract/zone'
import { useRead } from './use-read.ts'

/** The trials of a stand with their ratings. */
export const useTrials = (standId: () => string) =>
  useRead(trialRoutes.all, () => ({ standId: standId() }))

/** The zones of a stand. */
export const useZones = (standId: () => string) =>
  useRead(zoneRoutes.all, () => ({ standId: standId() }))
