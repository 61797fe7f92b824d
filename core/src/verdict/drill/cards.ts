import { createEmptyCard, fsrs, Rating, State, type Card, type Grade } from 'ts-fsrs'
import type { Day } from '../../base/calendar/index.ts'
import type { Context } from '../../stand/plant/index.ts'
import { choosing } from './data/drill-figures.ts'
import type { DrillAnswer } from './confusions.ts'

/** An answer with what it came to. */
export interface DrillDone extends DrillAnswer {
  readonly answeredOn: Day
  readonly right: number
  readonly regret: number
}

/** How well a cause is known on a kind of stand. */
export interface DrillCard {
  readonly context: Context
  readonly causeId: string
  /** Answers given. */
  readonly times: number
  /** Right answers in a row, up to the last one. */
  readonly rightInRow: number
  /** When it is due again. */
  readonly dueOn: Day
  /** How likely it is known still [1]. */
  readonly known: number
}

// Days are what is kept: steps of minutes within a sitting are made by what is asked next.
const scheduler = fsrs({ enable_fuzz: false, enable_short_term: false })
const noon = (day: Day): Date => new Date(`${day}T12:00:00Z`)

/** What an answer says of how well a cause is known. */
function gradeOf({ right, regret, causeId, saidId, kind }: DrillDone): Grade {
  if (right === 0 || (kind === 'leaf' && saidId !== causeId)) return Rating.Again
  const isDear = regret > choosing.dearFrom.value
  return isDear || right < 1 || saidId !== causeId ? Rating.Hard : Rating.Good
}

/**
 * What is known of each cause, by what was answered.
 * @param done oldest first
 * @returns one for each cause and kind of stand that was drilled
 * @source FSRS, by the ts-fsrs package with its published parameters; days alone, no steps of minutes
 */
export function cardsOf(done: readonly DrillDone[], today: Day): readonly DrillCard[] {
  const cards = new Map<
    string,
    { card: Card; last: DrillDone; times: number; rightInRow: number }
  >()
  for (const each of done) {
    const key = `${each.context}|${each.causeId}`
    const before = cards.get(key)
    const at = noon(each.answeredOn)
    const { card } = scheduler.next(before?.card ?? createEmptyCard(at), at, gradeOf(each))
    const rightInRow = gradeOf(each) === Rating.Again ? 0 : (before?.rightInRow ?? 0) + 1
    cards.set(key, { card, last: each, times: (before?.times ?? 0) + 1, rightInRow })
  }
  return [...cards.values()].map(({ card, last, times, rightInRow }) => ({
    context: last.context,
    causeId: last.causeId,
    times,
    rightInRow,
    dueOn: card.due.toISOString().slice(0, 10),
    known: card.state === State.New ? 0 : scheduler.get_retrievability(card, noon(today), false),
  }))
}
