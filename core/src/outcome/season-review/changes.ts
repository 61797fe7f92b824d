import { dayWords } from '../../base/calendar/index.ts'
import { formatAtMost } from '../../base/writing/index.ts'
import {
  muchDearer,
  paleTooLong,
  sureOfDay,
  unanswered,
  unseenTooMuch,
} from './data/season-figures.ts'
import { costOfEntry } from './season-record.ts'
import type { SeasonReview } from './season-review.ts'
import type { SourceWorth, TreatmentWorth } from './treatment-worth.ts'

/** Something to do otherwise next season, and why. */
export interface SeasonChange {
  readonly kind: ChangeKind
  /** The stand that it is said of; undefined for the whole place. */
  readonly standId: string | undefined
  readonly words: string
  /** What of the season's money hangs on it [money]; undefined where that cannot be said. */
  readonly stake: number | undefined
}

type ChangeKind =
  | 'did-nothing'
  | 'too-soon'
  | 'too-late'
  | 'pale-first'
  | 'unsure-cause'
  | 'dearer'
  | 'unseen'
  | 'no-price'

const said = (value: number): string => formatAtMost(value, 0)
const per100 = (share: number): string => said(100 * share)
const times = (count: number): string => (count === 1 ? 'once' : `${count} times`)
const costOf = (treatments: readonly TreatmentWorth[]): number =>
  treatments.reduce((sum, { entry }) => sum + costOfEntry(entry), 0)

/** What a source taught on a stand. */
type OfSource = (source: SourceWorth, name: string) => SeasonChange[]

const didNothing: OfSource = ({ standId, appliedName, answered, watched, treatments }, name) =>
  answered === undefined ||
  answered > unanswered.value ||
  treatments.every(({ isEarly }) => isEarly)
    ? []
    : [
        {
          kind: 'did-nothing',
          standId,
          words: `${name}: ${appliedName} more likely did nothing (it answered with ${per100(answered)} in 100, by ${watched} of ${treatments.length} looked at). Ask why before it is bought again.`,
          stake: costOf(treatments),
        },
      ]

/** Put out while the leaf still was green, sooner than it is expected to fade. */
const tooSoon: OfSource = ({ standId, appliedName, treatments }, name) => {
  const early = treatments.filter(
    ({ greenThen, sinceLast, response }) =>
      sinceLast !== undefined &&
      sinceLast < response.fades.low &&
      (greenThen ?? 0) >= sureOfDay.value,
  )
  const [first] = early
  if (!first) return []
  const { fades } = first.response
  return [
    {
      kind: 'too-soon',
      standId,
      words: `${name}: ${appliedName} went out ${times(early.length)} while the leaf still was green, ${said(Math.min(...early.map(({ sinceLast = 0 }) => sinceLast)))} days after the last. It is expected to hold ${said(fades.low)} to ${said(fades.high)} days: look first.`,
      stake: costOf(early),
    },
  ]
}

const tooLate: OfSource = ({ standId, appliedName, treatments }, name) => {
  const late = treatments.filter(
    ({ greenThen, sinceLast }) =>
      sinceLast !== undefined && greenThen !== undefined && greenThen <= 1 - sureOfDay.value,
  )
  const [first] = late
  if (!first) return []
  const { fades } = first.response
  return [
    {
      kind: 'too-late',
      standId,
      words: `${name}: ${appliedName} came ${times(late.length)} when the leaf was pale again. It is expected to hold ${said(fades.low)} to ${said(fades.high)} days: plan the next for day ${said(fades.low)}.`,
      stake: undefined,
    },
  ]
}

function ofStands({ stands }: SeasonReview): SeasonChange[] {
  return stands.flatMap(({ standId, name, paleFrom, paleBefore, unseen, treatments }) => {
    const changes: SeasonChange[] = []
    if (paleFrom !== undefined && paleBefore >= paleTooLong.value) {
      const until =
        treatments > 0 ? 'before anything was put out' : 'and nothing was put out to green it'
      changes.push({
        kind: 'pale-first',
        standId,
        words: `${name}: pale on ${paleBefore} days ${until}, from ${dayWords(paleFrom)} on. Look before that day.`,
        stake: undefined,
      })
    }
    if (treatments > 0 && unseen >= unseenTooMuch.value) {
      changes.push({
        kind: 'unseen',
        standId,
        words: `${name}: of ${per100(unseen)} in 100 days after treatments nobody can say how green it was. A colour a week tells whether it is worth its money.`,
        stake: undefined,
      })
    }
    return changes
  })
}

/** Cases in which somebody acted before it was likely enough what to do. */
function unsureCauses({ cases, stands, from }: SeasonReview): SeasonChange[] {
  return cases.flatMap(({ standId, acted, found }) => {
    const stand = stands.find((each) => each.standId === standId)
    if (!stand || !found || acted?.state !== 'open' || acted.on < from) return []
    return [
      {
        kind: 'unsure-cause' as const,
        standId,
        words: `${stand.name}: treated on ${dayWords(acted.on)} when what to do was right with ${per100(acted.right)} in 100 only (${found.name}). Make the next check of the verdict before money goes out.`,
        stake: stand.spent.products > 0 ? stand.spent.products : undefined,
      },
    ]
  })
}

/** On one stand two sources of which one costs much more for a day gained. */
function dearer({ sources, stands }: SeasonReview): SeasonChange[] {
  return stands.flatMap(({ standId, name }) => {
    const priced = sources
      .filter((each) => each.standId === standId && each.perGainedDay !== undefined)
      .toSorted((a, b) => (a.perGainedDay ?? 0) - (b.perGainedDay ?? 0))
    const [cheapest, dearest] = [priced[0], priced.at(-1)]
    if (!cheapest?.perGainedDay || !dearest?.perGainedDay) return []
    const ratio = dearest.perGainedDay / cheapest.perGainedDay
    if (ratio < muchDearer.value) return []
    return [
      {
        kind: 'dearer' as const,
        standId,
        words: `${name}: a day gained by ${dearest.appliedName} cost ${formatAtMost(ratio, 1)} times one by ${cheapest.appliedName}.`,
        stake: dearest.cost,
      },
    ]
  })
}

function unpriced({ total }: SeasonReview): SeasonChange[] {
  const { unpriced: count } = total.spent
  if (count === 0) return []
  const words = `${count === 1 ? 'One use is' : `${count} uses are`} counted at what such a product usually costs: put pack and price of your own on the shelf.`
  return [{ kind: 'no-price', standId: undefined, words, stake: total.spent.atUsualPrice }]
}

/**
 * What a season says should be done otherwise, that first on which most money hangs.
 * @returns empty where nothing stands out
 */
export function changesFor(review: SeasonReview): SeasonChange[] {
  const names = new Map(review.stands.map(({ standId, name }) => [standId, name]))
  const ofSources = review.sources.flatMap((source) => {
    const name = names.get(source.standId) ?? ''
    return [didNothing, tooSoon, tooLate].flatMap((each) => each(source, name))
  })
  const all = [...ofSources, ...unsureCauses(review), ...dearer(review), ...ofStands(review)]
  // What only sharpens this page comes after what is to be done outside.
  return [...all.toSorted((a, b) => (b.stake ?? 0) - (a.stake ?? 0)), ...unpriced(review)]
}
