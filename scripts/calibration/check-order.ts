import {
  beginningOf,
  nextChecks,
  settlingOf,
  worth,
  type Cause,
  type Check,
  type FeatureName,
} from '@spudder/core/verdict/diagnosis'
import { DrawnWorld, judgeKnown } from '@spudder/core/verdict/diagnosis'
import { contextNames } from '@spudder/core/stand/plant'

/** Ways to choose the next check. */
const checkOrders = ['ranked', 'fixed', 'random'] as const
export type CheckOrder = (typeof checkOrders)[number]

/** What it took to settle cases by one order, as means over them. */
export interface OrderResult {
  readonly order: CheckOrder
  readonly checks: number
  /** Money and minutes, in the money of the place. */
  readonly money: number
  readonly days: number
  /** Share of cases in which the remedy thought best at the end was a right one. */
  readonly right: number
}

/** The list as it stands is the fixed order: looks first, then kits, then the laboratory. */
function choose(
  order: CheckOrder,
  open: ReturnType<typeof nextChecks>,
  listed: readonly string[],
  chance: number,
): Check | undefined {
  if (order === 'ranked') return open[0]?.check
  if (order === 'random') return open[Math.floor(chance * open.length)]?.check
  return open.toSorted((a, b) => listed.indexOf(a.check.id) - listed.indexOf(b.check.id))[0]?.check
}

/** A drawn case: what is true of it, and what every check would answer. */
interface DrawnCase {
  readonly world: DrawnWorld
  readonly causes: readonly Cause[]
  readonly answers: ReadonlyMap<FeatureName, string>
}

const stateOf = (world: DrawnWorld, known: ReadonlyMap<FeatureName, string>) =>
  settlingOf(judgeKnown({ setting: world.setting, known }))

/** Cases that can be settled at all: by everything there is to find out. */
function drawSettleable(count: number, offBy: number): readonly DrawnCase[] {
  const drawn: DrawnCase[] = []
  for (let number = 0; drawn.length < count; number += 1) {
    const context = contextNames[number % contextNames.length] ?? 'turf'
    const seed = (number * 0.754877 + 0.05) % 1
    const world = new DrawnWorld(context, context === 'turf' ? 'blade' : 'broad', seed, offBy)
    const truth = world.drawTruth()
    const answers = world.drawEverything(truth)
    if (stateOf(world, answers).state !== 'settled') continue
    drawn.push({ world, causes: world.hypotheses[truth]?.causes ?? [], answers })
  }
  return drawn
}

interface Settled {
  readonly checks: number
  readonly money: number
  readonly days: number
  readonly isRight: boolean
}

/** Makes checks in an order until one may act. */
function settle(
  { world, causes, answers }: DrawnCase,
  order: CheckOrder,
  listed: readonly string[],
): Settled {
  const known = new Map<FeatureName, string>()
  const reveal = (name: FeatureName) => {
    const value = answers.get(name)
    if (value !== undefined) known.set(name, value)
  }
  reveal('pattern')
  let [made, money, days] = [0, 0, 0]
  for (;;) {
    const verdict = judgeKnown({ setting: world.setting, known })
    const { state, treatment } = settlingOf(verdict)
    const open = state === 'settled' ? [] : nextChecks(verdict)
    const check = choose(order, open, listed, world.chance())
    if (!check) {
      const isRight = causes.some((cause) => beginningOf(cause.treatment) === treatment)
      return { checks: made, money, days, isRight }
    }
    check.reveals.forEach(reveal)
    made += 1
    money += check.money + check.minutes * worth.minute.value
    days += check.days
  }
}

/** Settles the same cases, with the same answers, by each order of checks. */
export function compareOrders(
  cases: number,
  offBy: number,
  listed: readonly string[],
): readonly OrderResult[] {
  const drawn = drawSettleable(cases, offBy)
  return checkOrders.map((order) => {
    const settled = drawn.map((each) => settle(each, order, listed))
    const mean = (of: (each: Settled) => number) =>
      settled.reduce((sum, each) => sum + of(each), 0) / cases
    return {
      order,
      checks: mean(({ checks }) => checks),
      money: mean(({ money }) => money),
      days: mean(({ days }) => days),
      right: mean(({ isRight }) => (isRight ? 1 : 0)),
    }
  })
}
