/**
 * That there is none of something, and why. Where a fact must be stated, an empty place would say
 * nothing; this says that somebody thought of it.
 */
export interface None {
  readonly none: string
}

/** States that there is none, with the reason as a grower would say it. */
export const none = <Why extends string>(why: Why) => ({ none: why }) as const

/** Whether a fact says that there is none of it. */
export const isNone = (fact: unknown): fact is None =>
  typeof fact === 'object' && fact !== null && 'none' in fact
