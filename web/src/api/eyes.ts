import { eyeRoutes } from '@spudder/contract/eye'
import { ofPlace } from './of-place.ts'
import { useRead } from './use-read.ts'

/** Sittings in which the people of a place rated pictures of known colour, oldest first. */
export const useEyeSittings = (placeId: () => string | undefined) =>
  useRead(eyeRoutes.all, ofPlace(placeId))
