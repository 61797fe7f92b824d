import { putsOut } from '@spudder/core/days/plan'
import { type EntryDto } from '@spudder/contract/entry'
import { standingEntries } from '@spudder/core/days/entry'
import type { JobDto } from '@spudder/contract/job'
import type { RibbonReadingDto, StandDto } from '@spudder/contract/stand'
import type { StoryEventDto } from '@spudder/contract/story'
import { addDays, daysBetween, type Day } from '@spudder/core/base/calendar'
import { storyEvents } from '@spudder/core/verdict/diagnosis'
import { readingKinds, readingWords } from '@spudder/core/seen/reading'
import {
  forecastGreenness,
  lastOfShares,
  type ExpectedGreenness,
} from '@spudder/core/outcome/regreening'
import { greennessWords, lookHolds, type SeenGreenness } from '@spudder/core/seen/colour'
import { expectedOf, type Known } from '../known/known.ts'
import { isMadeUp, seenColours, type SeenColour } from './seen-colour.ts'

/** Everything that happened to a stand and is to come. */
export interface RibbonSource {
  readonly stand: Pick<StandDto, 'id' | 'context'>
  readonly readings: readonly RibbonReadingDto[]
  readonly events: readonly StoryEventDto[]
  readonly entries: readonly EntryDto[]
  readonly jobs: readonly JobDto[]
}

export type MarkKind = 'applied' | 'tested' | 'told' | 'madeUp'

export interface RibbonMark {
  readonly day: Day
  readonly kind: MarkKind
  readonly words: string
}

/** A stretch of days in which nobody looked. */
export interface UnseenStretch {
  readonly from: Day
  readonly to: Day
}

/** The last colour seen. */
interface ColourNow extends SeenColour {
  readonly words: string
  /** "colour 4.1 of 9". */
  readonly figure: string
}

/** What a ribbon shows. */
export interface RibbonModel {
  readonly seen: readonly SeenGreenness[]
  readonly unseen: readonly UnseenStretch[]
  readonly now: ColourNow | undefined
  readonly expected: readonly ExpectedGreenness[]
  readonly marks: readonly RibbonMark[]
  readonly jobs: readonly JobDto[]
}

/** Days between the points of what is expected; the view is filled past its edge by one step. */
const stepDays = 3

function unseenStretches(seen: readonly SeenGreenness[], today: Day): UnseenStretch[] {
  const days = [...seen.map(({ day }) => day), today]
  return days.slice(1).flatMap((to, index) => {
    const from = days[index] ?? to
    if (daysBetween(from, to) <= lookHolds.value) return []
    return [
      {
        from: addDays(from, lookHolds.value / 2),
        to: to === today ? to : addDays(to, -lookHolds.value / 2),
      },
    ]
  })
}

function marksOf({ readings, events, entries }: RibbonSource): RibbonMark[] {
  return [
    ...readings
      // A colour is in the ribbon itself; one that was made up has a mark to say so.
      .filter((reading) => !readingKinds[reading.kind].isColour || isMadeUp(reading))
      .map((reading): RibbonMark => ({
        day: reading.takenOn,
        kind: isMadeUp(reading) ? 'madeUp' : 'tested',
        words: readingWords(reading),
      })),
    ...events.map(({ happenedOn, kind, note }): RibbonMark => ({
      day: happenedOn,
      kind: 'told',
      words: note === '' ? storyEvents[kind].words : `${storyEvents[kind].words}: ${note}`,
    })),
    ...standingEntries(entries).map(({ happenedOn, appliedName }): RibbonMark => ({
      day: happenedOn,
      kind: 'applied',
      words: appliedName,
    })),
  ].toSorted((a, b) => a.day.localeCompare(b.day))
}

/**
 * Works out what a ribbon shows: colours seen, stretches nobody saw, colour expected under the
 * plan until a day, and the marks on it.
 * @param known what the place knows of its eyes and its leaves
 */
export function ribbonModel(
  source: RibbonSource,
  known: Known,
  today: Day,
  until: Day,
): RibbonModel {
  const seen = seenColours(source.readings, known.eyes)
  const last = seen.at(-1)
  const now = last && {
    ...last,
    words: greennessWords(last.greenness),
    figure: readingWords(last),
  }
  const planned = source.jobs.filter(({ status }) => status === 'planned')
  const treatments = [
    // Steps of an acid plan move the soil; the leaf follows in its own time, and not by a curve here.
    ...standingEntries(source.entries)
      .filter(({ caseId }) => caseId !== null)
      .map(({ happenedOn, route, sourceId }) => ({
        day: happenedOn,
        response: expectedOf(known, { route, sourceId }, source.stand),
      })),
    ...planned
      .filter(({ kind, acidPlanId }) => putsOut(kind) && acidPlanId === null)
      .flatMap(({ dueOn, route, sourceId }) =>
        route && sourceId
          ? [
              {
                day: dueOn < today ? today : dueOn,
                response: expectedOf(known, { route, sourceId }, source.stand),
              },
            ]
          : [],
      ),
  ]
  const expected = now
    ? forecastGreenness({
        last: now,
        treatments: lastOfShares(treatments),
        until: addDays(until, stepDays),
        stepDays,
      })
    : []
  return {
    seen,
    unseen: unseenStretches(seen, today),
    now,
    expected,
    marks: marksOf(source),
    jobs: planned,
  }
}
