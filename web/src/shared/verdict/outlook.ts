import {
  diagnose,
  mindChangers,
  nextChecks,
  type CheckAnswer,
  type DiagnosisInput,
  type NextCheck,
} from '@spudder/core/verdict/diagnosis'

/** Where a verdict may go from here. */
export interface Outlook {
  readonly checks: readonly NextCheck[]
  readonly changers: readonly CheckAnswer[]
}

/** The checks still open, and the answers that would put another cause on top. */
export function outlookOf(input: DiagnosisInput): Outlook {
  const verdict = diagnose(input)
  return { checks: nextChecks(verdict), changers: mindChangers(verdict) }
}
