import { dayWords, type Day } from '../../base/calendar/index.ts'
import { caseEndings, type CaseEnding } from './case-endings.ts'

/** What is known of a stand and of its case, as far as it tells where things stand. */
export interface ProgressFacts {
  readonly today: Day
  /** The newest look, of whatever case. */
  readonly lastLookOn: Day | undefined
  /** The newest colour that was measured or told. */
  readonly lastColourOn: Day | undefined
  /** Whether that colour is paler than it should be. */
  readonly isPale: boolean
  /** The open case: since when. */
  readonly openedOn: Day | undefined
  /** Whether a remedy was chosen in the open case. */
  readonly hasRemedy: boolean
  /** The newest application of the open case that stands as it was recorded. */
  readonly lastAppliedOn: Day | undefined
  /** The case that was closed last. */
  readonly closed: { readonly on: Day; readonly outcome: CaseEnding } | undefined
  readonly nextJob: { readonly dueOn: Day; readonly title: string } | undefined
}

/** How far a stand is, in the order of the work. */
export type ProgressStep =
  | 'due'
  | 'planned'
  | 'treated'
  | 'remedy chosen'
  | 'looked at'
  | 'opened'
  | 'pale'
  | 'closed'
  | 'calm'
  | 'unseen'

export interface StandProgress {
  readonly step: ProgressStep
  /** "due: Ferrous sulfate", "treated 3 Nov: look whether it greens". */
  readonly words: string
}

/**
 * Where things stand on a stand, in the words that every screen uses: what is to be done next, and
 * failing that what was done last.
 * @throws {CoreError} day-unreadable
 */
export function standProgress(facts: ProgressFacts): StandProgress {
  const said = (day: Day) => dayWords(day, facts.today.slice(0, 4))
  const { nextJob, openedOn, lastAppliedOn, lastLookOn, lastColourOn, closed } = facts
  if (nextJob) {
    const isDue = nextJob.dueOn <= facts.today
    return isDue
      ? { step: 'due', words: `due: ${nextJob.title}` }
      : { step: 'planned', words: `${said(nextJob.dueOn)}: ${nextJob.title}` }
  }
  if (openedOn !== undefined) {
    if (lastAppliedOn !== undefined) {
      return { step: 'treated', words: `treated ${said(lastAppliedOn)}: look whether it greens` }
    }
    if (facts.hasRemedy) return { step: 'remedy chosen', words: 'remedy chosen, nothing planned' }
    if (lastLookOn !== undefined && lastLookOn >= openedOn) {
      return { step: 'looked at', words: `looked at ${said(lastLookOn)}, no remedy yet` }
    }
    return { step: 'opened', words: 'case open: take a look' }
  }
  if (facts.isPale) return { step: 'pale', words: 'pale, no case yet: take a look' }
  if (closed) {
    return { step: 'closed', words: `closed ${said(closed.on)}, ${caseEndings[closed.outcome]}` }
  }
  if (lastColourOn !== undefined) return { step: 'calm', words: 'no case' }
  return { step: 'unseen', words: 'not looked at yet' }
}
