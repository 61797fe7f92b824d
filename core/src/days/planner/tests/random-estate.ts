import { randomLcg } from 'd3-random'
import { addDays, type Day } from '../../../base/calendar/index.ts'
import { weatherWorks, type WeatherWork } from '../../weather/index.ts'
import type { Follow, PlanDay, PlanFrame, PlanStand, PlanStock, Task } from '../task.ts'

export interface RandomEstate {
  readonly frame: PlanFrame
  readonly tasks: readonly Task[]
}

export interface EstateShape {
  readonly stands: number
  readonly tasksPerStand: number
  readonly days: number
}

/** An invented estate with more wants than it can have: narrow windows, short hours, little stock. */
export function randomEstate(
  seed: number,
  { stands: standCount, tasksPerStand, days: dayCount }: EstateShape = {
    stands: 3,
    tasksPerStand: 4,
    days: 40,
  },
): RandomEstate {
  const draw = randomLcg(((seed * 2654435761) % 4294967296) / 4294967296)
  const upTo = (count: number) => Math.floor(draw() * count)
  const pick = <Value>(values: readonly Value[]): Value => values[upTo(values.length)] as Value
  const first: Day = addDays('2027-03-01', upTo(300))
  const onDay = (index: number) => addDays(first, index)
  const weekdays = (share: number) => [1, 2, 3, 4, 5, 6, 7].filter(() => draw() < share)
  const works = (of: () => number) =>
    Object.fromEntries(weatherWorks.map((work) => [work, of()])) as Record<WeatherWork, number>

  const days = Array.from({ length: dayCount }, (_, index): PlanDay => ({
    day: onDay(index),
    chance: { ...works(() => 1), leaf: draw() < 0.4 ? draw() * 0.3 : 0.5 + draw() / 2 },
    washOff: { ...works(() => 0), leaf: draw() * 0.15 },
    against: {},
    meanC: 4 + draw() * 16,
  }))
  const stands = Array.from({ length: standCount }, (_, index): PlanStand => ({
    id: `stand ${index}`,
    name: `Stand ${index}`,
    isTurf: draw() < 0.6,
    mowingDays: weekdays(0.25),
    wateringDays: weekdays(0.2),
    growthBaseC: pick([0, 10]),
    seasonLeft: Object.fromEntries(
      ['2027', '2028'].map((season) => [season, { Fe: 4 + draw() * 20, S: 60 + draw() * 200 }]),
    ),
  }))
  const stock = [0, 1].map((index): PlanStock => ({
    productId: `product ${index}`,
    name: `Product ${index}`,
    kg: draw() * 30,
    deliveries: [{ day: onDay(10 + upTo(20)), kg: draw() * 20 }],
  }))
  const tasks = stands.flatMap((stand) => {
    const ids = Array.from({ length: tasksPerStand }, (_, index) => `${stand.id} job ${index}`)
    return ids.map((id, index): Task => {
      const work = pick(['leaf', 'leaf', 'drench', 'granules', 'look'] as const)
      const wantedAt = upTo(dayCount)
      const isApply = work !== 'look'
      const gap = pick<Follow['gap']>([
        { by: 'days', least: upTo(4), most: draw() < 0.5 ? 4 + upTo(14) : undefined },
        { by: 'growth', least: upTo(60), most: undefined },
        { by: 'mowings', least: upTo(3), most: undefined },
      ])
      const before = ids[index - 1]
      const follows =
        before && draw() < 0.6 ? [{ taskId: before, gap, why: 'one after the other' }] : []
      return {
        id,
        standId: stand.id,
        kind: isApply ? 'apply' : 'look',
        title: id,
        work,
        wanted: onDay(wantedAt),
        wantedAfter:
          before && follows.length > 0 && draw() < 0.5
            ? { taskId: before, days: upTo(12) }
            : undefined,
        earliest: onDay(Math.max(0, wantedAt - upTo(8))),
        latest: onDay(Math.min(dayCount - 1, wantedAt + 4 + upTo(24))),
        hours: 0.5 + draw() * 4,
        equipmentId: work === 'leaf' ? pick(['sprayer 0', 'sprayer 1']) : undefined,
        tripKey: `${work} ${upTo(2)}`,
        productId: isApply ? pick(['product 0', 'product 1']) : undefined,
        productKg: isApply ? 1 + draw() * 9 : 0,
        nutrientsKgPerHa: isApply ? { Fe: draw() * 5, S: draw() * 50 } : {},
        latePerDay: draw() * 8,
        earlyPerDay: draw(),
        redoCost: 10 + draw() * 60,
        skipCost: 300 + draw() * 600,
        follows,
        isFertiliser: isApply && draw() < 0.9,
        lockedOn: undefined,
      }
    })
  })
  const blackoutFrom = upTo(dayCount)
  return {
    frame: {
      system: 'metric',
      days,
      stands,
      stock,
      blackouts: [
        { from: onDay(blackoutFrom), to: onDay(blackoutFrom + upTo(8)), words: 'a rule' },
      ],
      crewHours: [8, 8, 8, 8, 8, draw() < 0.5 ? 4 : 0, 0],
      equipmentHours: 6,
      tripCost: 5 + draw() * 30,
    },
    tasks,
  }
}
