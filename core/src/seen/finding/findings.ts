import { CoreError } from '../../base/error/index.ts'
import type { Context } from '../../stand/plant/index.ts'
import { findingNames, findingVocabulary, type FindingName } from './data/vocabulary.ts'

/** What was found at a look. A finding that is absent was not looked at. */
export type Findings = Readonly<Partial<Record<FindingName, string>>>

/** Whether a finding makes sense in a context. */
function isAsked(name: FindingName, context: Context): boolean {
  const definition = findingVocabulary[name]
  const limited: readonly Context[] | undefined =
    'contexts' in definition ? definition.contexts : undefined
  return limited?.includes(context) ?? true
}

/** The findings that make sense in a context, in the order of the vocabulary. */
export function findingsAsked(context: Context): readonly FindingName[] {
  return findingNames.filter((name) => isAsked(name, context))
}

/** The values of a finding with their words, in order. */
export function valuesOf(name: FindingName): Readonly<Record<string, string>> {
  return findingVocabulary[name].values
}

/**
 * The words for one value of a finding.
 * @throws {CoreError} unknown-name
 */
export function findingWords(name: FindingName, value: string): string {
  const values = valuesOf(name)
  const words = Object.hasOwn(values, value) ? values[value] : undefined
  if (words === undefined) {
    throw new CoreError('finding-value-unknown', {
      parameter: name,
      values: { values: Object.keys(values) },
      received: value,
    })
  }
  return words
}

/**
 * Returns the findings when every name, value and context fits together.
 * @throws {CoreError} unknown-name, not-applicable
 */
export function checkFindings(
  context: Context,
  findings: Readonly<Record<string, string>>,
): Findings {
  for (const [name, value] of Object.entries(findings)) {
    if (!Object.hasOwn(findingVocabulary, name)) {
      throw new CoreError('finding-unknown', {
        parameter: 'findings',
        values: { names: findingNames },
        received: name,
      })
    }
    const known = name as FindingName
    findingWords(known, value)
    if (!isAsked(known, context)) {
      throw new CoreError('finding-out-of-place', {
        parameter: name,
        received: value,
      })
    }
  }
  return findings
}
