import { productRoutes } from '@spudder/contract/shelf'
import { ofPlace } from './of-place.ts'
import { useRead } from './use-read.ts'

/** The shelf of a place, retired products too. */
export const useShelf = (placeId: () => string | undefined) =>
  useRead(productRoutes.all, ofPlace(placeId))
