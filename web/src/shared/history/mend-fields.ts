import type { MendableKind } from '@spudder/contract/history'
import { jarOutcomeNames } from '@spudder/core/apply/mix'
import { amountWords, parseQuantity, valueIn, type UnitSystem } from '@spudder/core/base/quantity'
import { readTyped, typedNumber } from '@spudder/core/base/writing'
import { findingVocabulary, findingWords, type FindingName } from '@spudder/core/seen/finding'
import { readingKinds, readingMethods, readingPlaces } from '@spudder/core/seen/reading'
import { storyEvents } from '@spudder/core/verdict/diagnosis'

interface Option {
  readonly value: string
  readonly words: string
}

/** A field of a thing as it is put right: by typing, by choosing, as a day or as a length. */
export interface MendField {
  /** "findings.tier" for a part of what is put together. */
  readonly name: string
  readonly label: string
  readonly control: 'text' | 'number' | 'length' | 'day' | 'choice'
  readonly options?: readonly Option[]
}

const labelled = (of: Readonly<Record<string, { readonly label: string }>>): readonly Option[] =>
  Object.entries(of).map(([value, { label }]) => ({ value, words: label }))
const worded = (of: Readonly<Record<string, string>>): readonly Option[] =>
  Object.entries(of).map(([value, words]) => ({ value, words }))

export const textField = (name: string, label: string): MendField => ({
  name,
  label,
  control: 'text',
})
export const numberField = (name: string, label: string): MendField => ({
  name,
  label,
  control: 'number',
})
const length = (name: string, label: string): MendField => ({ name, label, control: 'length' })
export const dayField = (name: string, label: string): MendField => ({
  name,
  label,
  control: 'day',
})
const choice = (name: string, label: string, options: readonly Option[]): MendField => ({
  name,
  label,
  control: 'choice',
  options,
})

/** What was seen, finding by finding, as far as the look says anything of it. */
const findingFields = (fields: Readonly<Record<string, unknown>>): MendField[] =>
  Object.keys((fields['findings'] ?? {}) as object).map((name) => {
    const finding = name as FindingName
    const values = Object.keys(findingVocabulary[finding].values)
    return choice(`findings.${name}`, findingVocabulary[finding].label, [
      { value: '', words: 'not seen' },
      ...values.map((value) => ({ value, words: findingWords(finding, value) })),
    ])
  })

/** What a thing says, by field. */
export type Fields = Readonly<Record<string, unknown>>
const note = textField('note', 'Note')

/** What can be put right of each kind of thing; one without a row does not compile. */
const fieldsOf: Readonly<Record<MendableKind, (fields: Fields) => readonly MendField[]>> = {
  reading: () => [
    choice('kind', 'What was measured', labelled(readingKinds)),
    numberField('value', 'Value'),
    choice('method', 'By', labelled(readingMethods)),
    dayField('takenOn', 'On'),
    choice('place', 'Taken from', [{ value: '', words: 'not said' }, ...worded(readingPlaces)]),
    textField('instrument', 'Instrument'),
    note,
  ],
  event: ({ kind }) => [
    choice(
      'kind',
      'What happened',
      Object.entries(storyEvents).map(([value, { words }]) => ({ value, words })),
    ),
    dayField('happenedOn', 'On'),
    ...(kind === 'pH-corrected'
      ? [numberField('fromPH', 'From pH'), numberField('toPH', 'To pH')]
      : []),
    note,
  ],
  look: (fields) => [dayField('lookedOn', 'Looked on'), ...findingFields(fields), note],
  photo: () => [textField('fileName', 'File'), dayField('takenOn', 'Taken on')],
  trial: () => [
    textField('name', 'Name'),
    dayField('startedOn', 'Laid out on'),
    length('plotLengthM', 'Plot length'),
    length('plotWidthM', 'Plot width'),
    note,
  ],
  rating: () => [
    numberField('plot', 'Plot'),
    numberField('value', 'Rating'),
    dayField('ratedOn', 'Rated on'),
  ],
  jarTest: () => [
    textField('partnerName', 'Partner'),
    dayField('testedOn', 'Tested on'),
    choice(
      'outcome',
      'Outcome',
      jarOutcomeNames.map((value) => ({ value, words: value })),
    ),
    note,
  ],
  drill: () => [dayField('answeredOn', 'Answered on')],
  eye: () => [dayField('ratedOn', 'Rated on'), textField('screen', 'Screen')],
  advice: () => [dayField('givenOn', 'Given on'), textField('words', 'Note')],
}

/** The fields of a thing that can be put right. */
export const mendFields = (kind: MendableKind, fields: Fields): readonly MendField[] =>
  fieldsOf[kind](fields)

function held(fields: Fields, name: string): unknown {
  const [field = '', part] = name.split('.')
  const value = fields[field]
  return part === undefined ? value : (value as Fields | undefined)?.[part]
}

/** What stands in a field before anybody puts it right, as one types it. */
export function typedOf(fields: Fields, { name, control }: MendField, system: UnitSystem): string {
  const value = held(fields, name)
  if (value === undefined || value === null) return ''
  if (control === 'length') return amountWords('length', Number(value), system, 4)
  return control === 'number' ? typedNumber(Number(value)) : String(value)
}

/** @returns what a field says; null where it is left empty, the text itself where it is no number */
function saidOf(typed: string, { control }: MendField): unknown {
  if (typed.trim() === '') return null
  if (control === 'number') {
    const read = readTyped(typed)
    return Number.isFinite(read) ? read : typed
  }
  return control === 'length' ? valueIn(parseQuantity(typed, 'length'), 'm') : typed
}

/**
 * What was put right of some fields: those whose text differs from what stood there.
 * @throws {CoreError} for a length that cannot be read
 */
export function changesIn(
  list: readonly MendField[],
  fields: Fields,
  typed: Readonly<Record<string, string>>,
  system: UnitSystem,
): Record<string, unknown> {
  const changes: Record<string, unknown> = {}
  for (const field of list) {
    const now = typed[field.name] ?? ''
    if (now === typedOf(fields, field, system)) continue
    const said = saidOf(now, field)
    const [name = '', part] = field.name.split('.')
    if (part === undefined) changes[name] = said
    else {
      const { [part]: _was, ...rest } = (changes[name] ?? fields[name] ?? {}) as Fields
      changes[name] = said === null ? rest : { ...rest, [part]: said }
    }
  }
  return changes
}

/**
 * What was put right of a thing.
 * @throws {CoreError} for a length that cannot be read
 */
export const changesOf = (
  kind: MendableKind,
  fields: Fields,
  typed: Readonly<Record<string, string>>,
  system: UnitSystem,
): Record<string, unknown> => changesIn(mendFields(kind, fields), fields, typed, system)
