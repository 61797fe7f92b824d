import type { Task } from './task.ts'

/** A row of the programme: low ≤ sum of coefficients times columns ≤ high. */
export interface ProgrammeRow {
  readonly low: number
  readonly high: number
  readonly columns: readonly number[]
  readonly coefficients: readonly number[]
}

/** A column between 0 and 1; what it means, and what it costs. */
export type Column =
  | { readonly kind: 'on'; readonly task: Task; readonly at: number; readonly cost: number }
  | { readonly kind: 'out'; readonly task: Task; readonly cost: number }
  | { readonly kind: 'trip'; readonly key: string; readonly cost: number }
  /** Whether a task is done by a day. */
  | { readonly kind: 'by'; readonly task: Task; readonly at: number; readonly cost: number }
  /** Whether a task is late, or early, from a day on until the next that matters. */
  | {
      readonly kind: 'late' | 'early'
      readonly task: Task
      readonly at: number
      readonly cost: number
    }

/** Whether a column has to be whole; the others are so by themselves. */
export const isWhole = ({ kind }: Column): boolean =>
  kind === 'on' || kind === 'out' || kind === 'trip'

/** A mixed-integer programme: minimise cost over the columns within the rows. */
export interface Programme {
  readonly columns: readonly Column[]
  readonly rows: readonly ProgrammeRow[]
}

export const unbounded = Number.POSITIVE_INFINITY
/** Coefficients of columns. */
export type Terms = readonly (readonly [column: number, value: number])[]

export class Builder {
  readonly columns: Column[] = []
  readonly rows: ProgrammeRow[] = []

  add(column: Column): number {
    return this.columns.push(column) - 1
  }

  /** Terms on one column are summed. */
  row(low: number, terms: Terms, high: number): void {
    const sums = new Map<number, number>()
    for (const [column, value] of terms) sums.set(column, (sums.get(column) ?? 0) + value)
    const used = [...sums].filter(([, value]) => value !== 0)
    this.rows.push({
      low,
      high,
      columns: used.map(([column]) => column),
      coefficients: used.map(([, value]) => value),
    })
  }
}
