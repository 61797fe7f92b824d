import { estateRoutes } from '@spudder/contract/stand'
import type { PlaceDto } from '@spudder/contract/place'
import { computed } from 'vue'
import { useRead } from '../../api/use-read.ts'
import { useKnown } from '../../shared/known/use-known.ts'
import { today } from '../../shared/units/today.ts'
import { listedStand } from './estate-list.ts'

/** Every stand of a place as a list shows it, or every one that was put away. */
export function useEstateList(place: () => PlaceDto, isArchived: () => boolean) {
  const query = useRead(estateRoutes.stands, () => ({
    placeId: place().id,
    query: {
      from: `${today().slice(0, 4)}-01-01`,
      ...(isArchived() ? { archived: 'true' as const } : {}),
    },
  }))
  const store = useKnown()
  const stands = computed(() =>
    (query.data.value ?? []).map((each) =>
      listedStand(each, store.known, today(), place().unitSystem),
    ),
  )
  return { ...query, stands, rows: query.data }
}
