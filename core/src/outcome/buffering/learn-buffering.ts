import { daysBetween, dayWords, type Day } from '../../base/calendar/index.ts'
import {
  tenthDeviation,
  type Derivation,
  type DerivationInput,
} from '../../base/reference/index.ts'
import { learnMean, learntOf, type LearntMean, type SeenOnce } from '../../base/statistics/index.ts'
import { formatDecimals, formatNumber } from '../../base/writing/index.ts'
import type { AcidGround } from '../../soil/acid-plan/index.ts'
import type { BufferSaid } from '../../soil/pH-path/index.ts'
import { betweenPlaces, halfForgotten, planStrays, scalesWorth } from './data/buffering-figures.ts'
import type { TaughtPlan } from './taught-plan.ts'

/**
 * What is thought of how far figured buffering is off before anybody tested again, in its own doubts:
 * nothing on the whole, part of it shared by all ground of a place, the rest by stand.
 */
const thoughtBefore = {
  mean: 0,
  deviation: Math.sqrt(betweenPlaces.value),
  groupScale: Math.sqrt(1 - betweenPlaces.value),
  timeScale: planStrays.value,
  scalesWorth: scalesWorth.value,
  halfLife: halfForgotten.value,
}

/** Of which ground it is asked. */
export interface BufferAsked {
  readonly standId: string
  /** What is figured of it from what was measured. */
  readonly figured: BufferSaid
  readonly on: Day
}

/** What was learnt of the buffering of a stand. */
export interface BufferHere extends BufferSaid {
  /** How far what is figured is off, in its doubts [1]. */
  readonly learnt: LearntMean
  /** Plans that it rests on: those of the stand, and those of others. */
  readonly plans: readonly TaughtPlan[]
}

function seenOf(plan: TaughtPlan, { standId, figured, on }: BufferAsked): SeenOnce[] {
  if (!plan.said) return []
  // What was said of this very ground stands beside what is figured of it now, whatever was then.
  const beside = plan.standId === standId ? figured : plan.figured
  const last = plan.retests.at(-1)?.day ?? plan.startsOn
  return [
    {
      group: plan.standId,
      value: Math.log(plan.said.mmolPerKg / beside.mmolPerKg) / beside.doubt,
      deviation: plan.said.doubt / beside.doubt,
      age: daysBetween(last, on),
    },
  ]
}

/**
 * How the ground of a stand holds its pH by what retests showed there and elsewhere at the place, drawn to
 * what is figured as far as that is surer.
 * @param plans of one place
 * @returns undefined where no retest said anything of it
 * @source a hierarchical normal model, as {@link learnMean}
 */
export function learnBuffering(
  plans: readonly TaughtPlan[],
  asked: BufferAsked,
): BufferHere | undefined {
  const taught = plans.filter(({ said, startsOn }) => said && startsOn <= asked.on)
  if (taught.length === 0 || asked.figured.doubt === 0) return undefined
  const learnt = learnMean(
    taught.flatMap((plan) => seenOf(plan, asked)),
    thoughtBefore,
  )
  const { mean, deviation } = learntOf(learnt, asked.standId).own
  const { mmolPerKg, doubt } = asked.figured
  return {
    mmolPerKg: mmolPerKg * Math.exp(doubt * mean),
    doubt: doubt * deviation,
    learnt,
    plans: taught,
  }
}

/** A buffering with its doubt: "31 mmol/kg for one pH, 24 to 40". */
export function bufferWords({ mmolPerKg, doubt }: BufferSaid): string {
  const factor = Math.exp(tenthDeviation * doubt)
  const [low, high] = [mmolPerKg / factor, mmolPerKg * factor].map((each) => formatNumber(each, 2))
  return `${formatNumber(mmolPerKg, 2)} mmol/kg for one pH, ${low} to ${high}`
}

/** What retests said, beside what was figured: where that is less sure, its figure alone would mislead. */
export function saidWords(said: BufferSaid, figured: BufferSaid): string {
  if (said.doubt <= figured.doubt) return bufferWords(said)
  const way = said.mmolPerKg < figured.mmolPerKg ? 'less' : 'more'
  return `points to ${way}, less surely than what is figured`
}

const counted = (count: number, one: string): string => `${count} ${one}${count === 1 ? '' : 's'}`

/**
 * How the buffering of a stand was learnt: from what is figured, what its own retests said, and what all
 * ground of the place taught.
 * @param inputs from which it was figured
 */
export const bufferDerivation = (
  here: BufferHere,
  { standId, figured }: Pick<BufferAsked, 'standId' | 'figured'>,
  inputs: readonly DerivationInput[] = [],
): Derivation => ({
  figure: 'Acid for one pH, as this place taught',
  formula:
    'what is figured from what was measured of the ground, drawn to what retests of plans showed: those of this stand, and as far as ground of one place is alike, those of others',
  inputs: [
    ...inputs,
    { label: 'figured from what was measured', value: bufferWords(figured) },
    ...here.plans.flatMap(({ said, startsOn, retests, ...plan }) =>
      said && plan.standId === standId
        ? {
            label: `${counted(retests.length, 'retest')} of the plan of ${dayWords(startsOn)}`,
            value: saidWords(said, plan.figured),
          }
        : [],
    ),
    {
      label: 'ground of this place, in doubts of what was figured',
      value: `${formatDecimals(here.learnt.after.mean, 2)} ± ${formatDecimals(here.learnt.after.deviation, 2)}, of ${counted(here.plans.length, 'plan')}`,
    },
    {
      label: 'of the doubt of what is figured is shared by ground of a place',
      value: `${formatNumber(100 * betweenPlaces.value, 2)} in 100; plans on one ground stray by ${formatNumber(planStrays.value, 2)} of it`,
    },
  ],
  result: bufferWords(here),
  source:
    'from this place; a hierarchical normal model, Gelman et al., Bayesian Data Analysis; what would change it: a pH tested again under a plan, or striking one out',
  mark: 'D',
})

/**
 * Ground that holds its pH as retests showed, instead of as was figured from what was measured of it.
 * @param plans of the place; none that is being followed, since its retests teach its path anyway
 */
export function groundAsLearnt(
  ground: AcidGround,
  plans: readonly TaughtPlan[],
  { standId, on }: Pick<BufferAsked, 'standId' | 'on'>,
): AcidGround {
  const { buffer } = ground
  const here = learnBuffering(plans, { standId, figured: buffer, on })
  if (!here) return ground
  const { mmolPerKg, doubt } = here
  const derivation = bufferDerivation(here, { standId, figured: buffer }, buffer.derivation.inputs)
  return { ...ground, buffer: { ...buffer, mmolPerKg, doubt, derivation } }
}
