import { roleMay, type Right } from '@spudder/contract/access'
import { personRoutes } from '@spudder/contract/person'
import { defineQuery } from '@pinia/colada'
import { computed } from 'vue'
import { usePlace } from './places.ts'
import { useRead } from './use-read.ts'

/** Whoever is signed in, or works here alone. */
export const useMe = defineQuery(() => {
  const query = useRead(personRoutes.me, () => ({}))
  return { ...query, me: query.data }
})

/**
 * What one may at the place at work. Until that is known everything may be tried: the server is the one
 * that refuses, the page only spares people what is not theirs.
 */
export function useMay() {
  const { me } = useMe()
  const { place } = usePlace()
  const role = computed(
    () => me.value?.places.find(({ placeId }) => placeId === place.value?.id)?.role,
  )
  const may = (right: Right): boolean => {
    if (role.value !== undefined) return roleMay(role.value, right)
    // Where there is no place yet, there is nothing that could be somebody else's.
    return me.value === undefined || place.value === undefined
  }
  return { me, role, may }
}
