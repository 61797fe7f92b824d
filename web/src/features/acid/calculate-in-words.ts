import { calculate } from '@spudder/core/base/error'
import { numberIn } from '../../shared/form/number-text.ts'

/** What was calculated, or in words why it could not be. */
type Said<Value> = { readonly value: Value } | { readonly problem: string }

/** Runs what may refuse its input; the refusal is said to the user. */
export function calculateInWords<Value>(work: () => Value): Said<Value> {
  const { value, error } = calculate(work)
  if (!error) return { value: value as Value }
  const got = error.received === undefined ? '' : `, not ${error.received}`
  const name = error.parameter.replace(/^[a-z](?!H)/, (first) => first.toUpperCase())
  return { problem: `${name}: give ${error.expected}${got}.` }
}

/** What was calculated, where it was. */
export const valueOf = <Value>(said: Said<Value> | undefined): Value | undefined =>
  said && 'value' in said ? said.value : undefined

/** Why it was not, where it was not. */
export const problemsOf = (said: readonly (Said<unknown> | undefined)[]): readonly string[] =>
  said.flatMap((each) => (each && 'problem' in each ? [each.problem] : []))

/** The optional number of a text field: absent when it is left empty. */
export const optionalNumber = (text: string): number | undefined =>
  text.trim() === '' ? undefined : numberIn(text)
