import type { ReadingMethod } from './data/kinds.ts'

/** The line of a file that something came from; lines count from one, as an editor shows them. */
export interface FileLine {
  readonly file: string
  readonly line: number
}

/** Ways in which a value comes to be known. */
export const cameWays = ['measured', 'typed', 'imported', 'computed', 'simulated'] as const

/** How a value came to be known, with what it came by. */
export type Came =
  | { readonly how: 'measured'; readonly by: string }
  | { readonly how: 'typed' }
  | ({ readonly how: 'imported' } & FileLine)
  | { readonly how: 'computed'; readonly by: string }
  | { readonly how: 'simulated'; readonly by: string }

/** The word by which a stand-in names itself, wherever its values go. */
const simulated = 'simulated'
/** Whether an instrument or a service says of itself that its values are made up. */
export const saysSimulated = (name: string): boolean => name.includes(simulated)

/**
 * How a reading came to be known, from what is said of it. Made up goes before everything else: a file
 * of a simulated laboratory is no more true than its values.
 * @param of instrument: kit, meter or laboratory, empty where none is named; imported: its line of a file
 */
export function cameOf(of: {
  readonly method: ReadingMethod
  readonly instrument: string
  readonly imported?: FileLine | undefined
}): Came {
  const { method, instrument, imported } = of
  if (saysSimulated(instrument)) return { how: 'simulated', by: instrument }
  if (imported) return { how: 'imported', ...imported }
  if (method === 'photo') return { how: 'computed', by: 'photo' }
  return instrument === '' ? { how: 'typed' } : { how: 'measured', by: instrument }
}

/** Whether made-up readings count where something is decided; absent: they do not. */
export interface Counting {
  readonly countsMadeUp?: boolean | undefined
}

/** Readings that a verdict, an amount or a judgement may rest on: nothing made up, unless it was asked for. */
export const countedReadings = <Value extends { readonly came: Came }>(
  readings: readonly Value[],
  { countsMadeUp = false }: Counting,
): readonly Value[] =>
  countsMadeUp ? readings : readings.filter(({ came }) => came.how !== 'simulated')

/** How a value came, as it is said beside it. */
export function cameWords(came: Came): string {
  switch (came.how) {
    case 'measured':
      return `measured by ${came.by}`
    case 'typed':
      return 'typed in'
    case 'imported':
      return `from ${came.file}, line ${came.line}`
    case 'computed':
      return `worked out from a ${came.by}`
    case 'simulated':
      return `made up by ${came.by}`
  }
}
