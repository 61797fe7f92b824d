import { describe, expect, it } from 'vitest'
import { addDays } from '../../base/calendar/index.ts'
import { factsOf } from './calendar-facts.ts'
import { planSeason } from './plan-season.ts'
import { effectOfMove, movesBetween, reasonsFor } from './reasons.ts'
import { breachesOf, type Rule } from './rules.ts'
import { earliestFit } from './simple-plans.ts'
import { stockForecast } from './stock-forecast.ts'
import type { PlanFrame, Task } from './task.ts'
import { fairDay, fairFrame, firstDay, lawn, look, rainyDay, spray } from './tests/one-lawn.ts'
import { solve } from './tests/solver-of-tests.ts'

const on = (index: number) => addDays(firstDay, index)
const planned = (frame: PlanFrame, tasks: readonly Task[]) => {
  const { plan, breaches } = planSeason(frame, tasks, solve)
  expect(breaches).toEqual([])
  const facts = factsOf(frame)
  const why = (id: string) => {
    const task = tasks.find((each) => each.id === id)
    return task ? reasonsFor(facts, tasks, plan, task).join(' ') : ''
  }
  return { plan, why, facts }
}

describe('a plan', () => {
  it('puts a job on the day on which it is wanted where nothing stands against it', () => {
    const { plan, why } = planned(fairFrame(), [spray({ wanted: on(3) })])
    expect(plan.get('spray')).toBe(on(3))
    expect(why('spray')).toMatch(/^The day on which it is wanted\. Fit hours are 100 % likely\./)
  })

  it('moves a leaf spray from tomorrow, when it rains, and says why; a drench stays', () => {
    const days = fairFrame().days.map((day, index) => (index === 1 ? rainyDay(1) : day))
    const frame = fairFrame({ days })
    const tasks = [
      spray({ wanted: on(1) }),
      spray({ id: 'drench', work: 'drench', wanted: on(1), standId: 'bed', tripKey: 'can' }),
    ]
    const { plan, why, facts } = planned(frame, tasks)
    expect([on(0), on(2)]).toContain(plan.get('spray'))
    expect(plan.get('drench')).toBe(on(1))
    expect(why('spray')).toMatch(
      /4 May: rain within 4 h washes it off \(10 % chance of fit hours\)/,
    )
    const before = new Map(tasks.map(({ id }) => [id, on(1)]))
    const moves = movesBetween(facts, tasks, { before, after: plan })
    expect(moves.map(({ task, from }) => [task.id, from])).toEqual([['spray', on(1)]])
    expect(moves[0]?.reasons.length).toBeGreaterThan(0)
  })

  it('keeps a held job where it is, rain or not, and says so', () => {
    const days = fairFrame().days.map((day, index) => (index === 1 ? rainyDay(1) : day))
    const { plan, why } = planned(fairFrame({ days }), [spray({ lockedOn: on(1) })])
    expect(plan.get('spray')).toBe(on(1))
    expect(why('spray')).toBe('You hold it on 4 May 2027.')
  })

  it('waits for nothing that costs more than it saves: looks share a walk, late greening does not wait', () => {
    const looks = [
      look({ id: 'one' }),
      look({ id: 'two', wanted: on(1), latePerDay: 0.5, earlyPerDay: 0.5 }),
    ]
    const { plan, why } = planned(fairFrame(), looks)
    expect(plan.get('two')).toBe(plan.get('one'))
    expect(why('two')).toMatch(/One trip with Lawn/)
    const dear = [
      look({ id: 'one' }),
      look({ id: 'two', wanted: on(4), latePerDay: 50, earlyPerDay: 50 }),
    ]
    expect(planned(fairFrame(), dear).plan.get('two')).toBe(on(4))
  })

  it('spreads work over days where the crew is short, the dearest first', () => {
    const tasks = ['a', 'b', 'c'].map((id, index) =>
      spray({
        id,
        standId: id,
        hours: 3,
        latePerDay: 5 + index,
        equipmentId: undefined,
        tripKey: id,
      }),
    )
    const { plan } = planned(fairFrame(), tasks)
    expect([plan.get('b'), plan.get('c')]).toEqual([on(0), on(0)])
    expect(plan.get('a')).toBe(on(1))
  })

  it('leaves out what the season or the shelf cannot bear, and says what stands against it', () => {
    const stands = [{ ...lawn, seasonLeft: { '2027': { Fe: 5 } } }]
    const two = ['a', 'b'].map((id) =>
      spray({ id, nutrientsKgPerHa: { Fe: 3 }, follows: [], wanted: on(id === 'a' ? 0 : 9) }),
    )
    const season = planned(fairFrame({ stands }), two)
    expect([...season.plan.values()].filter((day) => day === undefined)).toHaveLength(1)
    const out = season.plan.get('a') === undefined ? 'a' : 'b'
    expect(season.why(out)).toMatch(
      /The season may still bring 5 kg\/ha of Fe; these bring 6 kg\/ha/,
    )
    const stock = [{ productId: 'bag', name: 'Bag', kg: 4, deliveries: [{ day: on(8), kg: 10 }] }]
    const uses = ['a', 'b'].map((id) =>
      spray({ id, productId: 'bag', productKg: 3, wanted: on(id === 'a' ? 0 : 2) }),
    )
    const { plan } = planned(fairFrame({ stock }), uses)
    expect(plan.get('b')).toBe(on(8))
  })
})

