import { CoreError } from '../../base/error/index.ts'
import { readTable, type DayOrder, type Table } from '../../base/table/index.ts'
import type { Day } from '../../base/calendar/index.ts'
import { sources, type SourceId } from '../../material/source/index.ts'
import { checkFindings, findingVocabulary, type Findings } from '../../seen/finding/index.ts'
import {
  readingKinds,
  readingMethods,
  type ReadingKind,
  type ReadingMethod,
} from '../../seen/reading/index.ts'
import {
  checkStandSize,
  contexts,
  plants,
  routes,
  routeWords,
  type Context,
  type Route,
  type StandSize,
} from '../../stand/plant/index.ts'
import { intakeFields, type IntakeKind, type IntakeMap } from './fields.ts'
import { IntakeRow, lookupOf, plain, type IntakeError } from './intake-row.ts'

interface Named {
  readonly id: string
  readonly name: string
}
interface KnownProduct extends Named {
  readonly sourceId: SourceId
}

/** What names in a file are looked up in. */
export interface IntakeKnown {
  readonly stands: readonly (Named & { readonly context: Context })[]
  readonly products: readonly KnownProduct[]
  /** Nothing can have happened later. */
  readonly latest: Day
  readonly dayOrder: DayOrder
}

interface OfLine {
  readonly line: number
}
interface OfStand extends OfLine {
  readonly standId: string
  readonly day: Day
  readonly note: string
}

/** A row of each kind as it is taken in. */
export interface IntakeRows {
  readonly stands: OfLine & {
    readonly name: string
    readonly context: Context
    readonly plantId: string
    readonly size: StandSize
    readonly note: string
  }
  readonly treatments: OfStand & {
    readonly sourceId: SourceId
    readonly productId: string | null
    readonly productKg: number
    readonly waterL: number
    readonly route: Route
    readonly lot: string
    readonly worker: string
  }
  readonly readings: OfStand & {
    readonly kind: ReadingKind
    readonly value: number
    readonly method: ReadingMethod
    readonly instrument: string
  }
  readonly looks: OfStand & { readonly findings: Findings }
}

/** What a file says, row by row, or what is wrong in it: nothing is taken in of a file with errors. */
export interface ReadIntake<Kind extends IntakeKind> {
  readonly rows: readonly IntakeRows[Kind][]
  readonly errors: readonly IntakeError[]
}

/** More rows than that are sent in parts. */
const mostIntakeRows = 20_000

/**
 * A spreadsheet as a table.
 * @throws {CoreError} not-applicable for a text that is none
 */
export function readIntakeTable(kind: IntakeKind, text: string): Table {
  const headings = new Set(intakeFields[kind].flatMap((field) => field.headings))
  return readTable(text, {
    parameter: 'csv',
    knows: (heading) => headings.has(heading.trim().toLowerCase()),
    example: `a table whose headings have ${intakeFields[kind]
      .filter(({ isNeeded }) => isNeeded)
      .map(({ label }) => label)
      .join(', ')} among them`,
    mostRows: mostIntakeRows,
  })
}

const byLabel = <Key extends string>(of: Readonly<Record<Key, { readonly label: string }>>) =>
  lookupOf(
    (Object.entries(of) as [Key, { readonly label: string }][]).flatMap(([key, { label }]) => [
      [key, key] as const,
      [label, key] as const,
    ]),
  )
const kindOf = byLabel(readingKinds)
const methodOf = byLabel(readingMethods)
const contextOf = byLabel(contexts)
const routeOf = lookupOf(
  routes.flatMap((route) => [[route, route] as const, [routeWords[route], route] as const]),
)
const plantOf = lookupOf(plants.flatMap(({ id, name }) => [[id, id] as const, [name, id] as const]))
const sourceOf = lookupOf(
  sources.flatMap(({ id, name }) => [[id, id] as const, [name, id] as const]),
)

function sizeOf(row: IntakeRow, context: Context): StandSize | undefined {
  const [kind] = contexts[context].sizeKinds
  switch (kind) {
    case 'area': {
      const areaM2 = row.quantity('area', 'area', 'm2')
      return areaM2 === undefined ? undefined : { kind, areaM2 }
    }
    case 'trunks': {
      const count = row.number('count', { min: 1, max: 1e6 })
      const diameterM = row.quantity('trunk', 'length', 'm')
      return count === undefined || diameterM === undefined ? undefined : { kind, count, diameterM }
    }
    case 'pots': {
      const count = row.number('count', { min: 1, max: 1e6 })
      const potL = row.quantity('pot', 'volume', 'L')
      return count === undefined || potL === undefined ? undefined : { kind, count, potL }
    }
    case 'solution': {
      const volumeL = row.quantity('solution', 'volume', 'L')
      return volumeL === undefined ? undefined : { kind, volumeL }
    }
  }
}

type ReadRow<Kind extends IntakeKind> = (row: IntakeRow) => IntakeRows[Kind] | undefined
type Readers = { readonly [Kind in IntakeKind]: (known: IntakeKnown) => ReadRow<Kind> }

