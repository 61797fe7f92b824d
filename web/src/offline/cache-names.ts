/** What the page and its worker keep beside the code of the page, by the name of its cache. */
export const ownCaches = {
  /** Answers that were taken along. */
  answers: 'spudder-answers-2',
} as const

/** Caches of earlier versions; those of the code are seen to by what keeps the code. */
export const isRetired = (name: string): boolean =>
  name.startsWith('spudder-') && !Object.values(ownCaches).some((own) => own === name)
