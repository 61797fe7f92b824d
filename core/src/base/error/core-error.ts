import type { CoreErrorCode } from './codes.ts'
import { refusals, type RefusalName, type RefusalValues } from './refusals.ts'

/** What stands beside the name of a refusal. */
type Detail<Name extends RefusalName> = {
  /** The parameter that was wrong, by its name in the code. */
  readonly parameter: string
  /** What came instead. */
  readonly received?: string | undefined
} & (undefined extends RefusalValues<Name>
  ? { readonly values?: undefined }
  : { readonly values: RefusalValues<Name> })

/** Bad input at the door of a public function of the core; thrown, never clamped or skipped. */
export class CoreError<Name extends RefusalName = RefusalName> extends Error {
  readonly refusal: Name
  readonly code: CoreErrorCode
  readonly parameter: string
  readonly values: RefusalValues<Name>
  readonly received: string | undefined

  constructor(refusal: Name, { parameter, received, values }: Detail<Name>) {
    super(refusal)
    this.name = 'CoreError'
    this.refusal = refusal
    this.code = refusals[refusal].code
    this.parameter = parameter
    this.values = values as RefusalValues<Name>
    this.received = received
    const got = received === undefined ? '' : `, got ${received}`
    this.message = `${parameter}: expected ${this.expected}${got}`
  }

  /** What would have been right, as this thread writes numbers: "a number from 0 to 14". */
  get expected(): string {
    const say = refusals[this.refusal].expected as (values: unknown) => string
    return say(this.values)
  }

  /**
   * What to do about it, for people: "Give a number from 0 to 14."
   * @param of what it is about, put in front: "Calcium hardness: give ..."
   */
  sentence(of?: string): string {
    return of === undefined ? `Give ${this.expected}.` : `${of}: give ${this.expected}.`
  }
}
