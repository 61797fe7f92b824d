import type { Highs, ModelData } from 'highs'
import { isWhole, type Programme } from './programme-builder.ts'

export interface SolverAnswer {
  /** A value a column; undefined where nothing was found in time. */
  readonly values: readonly number[] | undefined
  /** What no plan can be cheaper than. */
  readonly bound: number
  readonly isProven: boolean
  /** Seconds that it took. */
  readonly seconds: number
}

export interface SolverLimits {
  /** Seconds after which the best so far has to do. */
  readonly seconds: number
  /** Share by which the answer may be dearer than the cheapest [1]. */
  readonly gap: number
}

/** Something that minimises a programme of 0 and 1; handed in, since its code is loaded by who asks. */
export type Solver = (
  programme: Programme,
  start: readonly number[],
  limits: SolverLimits,
) => SolverAnswer

/** Rows packed one behind the other. */
function modelOf({ columns, rows }: Programme, infinity: number): ModelData {
  const bounded = (value: number) => (Number.isFinite(value) ? value : Math.sign(value) * infinity)
  const starts = [0]
  for (const row of rows) starts.push((starts.at(-1) ?? 0) + row.columns.length)
  return {
    numCols: columns.length,
    numRows: rows.length,
    colCost: columns.map(({ cost }) => cost),
    colLower: columns.map(() => 0),
    colUpper: columns.map(() => 1),
    rowLower: rows.map(({ low }) => bounded(low)),
    rowUpper: rows.map(({ high }) => bounded(high)),
    matrix: {
      format: 'csr',
      numRows: rows.length,
      numCols: columns.length,
      starts,
      indices: rows.flatMap((row) => row.columns),
      values: rows.flatMap((row) => row.coefficients),
    },
    integrality: Int32Array.from(columns, (column) => Number(isWhole(column))),
  }
}

/** The general-purpose branch-and-cut code that ships with the product, as a solver of plans. */
export function solverWith(highs: Highs): Solver {
  return (programme, start, limits) =>
    highs.withModel(modelOf(programme, highs.infinity), (model) => {
      model.options.set({
        output_flag: false,
        time_limit: limits.seconds,
        mip_rel_gap: limits.gap,
        random_seed: 1,
        // Rows are short and nearly whole by themselves: presolve costs more than it saves (measured).
        presolve: 'off',
      })
      if (start.length > 0) model.setSolution({ colValue: Float64Array.from(start) })
      model.run()
      const { optimal, timeLimit, objectiveTarget, objectiveBound } = highs.constants.modelStatus
      const status = model.getModelStatus()
      const isProven = status === optimal
      const hasAnswer =
        isProven || [timeLimit, objectiveTarget, objectiveBound].some((each) => each === status)
      const { colValue } = model.getSolution()
      return {
        values: hasAnswer ? [...colValue].map(Math.round) : undefined,
        bound: Number(model.info.get('mip_dual_bound')),
        isProven,
        seconds: model.getRunTime(),
      }
    })
}
