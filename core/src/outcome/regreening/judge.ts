import { formatAtMost } from '../../base/writing/index.ts'
import { addDays, dayWords, daysBetween, type Day } from '../../base/calendar/index.ts'
import { readingKinds, type ColourReadingKind } from '../../seen/reading/index.ts'
import { fadingBelow, sureEnough } from './data/chances.ts'
import type { Response } from '../../material/source/index.ts'
import { drawRecoveries, type DrawnRecovery } from './draw-recoveries.ts'
import { onScale } from '../../seen/colour/index.ts'
import { expectedGain, gainAt } from './recovery.ts'
import { gainsSeen, weighRecoveries, type SeenGain, type Watched } from './weigh-recoveries.ts'

/** What a treatment can turn out to be doing. */
export type Outcome = 'on course' | 'late' | 'no response' | 'overshoot' | 'fading'
export type JudgementWord = 'not looked yet' | 'too early' | Outcome

export interface Judgement {
  readonly word: JudgementWord
  readonly sentence: string
  /** Chance of each outcome, the likeliest first, summing to one; empty before the first look. */
  readonly chances: readonly { readonly outcome: Outcome; readonly chance: number }[]
  /** The next day on which looking, or acting, is due. */
  readonly nextDue: Day
  /** When half of what was gained will be gone: 10, 50 and 90 in 100, where it answered. */
  readonly fadesOn: { readonly low: Day; readonly usual: Day; readonly high: Day } | undefined
  /** Gains that it rests on. */
  readonly gains: readonly SeenGain[]
}

export interface JudgeInput extends Watched {
  readonly response: Response
  /** The scale that the colours are told in. */
  readonly scale: ColourReadingKind
}

interface Expected {
  readonly low: number
  readonly high: number
}

/** What a recovery is doing on a day, against the usual band. */
function outcomeOf(recovery: DrawnRecovery, days: number, { low, high }: Expected): Outcome {
  if (recovery.fate === 'fails') return 'no response'
  const gain = gainAt(days, recovery)
  // It climbs until it is full and falls from then on: what is lost tells whether it fades.
  const top = days > recovery.full ? gainAt(Math.min(recovery.full, recovery.fade), recovery) : gain
  if (days > recovery.full && gain < fadingBelow.value * top) return 'fading'
  if (recovery.fate === 'overshoots' && gain > high) return 'overshoot'
  return recovery.fate === 'late' && gain < low ? 'late' : 'on course'
}

type Chances = Judgement['chances']

function chancesOf(
  recoveries: readonly DrawnRecovery[],
  weights: Float64Array,
  outcome: (recovery: DrawnRecovery) => Outcome,
): Chances {
  const sums = new Map<Outcome, number>()
  recoveries.forEach((recovery, index) => {
    const name = outcome(recovery)
    sums.set(name, (sums.get(name) ?? 0) + (weights[index] ?? 0))
  })
  return [...sums]
    .map(([name, chance]) => ({ outcome: name, chance }))
    .toSorted((a, b) => b.chance - a.chance)
}

/** Days after which half of the gain is gone, of the recoveries that answered: 10, 50, 90 in 100. */
function fadingDays(recoveries: readonly DrawnRecovery[], weights: Float64Array) {
  const rows = recoveries
    .map((recovery, index) => ({
      days: 1.5 * recovery.fade,
      weight: weights[index] ?? 0,
      recovery,
    }))
    .filter(({ recovery }) => recovery.fate !== 'fails')
    .toSorted((a, b) => a.days - b.days)
  const total = rows.reduce((sum, { weight }) => sum + weight, 0)
  const at = (share: number) => {
    let sum = 0
    return rows.find(({ weight }) => (sum += weight) >= share * total)?.days ?? 0
  }
  return [at(0.1), at(0.5), at(0.9)] as const
}

/** "severity 0.4 to 1.2 of 5 expected by day 42, 2.3 seen", from the worse end to the better. */
function expectedWords({ before, scale }: JudgeInput, last: SeenGain, expected: Expected): string {
  const at = (gain: number) => onScale(scale, Math.min(1, Math.max(0, before.greenness + gain)))
  const fine = readingKinds[scale].max <= 1 ? 2 : 1
  const said = (gain: number) => formatAtMost(at(gain), fine)
  const [low, high] = [said(expected.low), said(expected.high)]
  const range = readingKinds[scale].said.replace('–', low === high ? low : `${low} to ${high}`)
  const beside = last.isAgainstStrip ? ' beside the untreated strip' : ''
  return `${range} expected by day ${last.days}, ${said(last.gain)} seen${beside}`
}

