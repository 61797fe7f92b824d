import {
  historyRoutes,
  type HistoryLineDto,
  type HistoryPageDto,
  type HistoryQueryDto,
} from '@spudder/contract/history'
import { computed, ref, shallowRef, watch, type Ref } from 'vue'
import { ApiProblem } from '../../api/api-problem.ts'
import { useFailures } from '../../api/failures.ts'
import { call } from '../../api/call.ts'
import { ofPlace } from '../../api/of-place.ts'
import { useRead } from '../../api/use-read.ts'

/** What the history is looked through for; empty texts for everything. */
export interface HistoryFilter {
  readonly standId: string
  readonly kind: string
  readonly act: string
  readonly by: string
  readonly from: string
  readonly to: string
}
export const wholeHistory: HistoryFilter = {
  standId: '',
  kind: '',
  act: '',
  by: '',
  from: '',
  to: '',
}

const perPage = 60
/** Pages are longer where all of it is wanted. */
const perFilePage = 500

const queryOf = (filter: HistoryFilter, limit: number, before?: string | null): HistoryQueryDto =>
  Object.fromEntries(
    Object.entries({ ...filter, limit, before: before ?? '' }).filter(([, value]) => value !== ''),
  ) as unknown as HistoryQueryDto

/** The history of a place, page by page, and all of it for a file. */
export function useHistory(placeId: () => string | undefined, filter: Ref<HistoryFilter>) {
  const first = useRead(
    historyRoutes.page,
    ofPlace(placeId, () => ({ query: queryOf(filter.value, perPage) })),
  )
  const further = shallowRef<readonly HistoryPageDto[]>([])
  const isReading = ref(false)
  const failures = useFailures()
  const orTold = (reading: Promise<HistoryPageDto>) =>
    reading.catch((problem: unknown) => {
      if (!(problem instanceof ApiProblem)) throw problem
      failures.tell(problem)
      return undefined
    })
  // What was read further on belongs to the first page as it was.
  watch([() => first.data.value, filter], () => (further.value = []))
  const pages = computed(() => [...(first.data.value ? [first.data.value] : []), ...further.value])
  const lines = computed(() => pages.value.flatMap((page) => page.lines))
  const before = computed(() => pages.value.at(-1)?.before ?? null)

  async function readOn(): Promise<void> {
    const id = placeId()
    if (id === undefined || before.value === null) return
    isReading.value = true
    const query = queryOf(filter.value, perPage, before.value)
    const page = await orTold(call(historyRoutes.page, { placeId: id, query }))
    if (page) further.value = [...further.value, page]
    isReading.value = false
  }

  /** @returns undefined where it could not be read; that is told on top of the page */
  async function readAll(): Promise<readonly HistoryLineDto[] | undefined> {
    const id = placeId()
    const all: HistoryLineDto[] = []
    let next: string | null = ''
    while (id !== undefined && next !== null) {
      const query: HistoryQueryDto = queryOf(filter.value, perFilePage, next)
      const page: HistoryPageDto | undefined = await orTold(
        call(historyRoutes.page, { placeId: id, query }),
      )
      if (!page) return undefined
      all.push(...page.lines)
      next = page.before
    }
    return all
  }
  return { first, lines, before, isReading, readOn, readAll }
}
