import type { EstateRowDto } from '@spudder/contract/stand'
import { useQueryCache } from '@pinia/colada'
import { computed, ref, watch, type Ref } from 'vue'
import { readEstatePage } from '../../api/estate.ts'
import { rowsAtOnce } from '../../shared/ribbon/first-rows.ts'

/** Height of one row [px]; rows are all alike so that only those in view need to be drawn. */
export const rowHeights = { wide: 68, narrow: 104 } as const

interface Wanted {
  readonly placeId: Ref<string | undefined>
  readonly from: Ref<string>
  readonly scrollTop: Ref<number>
  readonly viewHeight: Ref<number>
  readonly rowHeight: Ref<number>
}

/** A row in its place; absent while its page is on the way. */
export interface PlacedRow {
  readonly index: number
  readonly row: EstateRowDto | undefined
}

/** The estate's rows that are in view, read page by page as they come into it. */
export function useEstateRows({ placeId, from, scrollTop, viewHeight, rowHeight }: Wanted) {
  const cache = useQueryCache()
  const total = ref<number>()
  const rows = ref(new Map<number, EstateRowDto>())
  const problem = ref<Error>()

  const first = computed(() => Math.max(0, Math.floor(scrollTop.value / rowHeight.value) - 3))
  const last = computed(() =>
    Math.min(
      (total.value ?? rowsAtOnce) - 1,
      Math.ceil((scrollTop.value + viewHeight.value) / rowHeight.value) + 3,
    ),
  )

  async function load(place: string, offset: number): Promise<void> {
    const key = ['estate', place, from.value, offset]
    const entry = cache.ensure({
      key,
      query: () => readEstatePage(place, { offset, limit: rowsAtOnce, from: from.value }),
      staleTime: 30_000,
    })
    const state = await cache.refresh(entry).catch((error: Error) => {
      problem.value = error
      return undefined
    })
    if (!state?.data || place !== placeId.value) return
    problem.value = undefined
    total.value = state.data.total
    const next = new Map(rows.value)
    state.data.rows.forEach((row, index) => next.set(offset + index, row))
    rows.value = next
  }

  const pages = computed(() => {
    const from = Math.floor(first.value / rowsAtOnce)
    const to = Math.floor(Math.max(first.value, last.value) / rowsAtOnce)
    return Array.from({ length: to - from + 1 }, (_, index) => (from + index) * rowsAtOnce)
  })

  watch(
    [placeId, from, () => pages.value.join()],
    () => {
      const place = placeId.value
      if (place) void Promise.all(pages.value.map((offset) => load(place, offset)))
    },
    { immediate: true },
  )

  const placed = computed<PlacedRow[]>(() =>
    Array.from({ length: Math.max(0, last.value - first.value + 1) }, (_, step) => {
      const index = first.value + step
      return { index, row: rows.value.get(index) }
    }),
  )
  const known = computed(() => [...rows.value.values()])
  const retry = () => pages.value.map((offset) => placeId.value && load(placeId.value, offset))
  return { total, placed, known, problem, retry }
}
