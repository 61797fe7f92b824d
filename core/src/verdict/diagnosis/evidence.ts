import { addDays, daysBetween, type Day } from '../../base/calendar/index.ts'
import {
  findingNames,
  findingWords,
  type FindingName,
  type Findings,
} from '../../seen/finding/index.ts'
import { shareOfWindow, type LeafWindow } from '../../seen/reading/index.ts'
import { correlates, featureOf, restraint, type FeatureName } from './data/features.ts'
import { eventCorrelateShare, storyEventOf, type StoryEventKind } from './data/events.ts'
import type { Belief, ReadTest } from './read-tests.ts'

/** One thing known of the plant, with how much of its weight counts. */
export interface Evidence {
  readonly name: FeatureName
  readonly label: string
  readonly words: string
  readonly belief: Belief
  /** Share of its weight of evidence that counts: less where others have said it already [1]. */
  readonly counts: number
}

/** A told event, by how much of the leaf window it acted on. */
export interface EventEvidence {
  readonly kind: StoryEventKind
  readonly words: string
  /** Share of the leaf window in which it acted [1]. */
  readonly share: number
  /** Whether it can show on leaves that stood already when it happened. */
  readonly isOnStanding: boolean
  readonly counts: number
}

/** The share of a feature's weight that counts, given what else is known. */
export function countsOf(name: FeatureName, known: ReadonlySet<FeatureName>): number {
  const correlate = correlates[name]
  const isCorrelate = correlate?.of.some((other) => known.has(other)) ?? false
  return restraint.value * (isCorrelate && correlate ? 1 - correlate.share : 1)
}

function found(findings: Findings): Omit<Evidence, 'counts'>[] {
  return findingNames.flatMap((name: FindingName) => {
    const value = findings[name]
    if (value === undefined) return []
    return [
      {
        name,
        label: featureOf(name).label,
        words: findingWords(name, value),
        belief: { [value]: 1 },
      },
    ]
  })
}

/** The evidence in what was found and measured: tests first, then findings in their order. */
export function gatherEvidence(
  findings: Findings,
  tests: readonly ReadTest[],
): readonly Evidence[] {
  const all = [
    ...tests.map((test) => ({ ...test, label: featureOf(test.name).label })),
    ...found(findings),
  ]
  const known = new Set(all.map(({ name }) => name))
  return all.map((each) => ({ ...each, counts: countsOf(each.name, known) }))
}

/** A told event with its day. */
export interface DatedEvent {
  readonly kind: StoryEventKind
  readonly happenedOn: Day
}

/**
 * The share of a leaf window in which an event acted: none where it came after the leaves had grown.
 * @returns 0 to 1 [1]
 */
export function eventShare({ kind, happenedOn }: DatedEvent, window: LeafWindow): number {
  const { actsAfterDays, actsForDays } = storyEventOf(kind)
  const from = addDays(happenedOn, actsAfterDays)
  return shareOfWindow(window, from, addDays(from, actsForDays))
}

/** Whether an event is so fresh that leaves which stood then may show it now. */
function showsOnStanding({ kind, happenedOn }: DatedEvent, lookedOn: Day): boolean {
  const { onStandingLeavesDays } = storyEventOf(kind)
  const ago = daysBetween(happenedOn, lookedOn)
  return onStandingLeavesDays !== undefined && ago >= 0 && ago <= onStandingLeavesDays
}

/**
 * Told events by how long each acted on the leaves that were forming; of several of one kind the
 * one that acted longest. One that came after the leaves had grown says nothing, but of what hurts
 * leaves that stand.
 */
export function gatherEvents(
  events: readonly DatedEvent[],
  window: LeafWindow,
  known: ReadonlySet<FeatureName>,
  lookedOn: Day,
): readonly EventEvidence[] {
  const byKind = new Map<StoryEventKind, EventEvidence>()
  for (const event of events) {
    const { kind } = event
    const { words, correlates: correlated } = storyEventOf(kind)
    const share = eventShare(event, window)
    const isOnStanding =
      showsOnStanding(event, lookedOn) || (byKind.get(kind)?.isOnStanding ?? false)
    const before = byKind.get(kind)?.share ?? 0
    if (share <= before && !(isOnStanding && !byKind.get(kind)?.isOnStanding)) continue
    const isCorrelate = correlated?.some((name) => known.has(name)) ?? false
    const counts = restraint.value * (isCorrelate ? 1 - eventCorrelateShare.value : 1)
    byKind.set(kind, { kind, words, share: Math.max(share, before), isOnStanding, counts })
  }
  return [...byKind.values()]
}
