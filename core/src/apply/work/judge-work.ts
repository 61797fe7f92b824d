import { formatDecimals, formatNumber } from '../../base/writing/index.ts'
import {
  checkSpray,
  findPartner,
  isRunningOff,
  placementConflict,
  washedOffAfter,
  type MixWarning,
} from '../mix/index.ts'
import { percentRange } from '../../base/quantity/index.ts'
import { limitStandings, standingWords, type LimitStanding } from '../limit/index.ts'
import { againstRaising } from '../../material/choice/index.ts'
import { factsOfJob, labelStanding, rateBases } from '../../material/rate/index.ts'
import { findSource } from '../../material/source/index.ts'
import { partnerProblems } from './partner-problems.ts'
import type { PlannedWork, WorkField, WorkProblem } from './work.ts'

const label = {
  field: 'rateValue',
  stops: true,
  source: 'the label of the product',
  mark: 'P',
} as const

/** The maximum of the label: a hard limit, also where nobody can compare. */
export function labelProblems(
  work: Omit<PlannedWork, 'productName' | 'partners' | 'jarTests' | 'ground' | 'growth'>,
): readonly WorkProblem[] {
  const { labelMaximum, size, measures, contentShare, weighedKgPerL } = work
  if (!labelMaximum) return []
  const facts = factsOfJob(
    {
      size,
      contentShare,
      ...(measures === undefined ? {} : { measures }),
      ...(weighedKgPerL === undefined ? {} : { densityKgPerL: weighedKgPerL }),
    },
    work.carrierL,
    work.route,
  )
  const standing = labelStanding(labelMaximum, work.productKg, facts)
  const most = `${formatNumber(labelMaximum.value)} ${labelMaximum.unit}`
  if (standing.kind === 'over') {
    const words = `Over the label: it allows at most ${most}, this is ${formatNumber(standing.wouldBe)}. Lower the rate.`
    return [{ id: 'over-label', words, ...label }]
  }
  if (standing.kind === 'unknown') {
    const words = `The label allows at most ${most}, and that cannot be compared yet. Give ${standing.missing}.`
    return [{ id: 'label-unknown', words, ...label }]
  }
  return []
}

/** Fewer letters than this say nothing. */
const leastWhy = 8
/** Whether somebody has said why work goes out all the same. */
const reasonOf = ({ why }: PlannedWork): 'wanted' | 'given' =>
  (why ?? '').trim().length >= leastWhy ? 'given' : 'wanted'

/** Iron that is to leave the leaf again, where no partner asks for it. */
function washedProblems({ route, waterInAfterH, partners }: PlannedWork): readonly WorkProblem[] {
  const isAsked = partners.some(({ kindId }) => placementConflict(route, findPartner(kindId)))
  if (route !== 'leaf' || waterInAfterH === undefined || isAsked) return []
  const { low, high, source, mark } = washedOffAfter(waterInAfterH)
  const words = `Watered in after ${formatNumber(waterInAfterH)} h: ${percentRange(low, high)} of the iron is washed off the leaf; on lime it is lost in the soil.`
  return [{ id: 'washed-off', field: 'partners', words, stops: false, source, mark }]
}

const fieldOf: Readonly<Record<MixWarning['id'], WorkField>> = {
  'runs-off': 'carrierValue',
  'is-a-drench': 'carrierValue',
  'try-first': 'rateValue',
  heat: 'applyOn',
  drops: 'carrierValue',
  solubility: 'carrierValue',
}

/** From the least to the worst. */
const standingOrder: readonly LimitStanding['kind'][] = ['within', 'over high', 'over stop']

/** What goes out at once, beside what leaves, roots, ground and fish bear; labels or not. */
function limitProblem(standing: LimitStanding, work: PlannedWork, isWet: boolean): WorkProblem[] {
  const { limit, kind } = standing
  if (kind === 'within') return []
  const stops = kind === 'over stop'
  return [
    {
      id: stops ? 'over-stop' : 'over-usual',
      field: 'rateValue',
      words: standingWords(standing, isWet),
      stops,
      source: limit.source,
      mark: limit.mark,
      ...(stops ? {} : { reason: reasonOf(work) }),
    },
  ]
}

