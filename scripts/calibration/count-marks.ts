import { readdirSync } from 'node:fs'
import { join } from 'node:path'
import { root } from '../processes.ts'

/** Numbers of the data by the mark that they stand under; `none` where none does. */
export type MarkCounts = Readonly<Record<'P' | 'C' | 'D' | 'M' | 'J' | 'none', number>>

/** A number that no mark stands over: its file, and the way to it. */
export interface Unmarked {
  readonly file: string
  readonly path: string
}

export interface CountedMarks {
  readonly counts: MarkCounts
  readonly unmarked: readonly Unmarked[]
}

const dataFiles = (): readonly string[] =>
  readdirSync(join(root, 'core', 'src'), { recursive: true, encoding: 'utf8' })
    .filter((file) => /(^|[/])data[/].*[.]ts$/.test(file) && !file.endsWith('.test.ts'))
    .toSorted()

/** Walks what a data file exports, each object once, and counts its numbers by the nearest mark over them. */
class Walker {
  readonly counts = { P: 0, C: 0, D: 0, M: 0, J: 0, none: 0 }
  readonly unmarked: Unmarked[] = []
  readonly #seen = new Set<object>()

  walk(value: unknown, file: string, path: string, over: keyof MarkCounts): void {
    if (typeof value === 'number') {
      this.counts[over] += 1
      if (over === 'none') this.unmarked.push({ file, path })
      return
    }
    if (typeof value !== 'object' || value === null || this.#seen.has(value)) return
    this.#seen.add(value)
    const own = (value as { mark?: unknown }).mark
    const mark = typeof own === 'string' && own in this.counts ? (own as keyof MarkCounts) : over
    for (const [key, each] of Object.entries(value)) this.walk(each, file, `${path}.${key}`, mark)
  }
}

/** Counts every number that the data of the core exports. */
export async function countMarks(): Promise<CountedMarks> {
  const walker = new Walker()
  for (const file of dataFiles()) {
    const module = (await import(join(root, 'core', 'src', file))) as Record<string, unknown>
    for (const [name, value] of Object.entries(module)) walker.walk(value, file, name, 'none')
  }
  return { counts: walker.counts, unmarked: walker.unmarked }
}

/** The counts as `docs/sources.md` states them. */
export const marksLine = ({ P, C, D, M, J }: MarkCounts): string =>
  `P ${P}, C ${C}, D ${D}, M ${M}, J ${J}`
