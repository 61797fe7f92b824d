import { addDays } from '../../base/calendar/index.ts'
import {
  growthBase,
  plannerFigures,
  type PlanDay,
  type PlanFrame,
  type PlanStand,
  type PlanStock,
  type Task,
} from '../planner/index.ts'
import type { WeatherWork } from '../weather/index.ts'
import type { DayOutlook, KeptOfPlace, PlanSurroundings } from './facts.ts'
import { seasonLeftOf } from './season-left.ts'
import { isWarm, TaskMaker } from './task-maker.ts'

/** A frame and the tasks on it, in the terms of the planner. */
export interface PlanInput {
  readonly frame: PlanFrame
  readonly tasks: readonly Task[]
}

function stockOf({ products, settings }: PlanSurroundings, { jobs }: KeptOfPlace): PlanStock[] {
  const lead = settings.work?.leadDays ?? usualLeadDays
  return products.flatMap(({ id, name, stockKg }) => {
    if (stockKg === null) return []
    const orders = jobs.filter(
      (job) => job.kind === 'buy' && job.productId === id && job.status === 'planned',
    )
    return [
      {
        productId: id,
        name,
        kg: stockKg,
        deliveries: orders.map(({ dueOn, plannedKg }) => ({
          day: addDays(dueOn, lead),
          kg: plannedKg ?? 0,
        })),
      },
    ]
  })
}

/** From ordering to having it, until the place says otherwise. */
export const usualLeadDays = 7

const dayOf = ({ day, meanC, works }: DayOutlook): PlanDay => {
  const byWork = <Value>(of: (work: (typeof works)[number]) => Value) =>
    Object.fromEntries(works.map((each) => [each.work, of(each)])) as Record<WeatherWork, Value>
  return {
    day,
    meanC,
    chance: byWork(({ chance }) => chance),
    washOff: byWork(({ washOff }) => washOff),
    against: byWork(({ against }) => against),
  }
}

const usualWeek = [...Array.from({ length: 5 }, () => plannerFigures.crewHours.value), 0, 0]

/**
 * Turns what is kept of a place into a frame with tasks.
 * @returns every planned job that is due before the outlook ends as a task; days from today on
 */
export function toPlan(planning: KeptOfPlace, around: PlanSurroundings): PlanInput {
  const { settings, outlook, today } = around
  const maker = new TaskMaker(planning, around)
  // What is due beyond the last day that is known stays where it is.
  const lastDay = outlook.days.at(-1)?.day ?? today
  const stands = planning.stands.map((stand): PlanStand => ({
    id: stand.id,
    name: stand.name,
    isTurf: stand.context === 'turf',
    mowingDays: stand.care?.mowingDays ?? [],
    wateringDays: stand.care?.wateringDays ?? [],
    growthBaseC: growthBase[isWarm(stand.plantId) ? 'warm' : 'cool'].value,
    seasonLeft: seasonLeftOf(stand, planning, around),
  }))
  return {
    frame: {
      system: around.system,
      days: outlook.days.filter(({ day }) => day >= today).map(dayOf),
      stands,
      stock: stockOf(around, planning),
      blackouts: settings.work?.blackouts ?? [],
      crewHours: settings.work?.crewHours ?? usualWeek,
      equipmentHours: plannerFigures.equipmentHours.value,
      tripCost: settings.work?.tripCost ?? plannerFigures.tripCost.value,
    },
    tasks: planning.jobs.filter(({ dueOn }) => dueOn <= lastDay).flatMap((job) => maker.task(job)),
  }
}