/** What an outcome is told with. */
interface Telling {
  /** What was expected and seen, in words. */
  readonly seen: string
  /** Of the last look, since the treatment. */
  readonly days: number
  readonly response: Response
  /** Days until half of the gain is usually gone. */
  readonly usual: number
  readonly due: (days: number) => Day
}

/** How an outcome is told, and days from the treatment to the next look or treatment. */
const told: Readonly<
  Record<Outcome, (of: Telling) => { readonly sentence: string; readonly nextDays: number }>
> = {
  'on course': ({ seen, days, response: { full, fades } }) => ({
    sentence: `As it should be: ${seen}.`,
    nextDays: days >= full.high ? Math.max(fades.low, days + 7) : full.high,
  }),
  late: ({ seen, days, response: { full }, due }) => {
    const nextDays = Math.max(full.high, days + 3)
    return {
      sentence: `Behind the slowest usual course: ${seen}. Look again before ${dayWords(due(nextDays))}.`,
      nextDays,
    }
  },
  'no response': ({ seen, days }) => ({
    sentence: `No greening where it was due: ${seen}. Go through the questions below, in their order.`,
    nextDays: days + 1,
  }),
  overshoot: ({ seen, days, response: { fades } }) => ({
    sentence: `Darker than iron alone explains: ${seen}. Look for nitrogen in the programme, and hold the next dose.`,
    nextDays: Math.max(fades.high, days + 1),
  }),
  fading: ({ days, usual, due }) => {
    const nextDays = Math.max(usual, days + 1)
    return {
      sentence: `It greened and is going back, as new leaves outgrow the treated ones. The next treatment is due about ${dayWords(due(nextDays))}.`,
      nextDays,
    }
  },
}

/**
 * Judges colour after a treatment against what the treatment is expected to do: recoveries drawn from
 * what is usual are weighed by how well they fit, and say how likely each outcome is.
 * @throws {CoreError} date-unreadable
 */
export function judgeRegreening(input: JudgeInput): Judgement {
  const { response, appliedOn, before } = input
  const due = (days: number) => addDays(appliedOn, Math.round(days))
  const gains = gainsSeen(input)
  const last = gains.at(-1)
  const { firstChange } = response
  if (!last) {
    return {
      word: 'not looked yet',
      sentence: `The first change is due ${dayWords(due(firstChange.low))} to ${dayWords(due(firstChange.high))}. Look then.`,
      chances: [],
      nextDue: due(firstChange.high),
      fadesOn: undefined,
      gains,
    }
  }
  const recoveries = drawRecoveries(response, before.greenness)
  const weights = weighRecoveries(recoveries, gains, before)
  const expected = expectedGain(response, before.greenness, last.days)
  const chances = chancesOf(recoveries, weights, (recovery) =>
    outcomeOf(recovery, last.days, expected),
  )
  const seen = expectedWords(input, last, expected)
  const top = chances[0]
  if (last.days < firstChange.high && top?.outcome !== 'overshoot') {
    return {
      word: 'too early',
      sentence: `Nothing needs to show before ${dayWords(due(firstChange.high))}.`,
      chances,
      nextDue: due(firstChange.high),
      fadesOn: undefined,
      gains,
    }
  }
  const [low, usual, high] = fadingDays(recoveries, weights)
  const fadesOn = { low: due(low), usual: due(usual), high: due(high) }
  const word = top?.outcome ?? 'on course'
  const { sentence, nextDays } = told[word]({ seen, days: last.days, response, usual, due })
  const isUnsure = (top?.chance ?? 0) < sureEnough.value
  return {
    word,
    sentence: isUnsure ? `Hard to tell yet; this is only the likeliest. ${sentence}` : sentence,
    nextDue: due(nextDays),
    chances,
    fadesOn: word === 'no response' ? undefined : fadesOn,
    gains,
  }
}

/**
 * Days from a treatment to the next, as this one fades: what the stand itself teaches.
 * @returns [d]; undefined before it can be told
 * @throws {CoreError} date-unreadable
 */
export function intervalTaught({ fadesOn }: Judgement, appliedOn: Day): number | undefined {
  return fadesOn && daysBetween(appliedOn, fadesOn.usual)
}