describe('what comes before what', () => {
  const first = spray({ latest: on(30) })
  const after = (gap: Task['follows'][number]['gap'], change: Partial<Task> = {}) =>
    spray({
      id: 'next',
      follows: [{ taskId: 'spray', gap, why: 'one after the other' }],
      latest: on(40),
      ...change,
    })
  const apart = (frame: PlanFrame, second: Task) => {
    const { plan, facts } = planned(frame, [first, second])
    return (
      (facts.indexOf.get(plan.get('next') ?? '') ?? -1) -
      (facts.indexOf.get(plan.get('spray') ?? '') ?? -1)
    )
  }

  it('counts days, growth or mowings', () => {
    expect(apart(fairFrame(), after({ by: 'days', least: 14 }))).toBe(14)
    // 15 °C d a day over base 0: 310 take 21 days.
    expect(apart(fairFrame(), after({ by: 'growth', least: 310 }))).toBe(21)
    const cold = fairFrame().days.map((day, index) =>
      fairDay(index, { meanC: index < 10 ? 5 : 15 }),
    )
    expect(apart(fairFrame({ days: cold }), after({ by: 'growth', least: 310 }))).toBeGreaterThan(
      24,
    )
    const mown = [{ ...lawn, mowingDays: [3] }]
    expect(
      apart(fairFrame({ stands: mown }), after({ by: 'mowings', least: 3 })),
    ).toBeGreaterThanOrEqual(15)
  })

  it('holds the most as well, and a job goes with the one it follows', () => {
    expect(
      apart(
        fairFrame(),
        after({ by: 'days', least: 2, most: 5 }, { wanted: on(20), earlyPerDay: 9 }),
      ),
    ).toBeLessThanOrEqual(5)
    const blackouts = [{ from: on(0), to: on(41), words: 'no fertiliser near the brook' }]
    const looked = look({
      follows: [{ taskId: 'spray', gap: { by: 'days', least: 3 }, why: 'looks after it' }],
    })
    const { plan, why } = planned(fairFrame({ blackouts }), [first, looked])
    expect([plan.get('spray'), plan.get('look')]).toEqual([undefined, undefined])
    expect(why('spray')).toMatch(/No fertiliser may go out: no fertiliser near the brook/)
    expect(why('look')).toMatch(/Ferrous sulfate comes first and is not planned/)
  })
})

