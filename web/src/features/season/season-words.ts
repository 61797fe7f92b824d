import type { Currency } from '@spudder/core/base/quantity'
import type { Derivation, FigureRange } from '@spudder/core/base/reference'
import { formatAtMost } from '@spudder/core/base/writing'
import { dayWords } from '@spudder/core/base/calendar'
import { caseEndings } from '@spudder/core/outcome/progress'
import type {
  FirstLook,
  PerDay,
  SeasonReview,
  SourceWorth,
  Spent,
  SeasonCase,
} from '@spudder/core/outcome/season-review'
import { acceptableGreenness } from '@spudder/core/seen/colour'
import { worth } from '@spudder/core/verdict/diagnosis'
import type { BestInterval } from '@spudder/core/outcome/regreening'
import { money } from '../../shared/units/money-words.ts'

/** A figure in whole units. */
export const said = (value: number): string => formatAtMost(value, 0)

/** "31 (28 to 35)"; one figure where all three print alike. */
export function daysWords({ low, usual, high }: FigureRange): string {
  const [from, middle, to] = [low, usual, high].map(said)
  return from === to && from === middle ? `${middle}` : `${middle} (${from} to ${to})`
}

/** "$0.28 to $0.40"; "$0.28 or more" where not one day surely was green. */
export const rangeWords = ({ low, high }: PerDay, currency: Currency): string =>
  high === undefined
    ? `${money(low, currency)} or more`
    : `${money(low, currency)} to ${money(high, currency)}`

/** "$0.31 ($0.28 to $0.40)". */
export const perDayWords = (cost: PerDay, currency: Currency): string =>
  `${money(cost.usual, currency)} (${rangeWords(cost, currency)})`

/** "$220, of it $74 at usual prices". */
export function productsWords(
  { products, atUsualPrice, unpriced }: Spent,
  currency: Currency,
): string {
  const whole = money(products, currency)
  return unpriced === 0 ? whole : `${whole}, of it ${money(atUsualPrice, currency)} at usual prices`
}

/** How likely a source answered, and by how much of it: "84 in 100, by 3 of 4". */
export function answeredWords({ answered, watched, treatments }: SourceWorth): string {
  if (answered === undefined) return 'nobody looked after it'
  const by = watched === treatments.length ? `${watched}` : `${watched} of ${treatments.length}`
  return `${said(100 * answered)} in 100, by ${by} looked at`
}

export function gainedWords({ told, treatments, gained }: SourceWorth): string {
  if (told === 0)
    return treatments.some(({ isEarly }) => isEarly) ? 'too early to tell' : 'cannot be told'
  const beside = told === treatments.length ? '' : `, by ${told} of ${treatments.length}`
  return `${daysWords(gained)}${beside}`
}

/** A kind of check over the cases of a season. */
export interface CheckWorth {
  readonly checkId: string
  readonly name: string
  readonly made: number
  /** How often it changed what was done. */
  readonly changed: number
  readonly effort: number
  readonly worth: number
}

/** Checks of the cases that were opened in the season by their kind, those that were most worth their effort first. */
export function checksByKind({ cases, from }: Pick<SeasonReview, 'cases' | 'from'>): CheckWorth[] {
  const made = cases.filter(({ openedOn }) => openedOn >= from).flatMap(({ checks }) => checks)
  const kinds = new Map<string, CheckWorth>()
  for (const { checkId, name, effort, changes, worth: brought } of made) {
    const so = kinds.get(checkId) ?? { checkId, name, made: 0, changed: 0, effort: 0, worth: 0 }
    kinds.set(checkId, {
      ...so,
      made: so.made + 1,
      changed: so.changed + Number(changes),
      effort: so.effort + effort,
      worth: so.worth + brought,
    })
  }
  return [...kinds.values()].toSorted((a, b) => b.worth - b.effort - (a.worth - a.effort))
}

/** How the price of a green day was got. */
export function greenDayDerivation(
  { total, from, to }: SeasonReview,
  currency: Currency,
): Derivation {
  const { spent, green, known } = total
  return {
    figure: 'What a green day cost',
    formula:
      'all that was spent ÷ days on which leaves were acceptably green; between two looks colour is taken to go straight from one to the other, in doubt by the looks and by how far colour strays. At least those days that surely were green (nine in ten), at most those that may have been. Days of which nobody can say anything are in neither.',
    inputs: [
      { label: 'products, by the shelf of today', value: productsWords(spent, currency) },
      { label: 'trips to put something out', value: money(spent.trips, currency) },
      { label: 'checks, as is usual', value: money(spent.checks, currency) },
      { label: 'days of which it can be said', value: said(known) },
      { label: 'of these green', value: daysWords(green) },
    ],
    result: total.perGreenDay ? perDayWords(total.perGreenDay, currency) : 'nothing that can be said', // prettier-ignore
    source: `the record from ${from} to ${to}, of stands on which something was spent; acceptable: ${acceptableGreenness.source}. What would change it: prices on the shelf, and more looks`,
    mark: 'D',
  }
}

