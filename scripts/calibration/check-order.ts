import {
  nextChecks,
  settlingOf,
  worth,
  type Check,
  type FeatureName,
} from '@spudder/core/diagnosis'
import { DrawnWorld, judgeDrawn } from '@spudder/core/diagnosis/testing'
import { contextNames } from '@spudder/core/plant'

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

const mostChecks = 60

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

interface Settled {
  readonly checks: number
  readonly money: number
  readonly days: number
  readonly isRight: boolean
}

function settle(
  world: DrawnWorld,
  truth: number,
  order: CheckOrder,
  listed: readonly string[],
): Settled {
  const drawn = new Map<FeatureName, string>()
  const reveal = (name: FeatureName) => drawn.set(name, world.drawValue(name, truth, drawn))
  reveal('pattern')
  let [made, money, days] = [0, 0, 0]
  for (;;) {
    const verdict = judgeDrawn(world.setting, drawn)
    const { state, treatment } = settlingOf(verdict)
    const open = made < mostChecks && state !== 'settled' ? nextChecks(verdict) : []
    const check = choose(order, open, listed, world.chance())
    if (!check) {
      const causes = world.hypotheses[truth]?.causes ?? []
      const isRight = causes.some((cause) => cause.treatment === treatment)
      return { checks: made, money, days, isRight }
    }
    for (const name of check.reveals) if (!drawn.has(name)) reveal(name)
    made += 1
    money += check.money + check.minutes * worth.minute.value
    days += check.days
  }
}

/** Settles the same number of cases by each order of checks. */
export function compareOrders(
  cases: number,
  offBy: number,
  listed: readonly string[],
): readonly OrderResult[] {
  return checkOrders.map((order) => {
    const settled = Array.from({ length: cases }, (_, index) => {
      const context = contextNames[index % contextNames.length] ?? 'turf'
      const world = new DrawnWorld(
        context,
        context === 'turf',
        (index * 0.754877 + 0.05) % 1,
        offBy,
      )
      return settle(world, world.drawTruth(), order, listed)
    })
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
