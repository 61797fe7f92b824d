import type { ProblemCode, ProblemDto, ProblemFieldDto } from '@spudder/contract/problem'

/** What a grower is told for every code; a code without a sentence does not compile. */
const sentences: Readonly<Record<ProblemCode | 'unreachable' | 'no-room', string>> = {
  'invalid-body': 'Some figures need another value; they are marked.',
  'body-unreadable': 'What was sent could not be read. Load the page again and repeat it.',
  'not-found': 'That is no longer here. Go back to the estate and open it again.',
  conflict: 'Somebody was there before you.',
  'too-large': 'That is too much at once. Send it in parts.',
  'wrong-host': 'This page was opened under an address that is not its own.',
  'sign-in-needed': 'Sign in first.',
  'sign-in-failed': 'That did not let you in.',
  'code-needed': 'A code is asked for too.',
  'not-allowed': 'That is for somebody else to do.',
  'too-often': 'Tried too often.',
  'practice-off': 'That device is simulated and not switched on.',
  'changed-meanwhile': 'Somebody changed this while you had it open.',
  busy: 'Too much is going on at once, and nothing was stored. Try again in a moment.',
  unavailable: 'The database does not answer, and nothing was stored. Try again in a moment.',
  internal: 'That did not work on our side, and nothing was stored. Try once more.',
  unreachable: 'No connection. Nothing is lost: what you typed stays here. Try again.',
  'no-room':
    'No connection, and this device keeps nothing now: its storage is full, or its browser forbids it. What you typed stays here. Free some room, or try again with signal.',
  'out-of-range': 'A figure is out of range.',
  'not-a-number': 'A figure is not a number.',
  'quantity-unreadable': 'A quantity could not be read.',
  'unit-unknown': 'A unit is not known.',
  'unit-mismatch': 'A unit does not fit here.',
  'unit-ambiguous': 'A unit could mean two things.',
  'date-unreadable': 'A day could not be read.',
  'not-applicable': 'That does not fit this stand.',
  'unknown-name': 'A choice is not known.',
}

const isKnown = (code: string): code is keyof typeof sentences => Object.hasOwn(sentences, code)

/** A request that was not done, with words for the person and the fields that were wrong. */
export class ApiProblem extends Error {
  readonly code: string
  readonly fields: readonly ProblemFieldDto[]
  /** Of the answer; 0 where there was none. */
  readonly status: number
  /** The state that is stored now, where an older one was seen. */
  readonly version: number | undefined

  constructor(
    code: string,
    detail = '',
    fields: readonly ProblemFieldDto[] = [],
    {
      status = 0,
      version,
    }: { readonly status?: number; readonly version?: number | undefined } = {},
  ) {
    const sentence = isKnown(code) ? sentences[code] : sentences.internal
    super(detail === '' || fields.length > 0 ? sentence : `${sentence} ${detail}`)
    this.name = 'ApiProblem'
    this.code = code
    this.fields = fields
    this.status = status
    this.version = version
  }
}

/** The message for one field of a form, when the server had something against it. */
export function fieldMessage(problem: unknown, field: string): string | undefined {
  if (!(problem instanceof ApiProblem)) return undefined
  return problem.fields.find((each) => each.field === field)?.message
}

export function toApiProblem(body: Partial<ProblemDto>): ApiProblem {
  const { code = 'internal', detail, fields, status = 500, version } = body
  return new ApiProblem(code, detail, fields, { status, version })
}

/** What a server answers that did not judge what it was sent: too slow, too much, not its own. */
const unjudged: ReadonlySet<number> = new Set([401, 403, 408, 421, 425, 429])

/** Whether the same may be taken another time: nobody has judged it yet. */
export const isWorthAnother = (error: unknown): boolean =>
  error instanceof ApiProblem &&
  error.code !== 'not-allowed' &&
  (error.status === 0 || error.status >= 500 || unjudged.has(error.status))
