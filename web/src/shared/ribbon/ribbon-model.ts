import type { EntryDto } from '@spudder/contract/entry'
import type { JobDto } from '@spudder/contract/job'
import type { RibbonReadingDto, StandDto } from '@spudder/contract/stand'
import type { StoryEventDto } from '@spudder/contract/story'
import { addDays, daysBetween, type Day } from '@spudder/core/calendar'
import { ironSources } from '@spudder/core/choice'
import { storyEvents } from '@spudder/core/diagnosis'
import { formatNumber } from '@spudder/core/quantity'
import { readingKinds } from '@spudder/core/reading'
import {
  forecastGreenness,
  greennessReading,
  greennessWords,
  isColourKind,
  responseFor,
  type ColourReadingKind,
  type ExpectedGreenness,
  type SeenGreenness,
} from '@spudder/core/regreening'

/** Everything that happened to a stand and is to come. */
export interface RibbonSource {
  readonly stand: Pick<StandDto, 'context'>
  readonly readings: readonly RibbonReadingDto[]
  readonly events: readonly StoryEventDto[]
  readonly entries: readonly EntryDto[]
  readonly jobs: readonly JobDto[]
}

export type MarkKind = 'applied' | 'tested' | 'told'

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

/** The last colour seen, in the scale it was seen on. */
export interface ColourNow extends SeenGreenness {
  readonly kind: ColourReadingKind
  readonly value: number
  readonly words: string
  /** "4.1 of 9". */
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

/** Between looks further apart than this nobody can say what the leaves looked like [d]. */
const lookHolds = 16

type ColourReading = RibbonReadingDto & { readonly kind: ColourReadingKind }
const isColour = (reading: RibbonReadingDto): reading is ColourReading => isColourKind(reading.kind)

function unseenStretches(seen: readonly SeenGreenness[], today: Day): UnseenStretch[] {
  const days = [...seen.map(({ day }) => day), today]
  return days.slice(1).flatMap((to, index) => {
    const from = days[index] ?? to
    if (daysBetween(from, to) <= lookHolds) return []
    return [{ from: addDays(from, lookHolds / 2), to: to === today ? to : addDays(to, -lookHolds / 2) }]
  })
}

function colourNow(reading: ColourReading | undefined): ColourNow | undefined {
  if (!reading) return undefined
  const seen = greennessReading(reading)
  const { unit } = readingKinds[reading.kind]
  return {
    ...seen,
    day: reading.takenOn,
    kind: reading.kind,
    value: reading.value,
    words: greennessWords(seen.greenness),
    figure: `${formatNumber(reading.value, 2)} ${unit}`,
  }
}

/** Entries that stand: those that no later entry corrects. */
export function standingEntries(entries: readonly EntryDto[]): readonly EntryDto[] {
  const corrected = new Set(entries.map(({ correctsId }) => correctsId))
  return entries.filter(({ id }) => !corrected.has(id))
}

function marksOf({ readings, events, entries }: RibbonSource): RibbonMark[] {
  return [
    ...readings
      .filter(({ kind }) => !readingKinds[kind].isColour)
      .map(({ takenOn, kind, value }): RibbonMark => {
        const { label, unit } = readingKinds[kind]
        return { day: takenOn, kind: 'tested', words: `${label} ${value} ${unit}`.trim() }
      }),
    ...events.map(
      ({ happenedOn, kind, note }): RibbonMark => ({
        day: happenedOn,
        kind: 'told',
        words: note === '' ? storyEvents[kind] : `${storyEvents[kind]}: ${note}`,
      }),
    ),
    ...standingEntries(entries).map(
      ({ happenedOn, sourceId }): RibbonMark => ({
        day: happenedOn,
        kind: 'applied',
        words: ironSources.find(({ id }) => id === sourceId)?.name ?? sourceId,
      }),
    ),
  ].toSorted((a, b) => a.day.localeCompare(b.day))
}

/**
 * Works out what a ribbon shows: colours seen, stretches nobody saw, colour expected under the
 * plan until a day, and the marks on it.
 */
export function ribbonModel(source: RibbonSource, today: Day, until: Day): RibbonModel {
  const colours = source.readings.filter(isColour)
  const seen = colours.map((reading) => ({ day: reading.takenOn, ...greennessReading(reading) }))
  const now = colourNow(colours.at(-1))
  const planned = source.jobs.filter(({ status }) => status === 'planned')
  const treatments = [
    ...standingEntries(source.entries).map(({ happenedOn, route, sourceId }) => ({
      day: happenedOn,
      response: responseFor(route, sourceId, source.stand.context),
    })),
    ...planned
      .filter(({ kind }) => kind === 'apply')
      .map(({ dueOn, route, sourceId }) => ({
        day: dueOn < today ? today : dueOn,
        response: responseFor(route, sourceId, source.stand.context),
      })),
  ]
  const expected = now
    ? forecastGreenness({ last: now, treatments: lastPerWeek(treatments), until, stepDays: 3 })
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

/** The shares of one dose given over days count as one treatment, on the day of the last. */
function lastPerWeek<Each extends { readonly day: Day }>(treatments: readonly Each[]): Each[] {
  const inOrder = treatments.toSorted((a, b) => a.day.localeCompare(b.day))
  return inOrder.filter((each, index) => {
    const next = inOrder[index + 1]
    return !next || daysBetween(each.day, next.day) > 6
  })
}
