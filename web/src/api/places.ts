import { placeRoutes } from '@spudder/contract/place'
import { defineQuery } from '@pinia/colada'
import { computed } from 'vue'
import { useRead } from './use-read.ts'

/** Every place, those put away too. */
export const useAllPlaces = () => useRead(placeRoutes.all, () => ({}))

const chosenKey = 'spudder:place'

/** Goes to work at another place, on this device: every page begins anew there. */
export function goToPlace(placeId: string): void {
  localStorage.setItem(chosenKey, placeId)
  window.location.assign('/')
}

/** The place at work: the one that was last gone to on this device, else the first that is not put away. */
export const usePlace = defineQuery(() => {
  const query = useRead(placeRoutes.all, () => ({}))
  const place = computed(() => {
    const all = query.data.value ?? []
    const inUse = all.filter(({ isArchived }) => !isArchived)
    const chosen = localStorage.getItem(chosenKey)
    // Where all are put away, one is shown, from which they can be brought back.
    return inUse.find(({ id }) => id === chosen) ?? inUse[0] ?? all[0]
  })
  return { ...query, place }
})
