import { formatNumber } from '../../base/writing/index.ts'
import { likelyMistakes } from './data/plausible.ts'
import { readingKinds, type ReadingKind } from './data/kinds.ts'
import { spreadsApart } from './spreads-apart.ts'
import type { Reading } from './reading.ts'

/** A question to ask before a reading is kept; the reading may still be right. */
export interface Doubtful {
  readonly question: string
  /** What the value would be if the likely mistake was made. */
  readonly instead?: number
}

const withUnit = (kind: ReadingKind, value: number): string => {
  const { unit } = readingKinds[kind]
  return `${formatNumber(value, 3)}${unit === '' ? '' : ` ${unit}`}`
}

function isUsual(kind: ReadingKind, value: number): boolean {
  const [low, high] = readingKinds[kind].usual
  return value >= low && value <= high
}

/** The value read in another unit by mistake, where that would make it usual. */
function mistaken(kind: ReadingKind, value: number): Doubtful | undefined {
  for (const { kinds, readAs, times } of likelyMistakes) {
    const instead = value * times
    if (!kinds.includes(kind) || !isUsual(kind, instead)) continue
    return {
      question: `${readingKinds[kind].label} of ${withUnit(kind, value)} would be out of the ordinary. Was it read in ${readAs}? Then it is ${withUnit(kind, instead)}.`,
      instead,
    }
  }
  return undefined
}

/** How many spreads a reading may stand off the last one before it is asked about. */
const spreadsToAsk = 4

function jump(reading: Reading, before: readonly Reading[]): Doubtful | undefined {
  const last = before.findLast(
    ({ kind, place }) => kind === reading.kind && (place ?? 'whole') === (reading.place ?? 'whole'),
  )
  if (!last || spreadsApart(reading, last) < spreadsToAsk) return undefined
  return {
    question: `The last one was ${withUnit(last.kind, last.value)}. Is ${withUnit(reading.kind, reading.value)} what the sample says, and is it of the same place?`,
  }
}

/**
 * What to ask before a reading is kept: one out of the ordinary, read in a likely wrong unit, or
 * far from the last. Nothing is changed or refused here.
 * @param before earlier readings of the stand, in the order of their days
 */
export function questionsAbout(reading: Reading, before: readonly Reading[]): readonly Doubtful[] {
  const { kind, value } = reading
  const unusual = isUsual(kind, value)
    ? undefined
    : (mistaken(kind, value) ?? {
        question: `${readingKinds[kind].label} of ${withUnit(kind, value)} is out of the ordinary (${readingKinds[kind].usual.join(' to ')}). Is it so?`,
      })
  return [unusual, jump(reading, before)].filter((each) => each !== undefined)
}
