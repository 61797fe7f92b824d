/** What is to be done on a day. */
export const jobKinds = ['apply', 'look', 'test', 'buy', 'check', 'strip', 'partner'] as const
export type JobKind = (typeof jobKinds)[number]

export const jobStatuses = ['planned', 'done', 'dropped'] as const
export type JobStatus = (typeof jobStatuses)[number]

/** What a look or a test is for. */
export type JobPurpose = 'first-change' | 'green' | 'before-dose' | 'retest' | 'plan-holds'

/** How a job comes to be done: by its entry, by a look or reading that comes in, or by saying so. */
export type DoneBy = 'entry' | 'reading' | 'saying'
export const doneBy: Readonly<Record<JobKind, DoneBy>> = {
  apply: 'entry',
  look: 'reading',
  test: 'reading',
  check: 'reading',
  buy: 'saying',
  strip: 'saying',
  partner: 'saying',
}
