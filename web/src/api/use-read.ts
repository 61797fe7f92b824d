import type { Route } from '@spudder/contract/route'
import { useQuery } from '@pinia/colada'
import { computed } from 'vue'
import { call, keyOf, type AnswerOf, type AskedOf } from './call.ts'
import { carrier } from './carrier.ts'

const queryOf = <R extends Route>(route: R, asked: () => AskedOf<R> | undefined) => ({
  key: () => keyOf(route, asked()),
  enabled: () => asked() !== undefined,
  query: (): Promise<AnswerOf<R>> => call(route, asked() as AskedOf<R>),
})

/** What a query reads, with what waits on this device added to it. */
function withWaiting<
  R extends Route,
  Query extends { readonly data: { readonly value: AnswerOf<R> | undefined } },
>(route: R, asked: () => AskedOf<R> | undefined, query: Query) {
  const data = computed<AnswerOf<R> | undefined>(() => {
    const [answer, of] = [query.data.value, asked()]
    return answer === undefined || of === undefined
      ? answer
      : carrier().withWaiting(route, of, answer)
  })
  return { ...query, data }
}

/**
 * Reads a route and keeps its answer until something touches its topic.
 * @param asked undefined while it cannot be asked yet
 */
export const useRead = <R extends Route>(route: R, asked: () => AskedOf<R> | undefined) =>
  withWaiting(route, asked, useQuery(queryOf(route, asked)))

/** The same for what is leafed through: while another part is read, the last one stays. */
export const useReadOn = <R extends Route>(route: R, asked: () => AskedOf<R> | undefined) =>
  withWaiting(
    route,
    asked,
    useQuery({
      ...queryOf(route, asked),
      placeholderData: (previous: AnswerOf<R> | undefined) => previous,
    }),
  )
