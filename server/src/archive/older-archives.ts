/** What a version of the archive brought that the one before did not have, and what stood there before. */
interface Step {
  readonly tables: readonly string[]
  readonly fields: Readonly<Record<string, Readonly<Record<string, unknown>>>>
}

/** By the version that brought it. */
const steps: Readonly<Record<number, Step>> = {
  2: {
    tables: ['advice'],
    fields: { entry: { licence: '' }, product: { applicator: null } },
  },
  3: { tables: [], fields: { job: { hands: null, underWay: null } } },
}

type Row = Readonly<Record<string, unknown>>
interface Older {
  readonly version: number
  readonly tables: Readonly<Record<string, readonly Row[]>>
}

const isOlder = (content: unknown): content is Older => {
  const { version, tables } = (content ?? {}) as Partial<Record<keyof Older, unknown>>
  const isTables = typeof tables === 'object' && tables !== null
  return typeof version === 'number' && isTables && Object.values(tables).every(Array.isArray)
}

/**
 * The content of an archive as the version of today has it. Only what a later version brought is put in; what
 * is wrong beside that is left for the check.
 */
export function broughtUp(content: unknown): unknown {
  if (!isOlder(content)) return content
  const step = steps[content.version + 1]
  if (!step) return content
  const empty = Object.fromEntries(step.tables.map((name) => [name, []]))
  const filled = Object.entries(step.fields).flatMap(([name, fields]) => {
    const rows = content.tables[name]
    return rows ? [[name, rows.map((row) => ({ ...fields, ...row }))] as const] : []
  })
  const tables = { ...empty, ...content.tables, ...Object.fromEntries(filled) }
  return broughtUp({ ...content, version: content.version + 1, tables })
}
