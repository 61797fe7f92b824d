import { addDays, daysBetween, type Day } from '../../base/calendar/index.ts'
import type { FigureRange } from '../../base/reference/index.ts'
import { sharesWithin } from './data/chances.ts'
import { strayPerDay } from './data/recovery.ts'
import type { Response } from '../../material/source/index.ts'
import type { SeenGreenness } from '../../seen/colour/index.ts'
import { expectedGain, fadesWithin } from './recovery.ts'

/** A treatment that was made or is planned. */
export interface Treatment {
  readonly day: Day
  readonly response: Response
}

/** Colour expected on a day. */
export interface ExpectedGreenness extends FigureRange {
  readonly day: Day
}

/** The shares of each dose together, in the order of days: those that follow each other within some days. */
export function dosesOf<Each extends { readonly day: Day }>(treatments: readonly Each[]): Each[][] {
  const doses: Each[][] = []
  for (const each of treatments.toSorted((a, b) => a.day.localeCompare(b.day))) {
    const last = doses.at(-1)
    const before = last?.at(-1)
    if (last && before && daysBetween(before.day, each.day) <= sharesWithin.value) last.push(each)
    else doses.push([each])
  }
  return doses
}

/** The shares of one dose given over days count as one treatment, on the day of the last; in the order of days. */
export const lastOfShares = <Each extends { readonly day: Day }>(
  treatments: readonly Each[],
): Each[] => dosesOf(treatments).flatMap((shares) => shares.slice(-1))

export interface ForecastInput {
  /** The last colour known. */
  readonly last: SeenGreenness
  readonly treatments: readonly Treatment[]
  readonly until: Day
  /** Days between the points returned, 1 or more [d]. */
  readonly stepDays: number
}

const within = (value: number): number => Math.min(1, Math.max(0, value))

interface OpenTreatment extends Treatment {
  /** Greenness when it was, or will be, made. */
  readonly before: number
}

/** Whether a treatment still moves the colour after a day; it fades as long as it lasted. */
const stillActs = ({ day, response }: Treatment, after: Day): boolean =>
  daysBetween(day, after) <= fadesWithin(response)

/** Adds to every treatment the colour it starts from: that of the forecast so far. */
function openTreatments(last: SeenGreenness, treatments: readonly Treatment[]): OpenTreatment[] {
  const open: OpenTreatment[] = []
  const acting = treatments.filter((treatment) => stillActs(treatment, last.day))
  for (const treatment of acting.toSorted((a, b) => a.day.localeCompare(b.day))) {
    const before = treatment.day <= last.day ? last.greenness : usualOn(last, open, treatment.day)
    open.push({ ...treatment, before })
  }
  return open
}

/** Change of greenness since the last look that one treatment brings. */
function change(last: SeenGreenness, treatment: OpenTreatment, day: Day): FigureRange {
  const now = expectedGain(treatment.response, treatment.before, daysBetween(treatment.day, day))
  const then = expectedGain(
    treatment.response,
    treatment.before,
    daysBetween(treatment.day, last.day),
  )
  return {
    low: now.low - then.low,
    usual: now.usual - then.usual,
    high: now.high - then.high,
  }
}

function usualOn(last: SeenGreenness, open: readonly OpenTreatment[], day: Day): number {
  return within(open.reduce((sum, each) => sum + change(last, each, day).usual, last.greenness))
}

function expectedOn(
  last: SeenGreenness,
  open: readonly OpenTreatment[],
  day: Day,
): ExpectedGreenness {
  const stray = Math.hypot(
    last.doubt,
    strayPerDay.value * Math.sqrt(daysBetween(last.day, day)) * 2,
  )
  const changes = open.map((treatment) => change(last, treatment, day))
  const sumOf = (which: keyof FigureRange) =>
    changes.reduce((sum, each) => sum + each[which], last.greenness)
  const usual = within(sumOf('usual'))
  return {
    day,
    low: within(Math.min(usual, sumOf('low'), sumOf('high')) - stray),
    usual,
    high: within(Math.max(usual, sumOf('low'), sumOf('high')) + stray),
  }
}

/**
 * Colour to be expected from the last look on, under the treatments made and planned; the band
 * widens with the days since anybody looked.
 * @returns points from the day of the last look to the last day asked for
 */
export function forecastGreenness(input: ForecastInput): readonly ExpectedGreenness[] {
  const { last, until, stepDays } = input
  const open = openTreatments(last, input.treatments)
  const days = Math.max(0, daysBetween(last.day, until))
  const points = Array.from({ length: Math.ceil(days / stepDays) + 1 }, (_, index) =>
    Math.min(days, index * stepDays),
  )
  return points.map((each) => expectedOn(last, open, addDays(last.day, each)))
}
