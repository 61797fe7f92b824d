/** Standard deviations from the middle of a bell to its 10th and 90th of 100. */
export const tenthDeviation = 1.2816

/** A figure given honestly as a range, with the value usually taken. */
export interface FigureRange {
  readonly low: number
  readonly usual: number
  readonly high: number
}
