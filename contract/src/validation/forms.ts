import { getMetadataStorage, ValidateIf } from 'class-validator'
import {
  decorate,
  sight,
  struck,
  trace,
  trail,
  type Changeable,
  type Mendable,
  type Recorded,
  type Sighted,
} from './recorded.ts'

/** A class of requests or answers. */
export type FormClass<Form extends object = object> = new () => Form

type Text<Form> = keyof Form & string

/**
 * What was said, as it is kept and answered: every field is there, and what may be left out is null
 * where it was; texts are empty.
 */
export type Kept<Form, Empty extends Text<Form> = never> = {
  [Name in keyof Form]-?: Name extends Empty
    ? string
    : undefined extends Form[Name]
      ? Exclude<Form[Name], undefined> | null
      : Form[Name]
}

/** What was said, by a form or by other code, which may say null for what it leaves out. */
type Said<Form> = {
  readonly [Name in keyof Form]: undefined extends Form[Name]
    ? Form[Name] | null | undefined
    : Form[Name]
}

/** What is changed: what is left out stays, null takes away what may be missing. */
export type Changed<Form> = {
  [Name in keyof Form]?: undefined extends Form[Name] ? Form[Name] | null : Form[Name]
}

/** An answer's class, with the form that it keeps; {@link keptOf} reads both. */
export type AnswerClass<Form extends object, Empty extends Text<Form>, Trace> = FormClass<
  Kept<Form, Empty> & Trace
> & { readonly form: FormClass<Form>; readonly empty: readonly Empty[] }

/** A class below a form, which inherits what is required of its fields. */
function below(form: FormClass, name: string): FormClass {
  const made = { [name]: class extends form {} }[name]
  if (!made) throw new Error('a class was not made')
  return made
}

/**
 * The class of answers to a form, for rows that never change: what was said, and who stored it when.
 * @param form states each field once, with what is required of it
 * @param empty texts that are empty, not null, where they were left out
 */
export function recorded<Form extends object, const Empty extends Text<Form> = never>(
  form: FormClass<Form>,
  empty: readonly Empty[] = [],
): AnswerClass<Form, Empty, Recorded> {
  const answer = below(form, `${form.name}Kept`)
  decorate(answer, trace)
  return Object.assign(answer, { form, empty }) as unknown as AnswerClass<Form, Empty, Recorded>
}

/** As {@link recorded}, for rows that may change: with who changed them last, and when. */
export function changeable<Form extends object, const Empty extends Text<Form> = never>(
  form: FormClass<Form>,
  empty: readonly Empty[] = [],
): AnswerClass<Form, Empty, Changeable> {
  const answer = recorded(form, empty)
  decorate(answer, trail)
  return answer as unknown as AnswerClass<Form, Empty, Changeable>
}

/** As {@link changeable}, for rows that can be struck out. */
export function mendable<Form extends object, const Empty extends Text<Form> = never>(
  form: FormClass<Form>,
  empty: readonly Empty[] = [],
): AnswerClass<Form, Empty, Mendable> {
  const answer = changeable(form, empty)
  decorate(answer, struck)
  return answer as unknown as AnswerClass<Form, Empty, Mendable>
}

interface Fields {
  readonly all: ReadonlySet<string>
  readonly optional: ReadonlySet<string>
}
/** Looked up once for each form: a laboratory's file makes ten thousand rows of one. */
const looked = new WeakMap<FormClass, Fields>()

function fieldsOf(form: FormClass): Fields {
  const before = looked.get(form)
  if (before) return before
  const known = getMetadataStorage().getTargetValidationMetadatas(form, '', true, false)
  const optional = known.filter(({ type }) => type === 'conditionalValidation')
  const names = (of: typeof known) => new Set(of.map(({ propertyName }) => propertyName))
  const fields = { all: names(known), optional: names(optional) }
  looked.set(form, fields)
  return fields
}

/** The class of changes to what a form said; what it requires stays required where it is given. */
export function changes<Form extends object>(
  form: FormClass<Form>,
): FormClass<Changed<Form> & Sighted> {
  const change = below(form, `${form.name}Changed`)
  const { all, optional } = fieldsOf(form)
  const ifGiven = ValidateIf((_, value) => value !== undefined) as (
    of: object,
    name: string,
  ) => void
  const required = [...all].filter((name) => !optional.has(name))
  decorate(change, Object.fromEntries(required.map((name) => [name, [ifGiven]])))
  decorate(change, sight)
  return change as FormClass<Changed<Form> & Sighted>
}

/**
 * What was said, as it is kept: null, or no words, for what was left out; nothing beside the form.
 * @param answer the class of its answers
 */
export function keptOf<Form extends object, Empty extends Text<Form>>(
  { form, empty }: { readonly form: FormClass<Form>; readonly empty: readonly Empty[] },
  said: Said<Form>,
): Kept<Form, Empty> {
  const given = said as Readonly<Record<string, unknown>>
  const rows = [...fieldsOf(form).all].map((name) => {
    const missing = (empty as readonly string[]).includes(name) ? '' : null
    return [name, plain(given[name] ?? missing)]
  })
  return Object.fromEntries(rows) as Kept<Form, Empty>
}

/**
 * What is changed, as it is kept: what is left out stays out, and a text that is taken away is empty.
 * @param answer the class of its answers
 */
export function changedOf<Form extends object, Empty extends Text<Form>>(
  { form, empty }: { readonly form: FormClass<Form>; readonly empty: readonly Empty[] },
  change: Changed<Form>,
): Partial<Kept<Form, Empty>> {
  const { all } = fieldsOf(form)
  const given = Object.entries(change).filter(
    ([name, value]) => value !== undefined && all.has(name),
  )
  const isText = (name: string) => (empty as readonly string[]).includes(name)
  const fields = given.map(([name, value]) => [
    name,
    value === null && isText(name) ? '' : plain(value),
  ])
  return Object.fromEntries(fields) as Partial<Kept<Form, Empty>>
}

/** Without the classes that came with reading a request, whose unset fields a row does not know. */
function plain(value: unknown): unknown {
  if (Array.isArray(value)) return value.map(plain)
  if (typeof value !== 'object' || value === null || value instanceof Date) return value
  const given = Object.entries(value).filter(([, part]) => part !== undefined)
  return Object.fromEntries(given.map(([name, part]) => [name, plain(part)]))
}
