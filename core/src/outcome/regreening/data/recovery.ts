import type { Figure, FigureRange, Sourced } from '../../../base/reference/index.ts'

/** Share of the gap to a healthy leaf that a treatment closes. */
export const closes: FigureRange & Sourced = {
  low: 0.5,
  usual: 0.8,
  high: 1,
  source: 'most treatments green the leaf nearly, some fully; nobody states shares',
  mark: 'J',
}
/** White and scorched leaves seldom recover; only new growth shows it. */
export const closesWhite: FigureRange & Sourced = {
  low: 0.25,
  usual: 0.55,
  high: 0.9,
  source: 'white or scorched leaves seldom recover (common practice); the shares are ours',
  mark: 'J',
}
/** Greenness below which a leaf counts as white. */
export const whiteBelow: Figure = {
  value: 0.2,
  unit: '',
  source: 'severity 4, ivory',
  mark: 'D',
}
/** How far colour strays by itself in a day, one deviation; it adds up as a random walk. */
export const strayPerDay: Figure = {
  value: 0.008,
  unit: '1/d^0.5',
  source: 'half a grade of 9 in two months',
  mark: 'J',
}
/** So long, in times the longest that it usually lasts, a treatment still shows. */
export const showsFor: Figure = {
  value: 2,
  unit: 'times',
  source: 'it fades about as long as it lasted; what changes later is weather',
  mark: 'J',
}