function standReader(): ReadRow<'stands'> {
  return (row) => {
    const name = row.needed('name', 'the stand a name')
    const context = row.oneOf('kind', contextOf, `one of ${Object.values(contexts).map(({ label }) => label).join(', ')}`) // prettier-ignore
    const plantId = row.oneOf('plant', plantOf, 'a plant of the list')
    if (name === undefined || context === undefined || plantId === undefined) return undefined
    if (name.length > 80) return row.wrong('name', 'Give at most 80 characters.')
    const plant = plants.find(({ id }) => id === plantId)
    if (!plant?.contexts.includes(context))
      return row.wrong('plant', `${plant?.name ?? plantId} does not grow as ${contexts[context].label.toLowerCase()}.`) // prettier-ignore
    const size = sizeOf(row, context)
    if (size === undefined) return undefined
    try {
      checkStandSize(context, size)
    } catch (error) {
      if (!(error instanceof CoreError)) throw error
      return row.wrong('area', error.sentence('Size'))
    }
    return { line: row.line, name, context, plantId, size, note: row.text('note') }
  }
}

/** What every row of a stand says: which, when, and what else. */
function ofStandReader(known: IntakeKnown) {
  return (row: IntakeRow) => {
    const stand = row.theOne('stand', known.stands, 'the name of a stand of this place')
    const day = row.day('day', known)
    const note = row.text('note')
    if (note.length > 2000) row.wrong('note', 'Give at most 2000 characters.')
    if (stand === undefined || day === undefined) return undefined
    return { stand, of: { line: row.line, standId: stand.id, day, note } }
  }
}

const readers: Readers = {
  stands: standReader,
  treatments: (known) => {
    const read = ofStandReader(known)
    const productOf = lookupOf(known.products.map((each) => [each.name, each] as const))
    return (row) => {
      const of = read(row)
      const cell = row.needed('product', 'a product of the shelf or a form')
      const product = cell === undefined ? undefined : productOf.get(plain(cell))
      const sourceId = product?.sourceId ?? (cell === undefined ? undefined : sourceOf.get(plain(cell))) // prettier-ignore
      if (cell !== undefined && sourceId === undefined)
        row.wrong('product', `“${cell}” is neither on the shelf nor a form: put it on the shelf first, or give a form such as Ferrous sulfate.`) // prettier-ignore
      const productKg = row.quantity('amount', 'mass', 'kg')
      const waterL = row.text('water') === '' ? 0 : row.quantity('water', 'volume', 'L')
      const route = row.text('route') === '' ? 'soil' : row.oneOf('route', routeOf, 'leaf, soil or solution') // prettier-ignore
      if (!of || sourceId === undefined || productKg === undefined) return undefined
      if (waterL === undefined || route === undefined) return undefined
      const [lot, worker] = [row.text('lot').slice(0, 60), row.text('worker').slice(0, 80)]
      return { ...of.of, sourceId, productId: product?.id ?? null, productKg, waterL, route, lot, worker } // prettier-ignore
    }
  },
  readings: (known) => {
    const read = ofStandReader(known)
    return (row) => {
      const of = read(row)
      const kind = row.oneOf('kind', kindOf, 'a kind of reading, such as pH')
      const value = kind && row.number('value', readingKinds[kind])
      const method = row.text('method') === '' ? 'laboratory' : row.oneOf('method', methodOf, 'laboratory, meter, strip, vial or by eye') // prettier-ignore
      if (!of || kind === undefined || value === undefined || method === undefined) return undefined
      return { ...of.of, kind, value, method, instrument: row.text('instrument').slice(0, 120) }
    }
  },
  looks: (known) => {
    const read = ofStandReader(known)
    const named = (['tier', 'pattern', 'severity', 'growth', 'roots'] as const).map((name) => {
      const { values } = findingVocabulary[name] as { values: Readonly<Record<string, string>> }
      const lookup = lookupOf(
        Object.entries(values).flatMap(([value, words]) => [
          [value, value] as const,
          [words, value] as const,
        ]),
      )
      return { name, lookup, what: `one of: ${Object.values(values).join('; ')}` }
    })
    return (row) => {
      const of = read(row)
      const findings = Object.fromEntries(
        named.flatMap(({ name, lookup, what }) => {
          if (row.text(name) === '') return []
          const value = row.oneOf(name, lookup, what)
          return value === undefined ? [] : [[name, value]]
        }),
      ) as Findings
      if (of && Object.keys(findings).length === 0 && row.errors.length === 0)
        return row.wrong('tier', 'Say at least one thing that was seen.')
      if (!of) return undefined
      try {
        return { ...of.of, findings: checkFindings(of.stand.context, findings) }
      } catch (error) {
        if (!(error instanceof CoreError)) throw error
        return row.wrong(error.parameter, error.sentence())
      }
    }
  },
}

/**
 * Reads the rows of a spreadsheet, or a part of them.
 * @param part rows of the table, all where none is given
 * @returns rows that can be taken in, and every cell that cannot be read
 */
export function readIntake<Kind extends IntakeKind>(
  kind: Kind,
  table: Table,
  {
    map,
    known,
    part = [0, table.rows.length],
  }: {
    readonly map: IntakeMap
    readonly known: IntakeKnown
    readonly part?: readonly [number, number]
  },
): ReadIntake<Kind> {
  const columns = new Map(table.header.map((heading, index) => [heading, index]))
  const read = readers[kind](known) as ReadRow<Kind>
  const rows: IntakeRows[Kind][] = []
  const errors: IntakeError[] = []
  for (let at = part[0]; at < Math.min(part[1], table.rows.length); at += 1) {
    const row = new IntakeRow(table.lines[at] ?? 0, table.rows[at] ?? [], columns, map)
    const said = read(row)
    if (row.errors.length > 0) errors.push(...row.errors)
    else if (said !== undefined) rows.push(said)
  }
  return { rows, errors }
}
