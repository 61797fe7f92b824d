import { CoreError } from '../../base/error/index.ts'
import type { UnitSystem } from '../../base/quantity/index.ts'
import { findingVocabulary, findingWords, type FindingName } from '../../seen/finding/index.ts'
import { ownFields, sharedFields, type ToldField } from './data/fields.ts'
import type { FieldChanges, HistoryKind } from './kinds.ts'

/**
 * A field by its name for people.
 * @throws {CoreError} unknown-name: a field that nobody gave words
 */
function fieldOf(kind: HistoryKind, field: string): ToldField {
  const [name = '', part = ''] = field.split('.')
  if (name === 'findings' && Object.hasOwn(findingVocabulary, part)) {
    const finding = part as FindingName
    return {
      label: findingVocabulary[finding].label,
      say: (value) => findingWords(finding, String(value)),
    }
  }
  const own = ownFields[kind]
  const told = own[field] ?? own[`${name}.*`] ?? sharedFields[field]
  if (told) return told
  throw new CoreError('field-untold', { parameter: field, received: `${kind} ${field}` })
}

/** A change of a field as it is told: by its label, what it was and what it is. */
export interface ToldChange {
  readonly field: string
  readonly label: string
  readonly was: string
  readonly is: string
}

const nothing = 'nothing'

/**
 * What was changed of a thing, field by field, in words.
 * @throws {CoreError} unknown-name: a field that nobody gave words
 */
export const changeWords = (
  kind: HistoryKind,
  changes: FieldChanges,
  system: UnitSystem,
): readonly ToldChange[] =>
  Object.entries(changes).map(([field, { was, is }]) => {
    const { label, say } = fieldOf(kind, field)
    const words = (value: unknown): string =>
      value === null || value === '' ? nothing : say(value, system)
    return { field, label, was: words(was), is: words(is) }
  })