describe('rules', () => {
  const broken = (frame: PlanFrame, tasks: readonly Task[], days: readonly number[]) =>
    breachesOf(
      factsOf(frame),
      tasks,
      new Map(tasks.map(({ id }, index) => [id, on(days[index] ?? 0)])),
    )
  const two = [spray({ id: 'a' }), spray({ id: 'b' })]

  it.each<[Rule, Partial<PlanFrame>, readonly Task[], readonly number[], RegExp]>([
    ['window', {}, [spray({ latest: on(4) })], [6], /belongs between 3 May 2027 and 7 May 2027/],
    ['locked', {}, [spray({ lockedOn: on(4) })], [5], /held on 7 May 2027/],
    [
      'blackout',
      { blackouts: [{ from: on(2), to: on(3), words: 'the brook' }] },
      [spray()],
      [3],
      /the brook/,
    ],
    ['mowing', { stands: [{ ...lawn, mowingDays: [2] }] }, [spray()], [0], /mown the day after/],
    ['watering', { stands: [{ ...lawn, wateringDays: [1] }] }, [spray()], [0], /watered that day/],
    [
      'crew',
      { crewHours: [1, 8, 8, 8, 8, 8, 8] },
      [spray()],
      [0],
      /takes 2 h and the crew has 1 h/,
    ],
    ['crew', { crewHours: [3, 8, 8, 8, 8, 8, 8] }, two, [0, 0], /holds 4 h of work/],
    ['equipment', { equipmentHours: 3 }, two, [0, 0], /sprayer would be out for 4 h/],
    ['one-a-day', {}, two, [0, 0], /Two applications on one stand/],
    [
      'stock',
      { stock: [{ productId: 'p', name: 'Bag', kg: 1, deliveries: [] }] },
      [spray({ productId: 'p', productKg: 2 })],
      [0],
      /Bag runs short: 1 kg by then, 2 kg wanted/,
    ],
  ])('%s is broken in words: %j', (rule, change, tasks, days, words) => {
    const breaches = broken(fairFrame(change), tasks, days)
    const [found] = breaches.filter((each) => each.rule === rule)
    expect(found?.words).toMatch(words)
  })

  it('are said in the units of the place', () => {
    const us = {
      system: 'us' as const,
      stands: [{ ...lawn, seasonLeft: { '2027': { Fe: 5 } } }],
      stock: [{ productId: 'p', name: 'Bag', kg: 1, deliveries: [] }],
    }
    const task = spray({ productId: 'p', productKg: 2, nutrientsKgPerHa: { Fe: 6 } })
    const words = broken(fairFrame(us), [task], [0]).map((each) => each.words)
    expect(words).toEqual([
      'The season may still bring 4.46 lb/acre of Fe; these bring 5.35 lb/acre.',
      'Bag runs short: 2.2 lb by then, 4.41 lb wanted.',
    ])
  })

  it('say of a move what it would break, what the weather has against it and what it costs', () => {
    const days = fairFrame().days.map((day, index) => (index === 5 ? rainyDay(5) : day))
    const facts = factsOf(
      fairFrame({ days, blackouts: [{ from: on(7), to: on(9), words: 'the brook' }] }),
    )
    const tasks = [spray()]
    const plan = new Map([['spray', on(0)]])
    const to = (index: number) =>
      effectOfMove(facts, tasks, plan, { taskId: 'spray', day: on(index) })
    expect(to(0)).toEqual({ breaches: [], weather: undefined, adds: 0 })
    expect(to(5).weather).toBe('rain within 4 h washes it off')
    expect(to(5).adds).toBeGreaterThan(25)
    expect(to(8).breaches.map(({ rule }) => rule)).toEqual(['blackout'])
  })
})

describe('limits of input', () => {
  it('wants days, and plans nothing as nothing', () => {
    expect(() => planSeason(fairFrame({ days: [] }), [], solve)).toThrow(/at least one day/)
    expect(planSeason(fairFrame(), [], solve).plan.size).toBe(0)
  })

  it('earliestFit passes by days that are more likely unfit, not those that only may be', () => {
    const days = fairFrame().days.map((day, index) => (index < 2 ? rainyDay(index) : day))
    const facts = factsOf(fairFrame({ days }))
    expect(earliestFit(facts, [spray()]).get('spray')).toBe(on(2))
  })
})

describe('stockForecast', () => {
  const stock = { productId: 'bag', name: 'Bag', kg: 5, deliveries: [{ day: on(10), kg: 2 }] }
  const use = (index: number, productKg: number) => ({
    day: on(index),
    productKg,
    standId: `s${index}`,
  })

  it('tells the first use that finds too little, what is missing and when to order', () => {
    const forecast = stockForecast(stock, [use(12, 4), use(1, 2), use(20, 3)], 7)
    expect(forecast.levels.map(({ kg }) => kg)).toEqual([3, 1, -2])
    expect(forecast).toMatchObject({
      shortOn: on(20),
      shortStandId: 's20',
      missingKg: 2,
      orderBy: on(13),
    })
  })

  it('wants nothing where it lasts, and no lead time below nothing', () => {
    expect(stockForecast(stock, [use(1, 5)], 7)).toMatchObject({
      shortOn: undefined,
      missingKg: 0,
      orderBy: undefined,
    })
    expect(() => stockForecast(stock, [], -1)).toThrow(/0 or more days/)
  })
})