function mixProblems(work: PlannedWork): readonly WorkProblem[] {
  const { size } = work
  const standings = limitStandings(work)
  const spray = {
    ...work,
    source: findSource(work.sourceId),
    isTooStrong: standings.some(
      ({ limit, kind }) => kind !== 'within' && rateBases[limit.basis].by === 'carrier',
    ),
    // Water over trees is counted by tree; their ground says nothing about their leaves.
    ...(size.kind === 'area' ? { areaM2: size.areaM2 } : {}),
  }
  const isWet = isRunningOff(spray)
  // One sentence for one hazard: the limit that is passed by most, what stops before what asks.
  const worst = new Map<string, LimitStanding>()
  const byKind = standings.toSorted(
    (a, b) =>
      standingOrder.indexOf(a.kind) - standingOrder.indexOf(b.kind) ||
      a.value / a.stop - b.value / b.stop,
  )
  for (const standing of byKind) worst.set(standing.limit.hazard, standing)
  return [
    ...[...worst.values()].flatMap((standing) => limitProblem(standing, work, isWet)),
    ...checkSpray(spray).map((warning) => ({ ...warning, field: fieldOf[warning.id] })),
  ]
}

/** What goes in with the seed greens no crop that stands. */
const plantingProblems = ({ isAtPlanting }: PlannedWork): readonly WorkProblem[] =>
  isAtPlanting
    ? [
        {
          id: 'at-planting',
          field: 'applyOn',
          words:
            'It goes into the furrow with the seed: give the day of planting. It acts from emergence, and greens no crop that stands already.',
          stops: false,
          source: 'common practice',
          mark: 'C',
        },
      ]
    : []

/** Below this pH of the mix a plant that takes iron easily is not drenched with it. */
const drenchFromPH = 6.5
/** Geraniums, marigolds and their like take up so much iron from an acid mix that it poisons them. */
function easyTakerProblems(work: PlannedWork): readonly WorkProblem[] {
  const { context, route, sourceId, ground } = work
  const isDrench = context === 'container' && route === 'soil'
  if (!isDrench || !ground.takesIronEasily || findSource(sourceId).nutrient !== 'Fe') return []
  if (ground.pH !== undefined && ground.pH >= drenchFromPH) return []
  const known =
    ground.pH === undefined
      ? 'the pH of the mix is not measured'
      : `the mix stands at pH ${formatDecimals(ground.pH, 1)}`
  return [
    {
      id: 'takes-iron-easily',
      field: 'sourceId',
      words: `This plant takes iron easily, and ${known}: under pH ${formatDecimals(drenchFromPH, 1)} a drench bronzes and spots it. Measure the mix, or say why.`,
      stops: false,
      source: 'greenhouse bulletins, from memory',
      mark: 'M',
      reason: reasonOf(work),
    },
  ]
}

/** What raises the pH of ground that is not too acid. */
function groundProblems({ route, sourceId, ground }: PlannedWork): readonly WorkProblem[] {
  const { pH, plantPH } = ground
  const against =
    route === 'soil'
      ? againstRaising(sourceId, pH === undefined ? undefined : { pH }, plantPH)
      : undefined
  return against ? [{ id: 'raises-pH', field: 'sourceId', stops: true, ...against }] : []
}

/** What stops stands first, then what asks for an answer. */
const weight = ({ stops, reason }: WorkProblem): number =>
  2 * Number(stops) + Number(reason === 'wanted')

/**
 * Everything that a careful person would stop at before a piece of work is planned, what stops it
 * first. The same judgement is made on screen and on the server.
 */
export function judgeWork(work: PlannedWork): readonly WorkProblem[] {
  const dose = (work.doseWarnings ?? []).map((warning): WorkProblem => ({
    ...warning,
    field: warning.id === 'salt-with-fish' ? 'sourceId' : 'rateValue',
  }))
  return [
    ...labelProblems(work),
    ...groundProblems(work),
    ...mixProblems(work),
    ...plantingProblems(work),
    ...easyTakerProblems(work),
    ...partnerProblems(work),
    ...washedProblems(work),
    ...dose,
  ].toSorted((a, b) => weight(b) - weight(a))
}
