import { climates, type Climate } from '@spudder/contract/place'
import { addDays, daysBetween, type Day } from '@spudder/core/base/calendar'
import {
  earliestFit,
  factsOf,
  fixedIntervals,
  planCost,
  planSeason,
  type Assignment,
  type Solver,
} from '@spudder/core/days/planner'
import { seasonEstate, type SeasonEstate } from './season-estate.ts'

export const policies = ['planned', 'earliest fit', 'fixed intervals'] as const
export type Policy = (typeof policies)[number]

/** What each way of planning comes to, by expectation and in the weather that came. */
export interface SeasonComparison {
  readonly climate: Climate
  readonly expected: Readonly<Record<Policy, number>>
  readonly came: Readonly<Record<Policy, number>>
}

const longestWait = 50

/**
 * Plays a plan in the weather that came: a spray whose day turns out unfit waits for the next fit
 * one, at the cost of a start in vain and of being late; the rest of the plan stays.
 */
function played({ frame, tasks, cameFit }: SeasonEstate, plan: Assignment): number {
  let loss = 0
  const trips = new Set<string>()
  const doneOn = new Map<string, Day>()
  for (const task of tasks) {
    const planned = plan.get(task.id)
    if (planned === undefined) {
      loss += task.skipCost
      continue
    }
    let day = planned
    for (let waited = 0; task.work === 'leaf' && !cameFit(day) && waited < longestWait; waited++) {
      day = addDays(day, 1)
    }
    if (day !== planned) loss += frame.tripCost / 2
    doneOn.set(task.id, day)
    const before = task.wantedAfter && doneOn.get(task.wantedAfter.taskId)
    const wanted = before ? addDays(before, task.wantedAfter?.days ?? 0) : task.wanted
    const by = daysBetween(wanted, day)
    loss += Math.max(0, by) * task.latePerDay + Math.max(0, -by) * task.earlyPerDay
    trips.add(`${day} ${task.tripKey}`)
  }
  return loss + trips.size * frame.tripCost
}

/** Plans seasons in three ways on the same weather. */
export async function compareSeasons(solve: Solver, seeds: number): Promise<SeasonComparison[]> {
  const compared: SeasonComparison[] = []
  for (const climate of climates) {
    for (let seed = 1; seed <= seeds; seed++) {
      const estate = await seasonEstate(climate, seed)
      const facts = factsOf(estate.frame)
      const plans: Record<Policy, Assignment> = {
        planned: planSeason(estate.frame, estate.tasks, solve, {
          limits: { seconds: 6, gap: 0.003 },
        }).plan,
        'earliest fit': earliestFit(facts, estate.tasks),
        'fixed intervals': fixedIntervals(facts, estate.tasks),
      }
      const each = (of: (plan: Assignment) => number) =>
        Object.fromEntries(policies.map((name) => [name, of(plans[name])])) as Record<
          Policy,
          number
        >
      compared.push({
        climate,
        expected: each((plan) => planCost(facts, estate.tasks, plan).total),
        came: each((plan) => played(estate, plan)),
      })
    }
  }
  return compared
}

const mean = (values: readonly number[]) =>
  values.reduce((sum, value) => sum + value, 0) / Math.max(1, values.length)

/** The comparison as a page, by climate. */
export function seasonPage(compared: readonly SeasonComparison[], seeds: number): string {
  const rows = climates.map((climate) => {
    const own = compared.filter((each) => each.climate === climate)
    const cells = (of: 'expected' | 'came') =>
      policies.map((policy) => Math.round(mean(own.map((each) => each[of][policy]))))
    return `| ${climate} | ${[...cells('expected'), ...cells('came')].join(' | ')} |`
  })
  const all = (of: 'expected' | 'came', policy: Policy) =>
    mean(compared.map((each) => each[of][policy]))
  const less = (of: 'expected' | 'came', policy: Policy) =>
    `${Math.round((1 - all(of, 'planned') / all(of, policy)) * 100)} %`
  const worse = compared.filter(({ came }) => came.planned > Math.min(came['earliest fit'], came['fixed intervals'])).length // prettier-ignore
  return [
    '# Seasons planned in three ways',
    '',
    'Made by `npm run calibrate`. Invented estates: eight stands, seven sprays and looks each, one boom, a crew of',
    `eight hours on weekdays, mowing, watering and a week of blackout; ${seeds} seasons in each climate of the weather`,
    'stand-in. All three ways know the same on the first day, a fortnight foretold and then what such days usually',
    'are, and keep the same rules. Money is that of the figures in `core/src/days/planner/data`, which are judgement.',
    '',
    '![Loss of three ways of planning](figures/season-plans.svg)',
    '',
    '| climate | expected: planned | earliest fit | fixed intervals | as it came: planned | earliest fit | fixed intervals |',
    '| --- | ---: | ---: | ---: | ---: | ---: | ---: |',
    ...rows,
    '',
    `By expectation the plan loses ${less('expected', 'earliest fit')} less than earliest fit and ${less('expected', 'fixed intervals')} less than fixed`,
    `intervals. Played in the weather that came, each plan staying as it was made and a spray waiting for the next fit`,
    `day, it loses ${less('came', 'earliest fit')} and ${less('came', 'fixed intervals')} less; in ${worse} of ${compared.length} seasons one of the others was better, as luck has it.`,
    'In use the plan is made anew whenever the forecast changes, which this comparison leaves out for all three.',
    '',
  ].join('\n')
}
