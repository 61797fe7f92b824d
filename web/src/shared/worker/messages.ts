import type { LocaleTag } from '@spudder/core/base/writing'

/** What a worker is asked; a newer question has a higher number. */
export interface Asked<Question> {
  readonly number: number
  readonly question: Question
  /** How the page writes numbers and days. */
  readonly locale: LocaleTag
}

/** What a worker tells of the question with that number. */
export type Told<Step, Answer> = { readonly number: number } & (
  | { readonly step: Step }
  | { readonly answer: Answer }
  /** It was dropped for a newer one. */
  | { readonly isDropped: true }
  | { readonly failure: string }
)
