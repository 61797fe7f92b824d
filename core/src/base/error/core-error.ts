/** The closed list of ways in which input to the core can be wrong. */
export type CoreErrorCode =
  | 'out-of-range'
  | 'not-a-number'
  | 'quantity-unreadable'
  | 'unit-unknown'
  | 'unit-mismatch'
  | 'unit-ambiguous'
  | 'date-unreadable'
  | 'not-applicable'
  | 'unknown-name'

export interface CoreErrorDetail {
  /** The parameter that was wrong, by its name in the code. */
  readonly parameter: string
  /** What would have been right, in words: "a number from 0 to 14". */
  readonly expected: string
  /** What came instead, for the message. */
  readonly received?: string
}

/** Bad input at the door of a public function of the core; thrown, never clamped or skipped. */
export class CoreError extends Error {
  readonly code: CoreErrorCode
  readonly parameter: string
  readonly expected: string
  readonly received: string | undefined

  constructor(code: CoreErrorCode, detail: CoreErrorDetail) {
    const got = detail.received === undefined ? '' : `, got ${detail.received}`
    super(`${detail.parameter}: expected ${detail.expected}${got}`)
    this.name = 'CoreError'
    this.code = code
    this.parameter = detail.parameter
    this.expected = detail.expected
    this.received = detail.received
  }
}
