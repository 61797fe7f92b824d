import type { FieldChanges } from './kinds.ts'

type Row = Readonly<Record<string, unknown>>

const isParts = (value: unknown): value is Row =>
  typeof value === 'object' && value !== null && !Array.isArray(value) && !(value instanceof Date)

/** As it is stored: no fields that are not there, no prototypes. */
const plain = (value: unknown): unknown =>
  value === undefined ? null : (JSON.parse(JSON.stringify(value)) as unknown)

/** Two values written alike, whatever the order of their parts. */
function alike(one: unknown, other: unknown): boolean {
  if (isParts(one) && isParts(other)) {
    const names = new Set([...Object.keys(one), ...Object.keys(other)])
    return [...names].every((name) => alike(one[name] ?? null, other[name] ?? null))
  }
  if (Array.isArray(one) && Array.isArray(other)) {
    return one.length === other.length && one.every((part, index) => alike(part, other[index]))
  }
  return Object.is(one, other)
}

/**
 * What differs between two states of a row, field by field; of a field with parts, part by part.
 * @param whole fields whose parts belong together, and are told as one
 */
export function fieldChanges(was: Row, is: Row, whole: ReadonlySet<string>): FieldChanges {
  const changes: Record<string, { was: unknown; is: unknown }> = {}
  for (const name of Object.keys(is)) {
    const before = plain(was[name])
    const after = plain(is[name])
    if (alike(before, after)) continue
    const inParts = !whole.has(name) && (isParts(before) || isParts(after))
    if (!inParts) {
      changes[name] = { was: before, is: after }
      continue
    }
    const one = isParts(before) ? before : {}
    const other = isParts(after) ? after : {}
    for (const part of new Set([...Object.keys(one), ...Object.keys(other)])) {
      if (alike(one[part] ?? null, other[part] ?? null)) continue
      changes[`${name}.${part}`] = { was: one[part] ?? null, is: other[part] ?? null }
    }
  }
  return changes
}

/** Fields as they were before some changes, or the one that somebody changed again since. */
export type TakenBack =
  | { readonly ok: true; readonly fields: Readonly<Record<string, unknown>> }
  | { readonly ok: false; readonly changedAgain: string }

/** What a row has to say again for some changes to be taken back. */
export function takenBack(row: Row, changes: FieldChanges): TakenBack {
  const back: Record<string, unknown> = {}
  for (const [field, { was, is }] of Object.entries(changes)) {
    const [name = '', part] = field.split('.')
    const held = plain(name in back ? back[name] : row[name])
    const current = part === undefined ? held : isParts(held) ? (held[part] ?? null) : null
    if (!alike(current, is)) return { ok: false, changedAgain: field }
    if (part === undefined) back[name] = was
    else {
      const { [part]: _, ...rest } = isParts(held) ? held : {}
      back[name] = was === null ? rest : { ...rest, [part]: was }
    }
  }
  return { ok: true, fields: back }
}
