import { useQueryCache } from '@pinia/colada'

/**
 * Reads queries anew after a change was sent. Never fails: a query that cannot be read says so
 * itself, and a change must not look unfinished because of it.
 * @param names first words of the keys of the queries
 */
export function useReadAnew(...names: readonly string[]): () => Promise<unknown> {
  const cache = useQueryCache()
  return () => Promise.allSettled(names.map((name) => cache.invalidateQueries({ key: [name] })))
}
