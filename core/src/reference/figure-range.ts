/** A figure given honestly as a range, with the value usually taken. */
export interface FigureRange {
  readonly low: number
  readonly usual: number
  readonly high: number
}
