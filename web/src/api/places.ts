import { placeRoutes } from '@spudder/contract/place'
import { defineQuery } from '@pinia/colada'
import { computed } from 'vue'
import { useRead } from './use-read.ts'

/** The place at work: the first one, until there are more to choose from. */
export const usePlace = defineQuery(() => {
  const query = useRead(placeRoutes.all, () => ({}))
  const place = computed(() => query.data.value?.[0])
  return { ...query, place }
})