/** How days gained were got. */
export const gainedDerivation: Derivation = {
  figure: 'Days gained',
  formula:
    'for each day from a treatment to the next, or until nothing is left of it: the chance that the leaf was green × the chance that it would not have been. What would have been is what an untreated strip shows, else the colour before the first treatment of the run, taken to have stayed, or, where lessons are switched on, to have gone on as leaves do here by themselves.',
  inputs: [
    { label: 'at least', value: 'days that surely were green and surely would not have been' },
    { label: 'at most', value: 'days that may have been and may not have been without it' },
    {
      label: 'answered',
      value: 'recoveries drawn from what is expected, weighed by the looks after each treatment',
    },
  ],
  result: 'days, summed over the treatments of which it can be told',
  source:
    'definition; without a strip and without lessons, weather that greens by itself is counted as gained: what would change it is a strip',
  mark: 'D',
}

/** How the worth of checks was got. */
export const checksDerivation: Derivation = {
  figure: 'What checks were worth',
  formula:
    'the verdict of each case as it was when somebody first acted, once with all that was known and once without the check: where another remedy would have been thought best, how much less likely it is right × what a wrong remedy costs; and what the answer told of the causes, and whether one might act by it, as the next check is chosen by.',
  inputs: [
    {
      label: 'effort',
      value: `material and fees, a minute at ${worth.minute.value}, a day of waiting at ${worth.day.value}, getting up for it at ${worth.start.value}`,
    },
    {
      label: 'a wrong remedy',
      value: String(worth.wrongRemedy.value),
    },
    {
      label: 'what was learnt',
      value: `${worth.bit.value} a bit by which the causes moved (Kullback & Leibler 1951); ${worth.settled.value} where one might act by it`,
    },
  ],
  result: 'money; two checks that say the same are each worth little alone',
  source: 'value of what was learnt, looking back (Raiffa & Schlaifer 1961); worths are our judgement', // prettier-ignore
  mark: 'D',
}

export const chanceWords = (chance: number): string => `${said(100 * chance)} in 100`

/** "18 days (14 to 24)"; that it costs more than pale leaves do, where that is so. */
export function everyWords({ days, nearly, perDay, untreatedPerDay }: BestInterval): string {
  if (perDay >= untreatedPerDay) return `${days} days, dearer than the pale leaf`
  return nearly.low === nearly.high ? `${days} days` : `${days} days (${nearly.low} to ${nearly.high})` // prettier-ignore
}

/** How what the next season is likely to need was got. */
export const needDerivation: Derivation = {
  figure: 'Likely needed',
  formula:
    'days that this season’s treatments gained ÷ the interval that costs least, rounded up; × product and price of one as it was put out this season. The interval is that at which product, the trip and pale leaves together cost least a day, over recoveries drawn from what is expected here; beside it those that cost at most a twentieth more. What more likely did nothing is left out.',
  inputs: [
    { label: 'what a pale day costs', value: 'as the settings say for each stand, else as is usual for its kind' }, // prettier-ignore
    { label: 'colour without it', value: 'as it was before the first treatment of the run' },
  ],
  result: 'a start: labels, rates and the weather of the season come before it',
  source:
    'cost of a cycle over its length (renewal reward, Ross, Introduction to Probability Models); what would change it: looks, what this place teaches (Lessons), and what a pale day costs',
  mark: 'D',
}

/** "Iron tied up by high pH, with 61 in 100". */
export const foundWords = ({ found }: SeasonCase): string =>
  found ? `${found.name}, with ${chanceWords(found.probability)}` : 'nobody looked'

/** How a case ended; that it is open, where it has not. */
export const endWords = ({ outcome }: SeasonCase): string =>
  outcome === null ? 'open' : caseEndings[outcome]

/** From when a stand is pale: as it is expected through the years, else as it was this season. */
export const paleFromWords = ({ paleFrom, expectedFrom }: FirstLook): string =>
  expectedFrom === undefined
    ? daySaid(paleFrom)
    : `about ${dayWords(expectedFrom)}, as in past years`

const daySaid = (day: string | undefined): string => (day === undefined ? '' : dayWords(day))
