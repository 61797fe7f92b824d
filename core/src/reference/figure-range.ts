/** A figure given honestly as a range, with the value usually taken. */
export interface FigureRange {
  readonly low: number
  readonly usual: number
  readonly high: number
}

/** The same range after every figure went through a function that does not turn the order round. */
export function mapRange(range: FigureRange, change: (value: number) => number): FigureRange {
  return { low: change(range.low), usual: change(range.usual), high: change(range.high) }
}
