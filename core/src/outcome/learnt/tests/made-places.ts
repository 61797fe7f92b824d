import { randomGamma, randomLcg, randomNormal } from 'd3-random'
import { learntOf } from '../../../base/statistics/index.ts'
import { paleness } from '../../../seen/colour/index.ts'
import { responseFor, type Response } from '../../../material/source/index.ts'
import { bestInterval, expectedGain, failsOf, usualLessons } from '../../regreening/index.ts'
import { failuresWorth } from '../data/learning.ts'
import { expectedHere, learnResponses, type LearntResponses } from '../index.ts'
import { definite, madeBefore, madeTreatment } from './made-treatment.ts'

/** What a place chooses from: a spray that is cheap and short, a drench that is dear and lasts. */
const kinds = [
  { response: responseFor('leaf', 'ferrous-sulfate', 'turf'), cost: 12, perSeason: 2 },
  { response: responseFor('soil', 'fe-eddha', 'turf'), cost: 34, perSeason: 1 },
] as const
type Kind = (typeof kinds)[number]
const paleLossPerDay = 5

/** How one kind of treatment really goes on a stand of a place. */
interface Truth {
  readonly kind: Kind
  /** Logarithm of times the published, of place and stand together. */
  readonly lasting: number
  readonly size: number
  /** One deviation of the same from time to time. */
  readonly stray: number
  readonly sizeStray: number
  readonly fails: number
}
interface Dice {
  readonly random: () => number
  readonly bell: () => number
}
const diceOf = (seed: number): Dice => {
  const random = randomLcg(seed)
  return { random, bell: randomNormal.source(random)(0, 1) }
}

/** Spread of what is published, shared out as the place takes it to be. */
const spreadOf = ({ fades }: Response) => Math.log(fades.high / fades.low) / 2 / 1.2816
const sizeSpreadOf = (response: Response) => usualLessons(response).size.deviation

function drawTruth(kind: Kind, { random, bell }: Dice): Truth {
  const spread = spreadOf(kind.response)
  const gamma = randomGamma.source(random)
  const [bad, good] = [gamma(failsOf.value * failuresWorth.value)(), gamma((1 - failsOf.value) * failuresWorth.value)()] // prettier-ignore
  return {
    kind,
    lasting: spread * Math.sqrt(0.6) * bell(),
    size: sizeSpreadOf(kind.response) * Math.sqrt(0.6) * bell(),
    stray: spread * Math.sqrt(0.4),
    sizeStray: sizeSpreadOf(kind.response) * Math.sqrt(0.4),
    fails: bad / (bad + good),
  }
}

/** One treatment of it, as it goes by chance. */
const drawOnce = (
  { kind, lasting, size, stray, sizeStray, fails }: Truth,
  { random, bell }: Dice,
) => ({
  response: kind.response,
  lasting: Math.exp(lasting + stray * bell()),
  gain: Math.exp(size + sizeStray * bell()),
  hasFailed: random() < fails,
})

/** What three seasons of it taught. */
function seasonsOf(truth: Truth, dice: Dice) {
  return Array.from({ length: 3 * truth.kind.perSeason }, (_, at) =>
    madeTreatment({
      ...drawOnce(truth, dice),
      standId: 'green',
      appliedOn: `${2024 + Math.floor(at / truth.kind.perSeason)}-0${4 + 2 * (at % truth.kind.perSeason)}-01`,
      bell: dice.bell,
    }),
  )
}

/** The kind and the interval that are thought to cost least. */
function decide(expected: (kind: Kind) => Response) {
  const options = kinds.map((kind) => ({
    kind,
    ...bestInterval({
      response: expected(kind),
      untreated: madeBefore.greenness,
      cost: kind.cost,
      paleLossPerDay,
    }),
  }))
  return options.reduce((best, each) => (each.perDay < best.perDay ? each : best))
}

let byPublished: ReturnType<typeof decide> | undefined
/** What is published is the same for all places. */
const decideByPublished = () => (byPublished ??= decide(({ response }) => response))

/** What so many treatments in a row really cost a day, played out from the truth, which what decides does not see. */
function playedCost(truth: Truth, days: number, dice: Dice): number {
  const played = 240
  const curve = () => {
    const once = drawOnce(truth, dice)
    const response = definite(once)
    return (day: number) =>
      once.hasFailed ? 0 : once.gain * expectedGain(response, madeBefore.greenness, day).usual
  }
  let loss = 0
  let before = curve()
  for (let at = 0; at < played; at += 1) {
    const own = curve()
    for (let day = 0; day < days; day += 1)
      loss += paleness(madeBefore.greenness + Math.max(own(day), before(day + days)))
    before = own
  }
  return truth.kind.cost / days + (paleLossPerDay * loss) / played / days
}

/** What deciding by what is published, by what was learnt, and by the truth really costs a day at one made-up place [money/d]. */
export interface DecidedPlace {
  readonly published: number
  readonly learnt: number
  readonly known: number
  /** Whether the interval of nine in ten holds what is true, of each figure that was learnt. */
  readonly held: readonly {
    readonly figure: 'lasting' | 'size' | 'failing'
    readonly holds: boolean
  }[]
}

/** A response as it would be expected by somebody who knew the truth. */
function trueResponse({ kind, lasting, size, stray, fails }: Truth): Response {
  const { fades } = kind.response
  const middle = Math.log((fades.low + fades.high) / 2) + lasting
  const at = (deviations: number) => Math.exp(middle + deviations * stray)
  return {
    ...kind.response,
    fades: { low: at(-1.2816), high: at(1.2816) },
    taught: { times: Math.exp(size), fails },
  }
}

const ninetieth = 1.6449
/** Whether what was learnt of a kind holds its truth. */
function holdsTruth(
  { kind, lasting, size, fails }: Truth,
  all: LearntResponses,
): DecidedPlace['held'] {
  const found = all.get(kind.response.id)
  if (!found) return []
  const { lessons, usual, failures } = found
  const bell = (figure: 'lasting' | 'size', truth: number) => {
    const { mean, deviation } = learntOf(lessons[figure], 'green').own
    const off = truth + usual[figure].value - mean
    return { figure, holds: Math.abs(off) <= ninetieth * deviation }
  }
  const { low, high } = failures.after
  return [
    bell('lasting', lasting),
    bell('size', size),
    { figure: 'failing', holds: fails >= low && fails <= high },
  ]
}

/**
 * A place of which the truth is drawn: three seasons teach, then it decides what to put out and how often.
 * @param seed of the draws, 0 to 1
 */
function decideAt(seed: number): DecidedPlace {
  const dice = diceOf(seed)
  const truths = kinds.map((kind) => drawTruth(kind, dice))
  const learnt = learnResponses(
    truths.flatMap((truth) => seasonsOf(truth, dice)),
    '2027-01-01',
  )
  const truthOf = (kind: Kind) => truths.find((each) => each.kind === kind) as Truth
  const cost = ({ kind, days }: ReturnType<typeof decide>) => {
    // The same luck for each way of deciding.
    return playedCost(truthOf(kind), days, diceOf((seed * 7919) % 1))
  }
  return {
    published: cost(decideByPublished()),
    learnt: cost(decide(({ response }) => expectedHere(learnt, response, 'green'))),
    known: cost(decide((kind) => trueResponse(truthOf(kind)))),
    held: truths.flatMap((truth) => holdsTruth(truth, learnt)),
  }
}

/** Decides at so many places. */
export const decideAtPlaces = (places: number): readonly DecidedPlace[] =>
  Array.from({ length: places }, (_, at) => decideAt((at * 0.6180339887) % 1))
