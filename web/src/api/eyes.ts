import { eyeRoutes } from '@spudder/contract/eye'
import { ofPlace } from './of-place.ts'
import { useRead } from './use-read.ts'

/** Sittings in which the people of a place rated pictures of known colour, oldest first. */
export const useEyeSittings = (placeId: () => string | undefined) =>
  useRead(eyeRoutes.all, ofPlace(placeId))

/** Photos of a place that can be rated: those whose leaves were measured by the card. */
export const useRatedPhotos = (placeId: () => string | undefined) =>
  useRead(eyeRoutes.photos, ofPlace(placeId))
