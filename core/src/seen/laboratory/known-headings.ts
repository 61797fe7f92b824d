import { readingKindNames, type ReadingKind } from '../reading/index.ts'
import { columnUnits, headings } from './data/columns.ts'
import type { ResultColumn } from './laboratory-map.ts'

/** The words of a heading, in lower case. */
export const wordsOf = (heading: string): readonly string[] =>
  heading
    .toLowerCase()
    .split(/[\s,_()[\]-]+/)
    .filter((word) => word !== '')

const plain = (unit: string): string =>
  unit
    .toLowerCase()
    .replace(/[\s()[\]]/g, '')
    .replace(/μ/g, 'µ')
    .replace(/^us\/cm$/, 'µs/cm')

/** Every unit that any kind is printed in: what stands in brackets may also be a method. */
const everyUnit = new Set(
  readingKindNames.flatMap((kind) => columnUnits(kind).map(({ unit }) => plain(unit))),
)

/**
 * The unit printed in a heading; the one that we keep where none is. A unit that does not fit the
 * kind stays as it is printed, so that it is asked about rather than taken for ours.
 */
function unitIn(heading: string, kind: ReadingKind): string {
  const units = columnUnits(kind)
  const inBrackets = /[([]([^)\]]+)[)\]]/.exec(heading)?.[1] ?? ''
  const printed = [inBrackets, heading.split(/[\s,_]+/).at(-1) ?? '']
  const found = units.find(({ unit }) => unit !== '' && printed.map(plain).includes(plain(unit)))
  const other = printed.find((each) => each !== '' && everyUnit.has(plain(each)))
  return found?.unit ?? other ?? units[0]?.unit ?? ''
}

/** What a heading of results holds, and in which unit; undefined where it tells nothing. */
export function resultColumn(heading: string): ResultColumn | undefined {
  const words = wordsOf(heading)
  const [, kind] = headings.find(([all]) => all.every((word) => words.includes(word))) ?? []
  return kind && { column: heading, kind, unit: unitIn(heading, kind) }
}

/** Words that name the column of the day, the sample and its place, the likeliest first. */
export const nameWords = {
  day: [
    'sampled',
    'collected',
    'taken',
    'date',
    'day',
    'datum',
    'received',
    "rec'd",
    'recd',
    'tested',
    'reported',
  ],
  sample: ['sample', 'name', 'id', 'field', 'stand', 'probe', 'no', 'no.', 'number'],
  place: ['place', 'patch', 'condition'],
} as const

const nameSet: ReadonlySet<string> = new Set(Object.values(nameWords).flat())

/** Whether a cell reads as a heading of ours. */
export const isKnownHeading = (cell: string): boolean =>
  /[a-z]/i.test(cell) &&
  (wordsOf(cell).some((word) => nameSet.has(word)) || resultColumn(cell) !== undefined)
