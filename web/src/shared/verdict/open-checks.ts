import {
  diagnose,
  mindChangers,
  nextChecks,
  type CheckAnswer,
  type DiagnosisInput,
  type NextCheck,
} from '@spudder/core/verdict/diagnosis'

/** What is still to be looked at, and what it could change. */
export interface OpenChecks {
  readonly checks: readonly NextCheck[]
  readonly changers: readonly CheckAnswer[]
}

/** The checks still open, and the answers that would put another cause on top. */
export function openChecksOf(input: DiagnosisInput): OpenChecks {
  const verdict = diagnose(input)
  return { checks: nextChecks(verdict), changers: mindChangers(verdict) }
}
