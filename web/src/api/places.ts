import { placeRoutes } from '@spudder/contract/place'
import { defineQuery } from '@pinia/colada'
import { computed } from 'vue'
import { useRead } from './use-read.ts'

/** Every place, those put away too. */
export const useAllPlaces = () => useRead(placeRoutes.all, () => ({}))

/** The place at work: the first one that was not put away, until there are more to choose from. */
export const usePlace = defineQuery(() => {
  const query = useRead(placeRoutes.all, () => ({}))
  const place = computed(() => {
    const all = query.data.value ?? []
    // Where all are put away, one is shown, from which they can be brought back.
    return all.find(({ isArchived }) => !isArchived) ?? all[0]
  })
  return { ...query, place }
})
