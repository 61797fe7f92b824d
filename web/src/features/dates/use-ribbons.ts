import type { EstateRowDto } from '@spudder/contract/stand'
import { addDays } from '@spudder/core/base/calendar'
import { useQuery } from '@pinia/colada'
import { computed } from 'vue'
import { fetchEstatePage } from '../../api/places.ts'
import { today } from '../../shared/units/today.ts'

/** As many as a page of the estate holds; stands beyond have their jobs without a ribbon. */
const mostRows = 100
const daysBack = 60

/** What the ribbons of the stands are painted from, by stand. */
export function useRibbons(placeId: () => string | undefined) {
  const query = useQuery({
    key: () => ['estate', 'dates', placeId() ?? ''],
    enabled: () => placeId() !== undefined,
    query: () => fetchEstatePage(placeId() ?? '', 0, mostRows, addDays(today(), -daysBack)),
  })
  return computed<ReadonlyMap<string, EstateRowDto['ribbon']>>(
    () => new Map(query.data.value?.rows.map(({ stand, ribbon }) => [stand.id, ribbon])),
  )
}
