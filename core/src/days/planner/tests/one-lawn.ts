import { addDays } from '../../../base/calendar/index.ts'
import { weatherWorks, type WeatherWork } from '../../weather/index.ts'
import type { PlanDay, PlanFrame, PlanStand, Task } from '../task.ts'

export const firstDay = '2027-05-03' // a Monday

const every = (value: number) =>
  Object.fromEntries(weatherWorks.map((work) => [work, value])) as Record<WeatherWork, number>

export const fairDay = (index: number, change: Partial<PlanDay> = {}): PlanDay => ({
  day: addDays(firstDay, index),
  chance: every(1),
  washOff: every(0),
  against: {},
  meanC: 15,
  ...change,
})

export const rainyDay = (index: number): PlanDay =>
  fairDay(index, {
    chance: { ...every(1), leaf: 0.1 },
    washOff: { ...every(0), leaf: 0.13 },
    against: { leaf: ['rain within 4 h washes it off'] },
  })

export const lawn: PlanStand = {
  id: 'lawn',
  name: 'Lawn',
  isTurf: true,
  mowingDays: [],
  wateringDays: [],
  growthBaseC: 0,
  seasonLeft: {},
}

/** A lawn, six weeks of fair weather, a crew of eight hours every day. */
export const fairFrame = (change: Partial<PlanFrame> = {}): PlanFrame => ({
  system: 'metric',
  days: Array.from({ length: 42 }, (_, index) => fairDay(index)),
  stands: [lawn],
  stock: [],
  blackouts: [],
  crewHours: [8, 8, 8, 8, 8, 8, 8],
  equipmentHours: 8,
  tripCost: 20,
  ...change,
})

export const spray = (change: Partial<Task> = {}): Task => ({
  id: 'spray',
  standId: 'lawn',
  kind: 'apply',
  title: 'Ferrous sulfate',
  work: 'leaf',
  wanted: firstDay,
  earliest: firstDay,
  latest: addDays(firstDay, 30),
  hours: 2,
  equipmentId: 'boom',
  tripKey: 'boom sulfate',
  productId: undefined,
  productKg: 0,
  nutrientsKgPerHa: {},
  latePerDay: 5,
  earlyPerDay: 1,
  redoCost: 40,
  skipCost: 900,
  follows: [],
  isFertiliser: true,
  lockedOn: undefined,
  ...change,
})

export const look = (change: Partial<Task> = {}): Task =>
  spray({
    id: 'look',
    kind: 'look',
    title: 'Look whether it is green',
    work: 'look',
    hours: 0.25,
    equipmentId: undefined,
    tripKey: 'walk',
    isFertiliser: false,
    ...change,
  })
