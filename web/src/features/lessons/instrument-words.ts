import type { Derivation } from '@spudder/core/base/reference'
import { formatNumber } from '@spudder/core/base/writing'
import {
  betweenInstruments,
  betweenKinds,
  halfForgotten,
  type InstrumentRow,
} from '@spudder/core/seen/instrument'
import { readingKinds, readingMethods } from '@spudder/core/seen/reading'

/** What was read, and by what: "pH, test strip: old box". */
export function instrumentWords({ way: { kind, method }, instrument }: InstrumentRow): string {
  const what = `${readingKinds[kind].label}, ${readingMethods[method].label}`
  return instrument === '' ? what : `${what}: ${instrument}`
}

/** A figure in the unit of what was read. */
const inUnit = ({ way }: InstrumentRow, value: number): string =>
  `${formatNumber(Math.abs(value), 2)} ${readingKinds[way.kind].unit}`.trim()

/** What is less than a twentieth of the usual doubt is nothing. */
function above(row: InstrumentRow, value: number): string {
  if (Math.abs(value) < row.usualDoubt / 20) return 'as the laboratory'
  return `${inUnit(row, value)} too ${value > 0 ? 'high' : 'low'}`
}

export const usualWords = (row: InstrumentRow): string => `± ${inUnit(row, row.usualDoubt)}`
export const seenWords = (row: InstrumentRow): string =>
  `${above(row, row.seen)}, of ${row.pairs.length} ${row.pairs.length === 1 ? 'pair' : 'pairs'}`
export function hereWords(row: InstrumentRow): string {
  const said = `${above(row, row.here.mean)}, ± ${inUnit(row, row.here.deviation)}`
  return row.knowsTooLittle ? `${said}; too little seen yet` : said
}

const perHundred = (share: number): string => `${formatNumber(100 * share, 2)} in 100`

/** How what is expected of an instrument was got. */
export const instrumentDerivation = (row: InstrumentRow): Derivation => ({
  figure: `How far ${instrumentWords(row)} reads above a laboratory`,
  formula:
    'each reading less that of a laboratory at the same spot, within a week in the ground and on one day in a solution, in doubts that are usual for it; drawn to nothing as far as that is surer: a bell for the way to measure, one for each instrument, one for single readings',
  inputs: [
    { label: 'usual doubt', value: usualWords(row) },
    { label: 'seen here', value: seenWords(row) },
    {
      label: 'of the usual doubt is common to all of its kind here',
      value: `${perHundred(betweenKinds.value)}, its own ${perHundred(betweenInstruments.value)}, the rest from reading to reading`,
    },
    { label: 'counts half as much after', value: `${halfForgotten.value} days` },
  ],
  result: `a reading of ${formatNumber(row.at, 3)} counts as ${formatNumber(row.at - row.here.mean, 3)} ± ${inUnit(row, row.here.deviation)}`,
  source:
    'from this place; a hierarchical normal model, Gelman et al., Bayesian Data Analysis; what would change it: a laboratory test beside it, or striking a reading out',
  mark: 'D',
})
