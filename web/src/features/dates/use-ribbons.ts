import type { EstateRowDto } from '@spudder/contract/stand'
import { addDays } from '@spudder/core/base/calendar'
import { useQuery } from '@pinia/colada'
import { computed } from 'vue'
import { readWholeEstate } from '../../api/estate.ts'
import { today } from '../../shared/units/today.ts'

const daysBack = 60

/** What the ribbons of the stands are painted from, by stand. */
export function useRibbons(placeId: () => string | undefined) {
  const query = useQuery({
    key: () => ['estate', 'dates', placeId() ?? ''],
    enabled: () => placeId() !== undefined,
    query: () => readWholeEstate(placeId() ?? '', addDays(today(), -daysBack)),
  })
  return computed<ReadonlyMap<string, EstateRowDto['ribbon']>>(
    () => new Map(query.data.value?.map(({ stand, ribbon }) => [stand.id, ribbon])),
  )
}
