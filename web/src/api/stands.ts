import { estateRoutes } from '@spudder/contract/stand'
import { useRead } from './use-read.ts'

/** A stand with its whole story. */
export const useStory = (standId: () => string) =>
  useRead(estateRoutes.story, () => ({ standId: standId() }))
