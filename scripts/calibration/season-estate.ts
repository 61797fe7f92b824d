import type { Climate } from '@spudder/contract/place'
import { addDays, type Day } from '@spudder/core/base/calendar'
import type { PlanDay, PlanFrame, PlanStand, Task } from '@spudder/core/days/planner'
import {
  daysFrom,
  outlookByHours,
  unknownOutlook,
  usualOutlooks,
  weatherWorks,
  type WeatherWork,
  type WorkOutlook,
} from '@spudder/core/days/weather'
import { SimulatedWeather } from '@spudder/sim/weather'
import { randomLcg } from 'd3-random'

const service = new SimulatedWeather()
const horizon = 200
const forecastDays = 14

/** A season of an invented estate, and the weather that then really came. */
export interface SeasonEstate {
  readonly frame: PlanFrame
  readonly tasks: readonly Task[]
  /** Whether a day turned out fit for a leaf spray. */
  readonly cameFit: (day: Day) => boolean
}

type Outlooks = ReadonlyMap<WeatherWork, (day: Day) => WorkOutlook | undefined>

/** What is known of days on the first day of the season: a fortnight foretold, then the usual. */
async function outlooksOf(climate: Climate, placeId: string, today: Day): Promise<Outlooks> {
  const question = { climate, placeId, today }
  const [past, ahead] = await Promise.all([
    service.hours({ ...question, from: addDays(today, -3 * 365), to: addDays(today, -1) }),
    service.hours({ ...question, from: addDays(today, -1), to: addDays(today, forecastDays) }),
  ])
  return new Map(
    weatherWorks.map((work) => {
      const usual = usualOutlooks(outlookByHours(past.days, work, 'metric'))
      const told = outlookByHours(ahead.days, work, 'metric')
      return [work, (day: Day) => told.get(day) ?? usual(day) ?? unknownOutlook]
    }),
  )
}

function sprays(stand: PlanStand, today: Day, draw: () => number): Task[] {
  const first = Math.round(draw() * 14)
  const late = 4 + draw() * 16
  const isSulfur = draw() < 0.5
  return Array.from({ length: 7 }, (_, round): Task[] => {
    const wanted = addDays(today, first + 21 * round)
    const id = `${stand.id} spray ${round}`
    const before = `${stand.id} spray ${round - 1}`
    const spray: Task = {
      id,
      standId: stand.id,
      kind: 'apply',
      title: `Spray ${round + 1}`,
      work: 'leaf',
      wanted,
      earliest: today,
      latest: addDays(wanted, 45),
      ...(round > 0 ? { wantedAfter: { taskId: before, days: 21 } } : {}),
      hours: 1 + draw() * 2,
      equipmentId: 'boom',
      tripKey: isSulfur ? 'boom sulfate' : 'boom chelate',
      productKg: 0,
      nutrientsKgPerHa: {},
      latePerDay: late,
      earlyPerDay: 2,
      redoCost: 35,
      skipCost: 120 * late,
      follows:
        round > 0
          ? [{ taskId: before, gap: { by: 'days', least: 14, most: 42 }, why: 'repeat' }]
          : [],
      isFertiliser: true,
    }
    const look: Task = {
      ...spray,
      id: `${stand.id} look ${round}`,
      kind: 'look',
      title: `Look ${round + 1}`,
      work: 'look',
      wantedAfter: { taskId: id, days: 6 },
      hours: 0.25,
      equipmentId: undefined,
      tripKey: 'walk',
      latePerDay: late * 0.15,
      earlyPerDay: late * 0.15,
      redoCost: 0,
      skipCost: 20 * late,
      follows: [{ taskId: id, gap: { by: 'days', least: 3, most: 14 }, why: 'look' }],
      isFertiliser: false,
    }
    return [spray, look]
  }).flat()
}

/** Eight stands, or as many as asked, with seven sprays and as many looks each, in a crew's week, from a day of spring on. */
export async function seasonEstate(
  climate: Climate,
  seed: number,
  standCount = 8,
): Promise<SeasonEstate> {
  const draw = randomLcg(seed / 97)
  const today = addDays('2025-03-10', seed % 40)
  const placeId = `estate ${seed} in ${climate}`
  const outlooks = await outlooksOf(climate, placeId, today)
  const of = (day: Day, value: (outlook: WorkOutlook | undefined) => number) =>
    Object.fromEntries(
      weatherWorks.map((work) => [work, value(outlooks.get(work)?.(day))]),
    ) as Record<WeatherWork, number>
  const days = daysFrom(today, addDays(today, horizon)).map((day): PlanDay => ({
    day,
    chance: of(day, (outlook) => outlook?.chance ?? 0),
    washOff: of(day, (outlook) => outlook?.washOff ?? 0),
    against: {},
    meanC: 12,
  }))
  const stands = Array.from({ length: standCount }, (_, index): PlanStand => ({
    id: `stand ${index}`,
    name: `Stand ${index}`,
    isTurf: index < 5,
    mowingDays: index < 5 ? [1 + (index % 3), 5] : [],
    wateringDays: index % 4 === 0 ? [3] : [],
    growthBaseC: 0,
    seasonLeft: {},
  }))
  const truth = await service.hours({
    climate,
    placeId,
    from: addDays(today, -1),
    to: addDays(today, horizon + 60),
    today: addDays(today, horizon + 400),
  })
  const came = outlookByHours(truth.days, 'leaf', 'metric')
  return {
    frame: {
      system: 'metric',
      days,
      stands,
      stock: [],
      blackouts: [{ from: addDays(today, 60), to: addDays(today, 66), words: 'local rule' }],
      crewHours: [8, 8, 8, 8, 8, 0, 0],
      equipmentHours: 6,
      tripCost: 18,
    },
    tasks: stands.flatMap((stand) => sprays(stand, today, draw)),
    cameFit: (day) => (came.get(day)?.fitHours.length ?? 0) > 0,
  }
}
