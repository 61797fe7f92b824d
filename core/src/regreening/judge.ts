import { addDays, dayWords, daysBetween, type Day } from '../calendar/index.ts'
import { readingKinds } from '../reading/index.ts'
import { clearDeviations } from './data/course.ts'
import type { ColourReadingKind } from './data/greenness-scales.ts'
import type { Response } from './data/responses.ts'
import { onScale, type Greenness } from './greenness.ts'
import { expectedGain } from './recovery.ts'

/** A greenness seen on a day. */
export interface SeenGreenness extends Greenness {
  readonly day: Day
}

export type JudgementWord =
  'not looked yet' | 'too early' | 'on course' | 'late' | 'no response' | 'overshoot' | 'fading'

export interface Judgement {
  readonly word: JudgementWord
  readonly sentence: string
  /** The next day on which looking, or acting, is due. */
  readonly nextDue: Day
}

export interface JudgeInput {
  readonly response: Response
  readonly appliedOn: Day
  /** Greenness at the treatment. */
  readonly before: Greenness
  /** The scale that the colours are told in. */
  readonly scale: ColourReadingKind
  /** Colour seen after the treatment, in any order. */
  readonly seen: readonly SeenGreenness[]
}

interface Comparison {
  readonly days: number
  readonly gained: number
  readonly noise: number
  readonly best: number
  readonly low: number
  readonly high: number
  readonly usual: number
}

function compare(
  { response, appliedOn, before }: JudgeInput,
  seen: readonly SeenGreenness[],
): Comparison {
  const last = seen.at(-1)
  const gains = seen.map(({ greenness }) => greenness - before.greenness)
  const days = last ? daysBetween(appliedOn, last.day) : 0
  return {
    days,
    gained: gains.at(-1) ?? 0,
    best: Math.max(0, ...gains),
    noise: Math.hypot(last?.doubt ?? 0, before.doubt) * clearDeviations.value,
    ...expectedGain(response, before.greenness, days),
  }
}

/** "severity 0.4 to 1.2 of 5 expected by day 42, 2.3 seen", from the worse end to the better. */
function expectedWords({ before, scale }: JudgeInput, compared: Comparison): string {
  const at = (gain: number) => onScale(scale, Math.min(1, before.greenness + gain))
  const said = (gain: number) => String(Number(at(gain).toFixed(1)))
  const [low, high] = [said(compared.low), said(compared.high)]
  const range = readingKinds[scale].said.replace('–', low === high ? low : `${low} to ${high}`)
  return `${range} expected by day ${compared.days}, ${said(compared.gained)} seen`
}

/**
 * Judges colour after a treatment against what the treatment is expected to do.
 * @throws {CoreError} date-unreadable
 */
export function judgeRegreening(input: JudgeInput): Judgement {
  const { response, appliedOn } = input
  const due = (days: number) => addDays(appliedOn, days)
  const seen = input.seen
    .filter(({ day }) => day > appliedOn)
    .toSorted((a, b) => a.day.localeCompare(b.day))
  const compared = compare(input, seen)
  const { days, gained, best, noise, low, high, usual } = compared
  if (seen.length === 0) {
    return {
      word: 'not looked yet',
      sentence: `The first change is due ${dayWords(due(response.firstChange.low))} to ${dayWords(due(response.firstChange.high))}. Look then.`,
      nextDue: due(response.firstChange.high),
    }
  }
  const expected = expectedWords(input, compared)
  if (gained > high + noise) {
    return {
      word: 'overshoot',
      sentence: `Darker than iron alone explains: ${expected}. Look for nitrogen in the programme, and hold the next dose.`,
      nextDue: due(response.fades.high),
    }
  }
  if (days < response.firstChange.high) {
    return {
      word: 'too early',
      sentence: `Nothing needs to show before ${dayWords(due(response.firstChange.high))}.`,
      nextDue: due(response.firstChange.high),
    }
  }
  const pastFull = days >= response.full.high
  if (pastFull && best > noise && days > response.fades.low && best - gained > noise) {
    return {
      word: 'fading',
      sentence: `It greened and is going back, as new leaves outgrow the treated ones. The next treatment is due about ${dayWords(due(response.fades.high))}.`,
      nextDue: due(response.fades.high),
    }
  }
  if (pastFull && gained <= noise && usual > noise && days <= response.fades.high) {
    return {
      word: 'no response',
      sentence: `No greening by the day it was due in full: ${expected}. Ask, in this order: washed off? a chelate past its pH? not iron? roots?`,
      nextDue: due(days + 1),
    }
  }
  if (gained < low - noise / 2) {
    return {
      word: 'late',
      sentence: `Behind the slowest usual course: ${expected}. Look again before ${dayWords(due(response.full.high))}.`,
      nextDue: due(Math.max(response.full.high, days + 3)),
    }
  }
  return {
    word: 'on course',
    sentence: `As it should be: ${expected}.`,
    nextDue: pastFull ? due(response.fades.low) : due(response.full.high),
  }
}
