import { CoreError } from '../../base/error/index.ts'
import {
  creditOf,
  effortOf,
  nextChecks,
  settlingOf,
  worth,
  type Cause,
  type Verdict,
} from '../diagnosis/index.ts'
import { choosing, good } from './data/drill-figures.ts'
import { drillKinds } from './data/kinds.ts'
import { causeOf, drilledCauses, type DrilledCase, type DrilledPlant } from './draw-case.ts'
import { checksFor, judgePlant, knownAfter, shareOf } from './judge-plant.ts'

/** How one went about a case, and what it came to. */
export interface Went {
  /** The cause that was treated for. */
  readonly saidId: string
  /** Checks made, in their order. */
  readonly asked: readonly string[]
  /** How far the treatment is right: of two causes, either treats half [1]. */
  readonly right: number
  /** Effort of the checks, and what the treatment does not mend [money]. */
  readonly loss: number
}

/** What an answer came to, beside what a good practitioner would have spent and gained. */
export interface DrillScore {
  readonly truth: readonly string[]
  readonly went: Went
  readonly good: Went
  /** Loss above that of the good practitioner; below 0: it was done better [money]. */
  readonly regret: number
  /** What could be said. */
  readonly offered: readonly string[]
  /** By plant, then by what could be said: how likely, to who goes by the engine, at what was known [1]. */
  readonly shares: readonly (readonly number[])[]
}

/** Where it is asked which plant, the cause asked for is that of the plant pointed at. */
export const plantOfCause = (
  plants: readonly DrilledPlant[],
  causeId: string,
): DrilledPlant | undefined => plants.find(({ causes }) => causes.some(({ id }) => id === causeId))

/** Checks that can be made of a case: where a plant is only looked at, none. */
export const checksOf = ({ spec }: DrilledCase) =>
  spec.kind === 'case' ? checksFor(spec.context) : []

/**
 * What can be said of a case: the causes of its plants, or the truth with what looks likest and what is commonest, or every
 * cause of the kind of stand; by their names, so that the order tells nothing.
 */
export function offeredIn({ spec, setting, plants }: DrilledCase): readonly Cause[] {
  const byName = (causes: readonly Cause[]) =>
    causes.toSorted((a, b) => a.name.localeCompare(b.name))
  const { offers } = drillKinds[spec.kind]
  const [first] = plants
  if (spec.kind === 'leaf') return plants.flatMap(({ causes }) => causes.slice(0, 1))
  if (offers === null || !first) return byName(drilledCauses(spec.context))
  const drilled = drilledCauses(spec.context).map(({ id }) => id)
  const sure = [spec.causeId, ...(spec.against === null ? [] : [spec.against])]
  const likest = judgePlant(setting, first)
    .involved.map(({ cause }) => cause.id)
    .filter((id) => drilled.includes(id))
  // What is commonly met is always among them: who takes unlike things for each other is found too.
  const common = drilled.slice(0, choosing.firstInPlay.value)
  return byName([...new Set([...sure, ...common, ...likest])].slice(0, offers).map(causeOf))
}

/** What checks cost together: what is done on the spot is done in one go, what is sent away goes each by itself. */
function effortOfAll(drilled: DrilledCase, asked: readonly string[]): number {
  const made = checksOf(drilled).filter(({ id }) => asked.includes(id))
  const onTheSpot = made.filter(({ days }) => days === 0).length
  const oneGo = Math.max(0, onTheSpot - 1) * worth.start.value
  return made.reduce((sum, check) => sum + effortOf(check), 0) - oneGo
}

function cameTo(drilled: DrilledCase, saidId: string, asked: readonly string[]): Went {
  const { spec, plants } = drilled
  const right =
    spec.kind === 'leaf'
      ? creditOf(causeOf(spec.causeId).treatment, [causeOf(saidId)])
      : creditOf(causeOf(saidId).treatment, plants[0]?.causes ?? [])
  const loss = effortOfAll(drilled, asked) + (1 - right) * good.wrongTreatment.value
  return { saidId, asked, right, loss }
}

/** Checks that a good practitioner makes: the first of the list while it is worth its effort. */
function askWell(drilled: DrilledCase, plant: DrilledPlant): { asked: string[]; verdict: Verdict } {
  const asked: string[] = []
  let verdict = judgePlant(drilled.setting, plant)
  while (asked.length < good.mostChecks.value && settlingOf(verdict).state !== 'settled') {
    const known = knownAfter(plant, asked)
    const next = nextChecks(verdict).find(
      ({ check }) => !asked.includes(check.id) && check.reveals.some((name) => !known.has(name)),
    )
    if (!next || next.gainForEffort < good.gainForEffort.value) break
    asked.push(next.check.id)
    verdict = judgePlant(drilled.setting, plant, asked)
  }
  return { asked, verdict }
}

/** What one who goes by the engine says: what treats the likeliest best, of what can be said. */
function saysWell(verdict: Verdict, offered: readonly Cause[]): string {
  const credit = ({ treatment }: Cause) =>
    verdict.ranked.reduce(
      (sum, { probability, causes }) => sum + probability * creditOf(treatment, causes),
      0,
    )
  const best = offered
    .map((cause) => ({ cause, credit: credit(cause), share: shareOf(verdict, cause.id) }))
    .toSorted((a, b) => b.credit - a.credit || b.share - a.share)
  return best[0]?.cause.id ?? ''
}

/**
 * How a good practitioner goes about a case: by the engine's verdict and its next checks, without
 * knowing what is true. It errs as the engine errs.
 */
export function goWell(drilled: DrilledCase): Went {
  const { spec, setting, plants } = drilled
  if (spec.kind === 'leaf') {
    const shares = plants.map((plant) => ({
      saidId: plant.causes[0]?.id ?? '',
      share: shareOf(judgePlant(setting, plant), spec.causeId),
    }))
    const [best] = shares.toSorted((a, b) => b.share - a.share)
    return cameTo(drilled, best?.saidId ?? '', [])
  }
  const [plant] = plants
  if (!plant) throw new Error('a case has a plant')
  const offered = offeredIn(drilled)
  if (spec.kind !== 'case')
    return cameTo(drilled, saysWell(judgePlant(setting, plant), offered), [])
  const { asked, verdict } = askWell(drilled, plant)
  return cameTo(drilled, saysWell(verdict, offered), asked)
}

/**
 * What an answer came to: money, minutes and days of the checks and the loss by a wrong treatment,
 * above what a good practitioner would have lost in the same case.
 * @throws {CoreError} not-applicable for a cause that could not be said
 * @source regret as the loss above that of a rule of decision (Savage 1951); worths as in the checks (J)
 */
export function scoreDrill(
  drilled: DrilledCase,
  saidId: string,
  asked: readonly string[],
): DrillScore {
  const { spec, setting, plants } = drilled
  const offered = offeredIn(drilled).map(({ id }) => id)
  if (!offered.includes(saidId)) {
    throw new CoreError('cause-not-offered', { parameter: 'saidId', received: saidId })
  }
  const made = checksOf(drilled).map(({ id }) => id).filter((id) => asked.includes(id)) // prettier-ignore
  const went = cameTo(drilled, saidId, made)
  const best = goWell(drilled)
  const truth =
    spec.kind === 'leaf' ? [spec.causeId] : (plants[0]?.causes ?? []).map(({ id }) => id)
  const shares = plants.map((plant) => {
    const verdict = judgePlant(setting, plant, made)
    return offered.map((id) => shareOf(verdict, id))
  })
  return { truth, went, good: best, regret: went.loss - best.loss, offered, shares }
}
