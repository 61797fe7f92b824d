import type { Route } from '@spudder/contract/route'
import { useQuery } from '@pinia/colada'
import { call, keyOf, type AnswerOf, type AskedOf } from './call.ts'

const queryOf = <R extends Route>(route: R, asked: () => AskedOf<R> | undefined) => ({
  key: () => keyOf(route, asked()),
  enabled: () => asked() !== undefined,
  query: (): Promise<AnswerOf<R>> => call(route, asked() as AskedOf<R>),
})

/**
 * Reads a route and keeps its answer until something touches its topic.
 * @param asked undefined while it cannot be asked yet
 */
export const useRead = <R extends Route>(route: R, asked: () => AskedOf<R> | undefined) =>
  useQuery(queryOf(route, asked))

/** The same for what is leafed through: while another part is read, the last one stays. */
export const useReadOn = <R extends Route>(route: R, asked: () => AskedOf<R> | undefined) =>
  useQuery({
    ...queryOf(route, asked),
    placeholderData: (previous: AnswerOf<R> | undefined) => previous,
  })
