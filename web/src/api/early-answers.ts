/**
 * What the head of the page asked for while the code was still on its way (`early.ts`): answers by
 * the path that was asked for. Each is taken once, so that nothing is ever read twice from it.
 */
export type EarlyAnswers = Map<string, Promise<Response>>

declare global {
  interface Window {
    /** Absent where nothing was asked for. */
    earlyAnswers?: EarlyAnswers
  }
}

/** The path of a page of the estate, for the head of the page, which knows no routes. */
export const estatePath = (
  placeId: string,
  query: { readonly offset: number; readonly limit: number; readonly from: string },
): string =>
  `/places/${placeId}/estate?offset=${query.offset}&limit=${query.limit}&from=${query.from}`

/** The answer asked for early, if this is what was asked. */
export function takeEarly(path: string): Promise<Response> | undefined {
  const early = window.earlyAnswers?.get(path)
  window.earlyAnswers?.delete(path)
  return early
}
