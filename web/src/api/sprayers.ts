import { jarTestRoutes } from '@spudder/contract/jar-test'
import { sprayerRoutes } from '@spudder/contract/sprayer'
import { ofPlace } from './of-place.ts'
import { useRead } from './use-read.ts'

/** Sprayers of a place, retired ones too. */
export const useSprayers = (placeId: () => string | undefined) =>
  useRead(sprayerRoutes.all, ofPlace(placeId))

/** Jar tests of a place, oldest first. */
export const useJarTests = (placeId: () => string | undefined) =>
  useRead(jarTestRoutes.all, ofPlace(placeId))
