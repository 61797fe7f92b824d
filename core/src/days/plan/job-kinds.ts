/** What is to be done on a day. */
export const jobKinds = [
  'apply',
  'look',
  'test',
  'buy',
  'check',
  'strip',
  'partner',
  'practice',
] as const
export type JobKind = (typeof jobKinds)[number]

export const jobStatuses = ['planned', 'done', 'dropped'] as const
export type JobStatus = (typeof jobStatuses)[number]

/** What a look or a test is for. */
export const jobPurposes = ['first-change', 'green', 'before-dose', 'retest', 'plan-holds'] as const
export type JobPurpose = (typeof jobPurposes)[number]

/** How a job comes to be done: by its entry, by a look or reading that comes in, or by saying so. */
export type DoneBy =
  | { readonly by: 'entry' | 'reading' }
  /** What somebody says when it is done. */
  | { readonly by: 'saying'; readonly words: string }
const itIsDone = { by: 'saying', words: 'It is done' } as const
export const doneBy: Readonly<Record<JobKind, DoneBy>> = {
  apply: { by: 'entry' },
  look: { by: 'reading' },
  test: { by: 'reading' },
  check: { by: 'reading' },
  buy: { by: 'saying', words: 'It is here' },
  strip: itIsDone,
  partner: itIsDone,
  practice: itIsDone,
}

/** Whether a job puts a product out on the ground: only such have a sheet, an amount and an entry. */
export const putsOut = (kind: JobKind): boolean => doneBy[kind].by === 'entry'
