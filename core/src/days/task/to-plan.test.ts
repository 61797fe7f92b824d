import { addDays } from '../../base/calendar/index.ts'
import { weatherWorks } from '../weather/index.ts'
import { describe, expect, it } from 'vitest'
import { amountsOf, paleLossOf, toPlan, type KeptOfPlace, type PlanSurroundings } from './index.ts'

const today = '2027-05-03'
const on = (days: number) => addDays(today, days)
type Job = KeptOfPlace['jobs'][number]
const stand: KeptOfPlace['stands'][number] = {
  id: 'lawn',
  name: 'Lawn',
  context: 'turf',
  plantId: 'creeping-bentgrass',
  size: { kind: 'area', areaM2: 1000 },
  measures: null,
  care: { mowingDays: [1, 4], wateringDays: [2] },
}
const remedy = {
  id: 'remedy',
  standId: 'lawn',
  route: 'leaf',
  sourceId: 'ferrous-sulfate',
  contentShare: 0.2,
  productId: 'bag',
  sprayerId: 'boom',
  productKg: 6,
  carrierL: 300,
} as KeptOfPlace['remedies'][number]
const job = (change: Partial<Job> = {}): Job => ({
  id: 'spray',
  standId: 'lawn',
  remedyId: 'remedy',
  acidPlanId: null,
  plannedKg: null,
  productId: null,
  kind: 'apply',
  title: 'Ferrous sulfate',
  dueOn: on(2),
  isLocked: false,
  afterJobId: null,
  afterDays: null,
  withinDays: null,
  status: 'planned',
  share: 0.5,
  route: 'leaf',
  sourceId: 'ferrous-sulfate',
  ...change,
})
const bag = { id: 'bag', name: 'Bag', packPrice: 30, packKg: 15, stockKg: 8, label: { analysis: { Fe: '20', S: '11.5' }, chelated: '', waterSoluble: '', orthoOrtho: '', derivedFrom: '' } } as unknown as PlanSurroundings['products'][number] // prettier-ignore
const outlook = {
  service: 'simulated',
  days: Array.from({ length: 60 }, (_, index) => ({
    day: on(index - 1),
    basis: 'forecast' as const,
    meanC: 12,
    works: weatherWorks.map((work) => ({ work, chance: 0.8, washOff: 0.02, fromHour: 6, fitHours: [6], against: [] })), // prettier-ignore
  })),
}
const planOf = (change: Partial<KeptOfPlace>, settings: PlanSurroundings['settings'] = {}) =>
  toPlan(
    {
      stands: [stand],
      jobs: [job()],
      remedies: [remedy],
      acidPlans: [],
      entries: [],
      colours: [],
      ...change,
    },
    { products: [bag], settings, outlook, system: 'us', today },
  )
const taskOf = (plan: ReturnType<typeof planOf>, id = 'spray') => {
  const task = plan.tasks.find((each) => each.id === id)
  if (!task) throw new Error(`no task ${id}`)
  return task
}

describe('toPlan', () => {
  it('takes a job over with what it needs: hours, sprayer, product, what it brings', () => {
    const { frame, tasks } = planOf({})
    expect(frame.days[0]?.day).toBe(today)
    expect(tasks).toHaveLength(1)
    expect(taskOf(planOf({}))).toMatchObject({
      work: 'leaf',
      wanted: on(2),
      earliest: today,
      latest: on(30),
      equipmentId: 'boom',
      productId: 'bag',
      productKg: 3,
      isFertiliser: true,
      lockedOn: undefined,
    })
    // Half an hour to get ready, 150 L at 600 L/h; 2 money a kg.
    expect(taskOf(planOf({})).hours).toBeCloseTo(0.75, 9)
    expect(taskOf(planOf({})).redoCost).toBeCloseTo(6, 9)
    // 3 kg at 20 % on 0.1 ha.
    expect(taskOf(planOf({})).nutrientsKgPerHa.Fe).toBeCloseTo(6, 9)
  })

  it('loses more by waiting the paler the stand is, and what the grower says', () => {
    const colour = (value: number) => [{ standId: 'lawn', kind: 'turfColour', value } as KeptOfPlace['colours'][number]] // prettier-ignore
    const lost = (value: number) => taskOf(planOf({ colours: colour(value) })).latePerDay
    expect(lost(3)).toBeGreaterThan(lost(5) * 1.3)
    expect(paleLossOf(stand)).toBeCloseTo(6, 9)
    expect(paleLossOf({ ...stand, care: { paleLossPerDay: 40 } })).toBe(40)
  })

  it('holds what is held, and makes what is overdue a job of today', () => {
    expect(taskOf(planOf({ jobs: [job({ isLocked: true })] })).lockedOn).toBe(on(2))
    const late = taskOf(planOf({ jobs: [job({ dueOn: on(-40), isLocked: true })] }))
    expect(late).toMatchObject({ wanted: on(-40), earliest: today, lockedOn: undefined })
    expect(late.latest >= on(20)).toBe(true)
  })

  it('links looks and repeats to the job before, by days, growth or mowings', () => {
    const again = job({ id: 'again', dueOn: on(23), afterJobId: 'spray', afterDays: 14, withinDays: 42 }) // prettier-ignore
    const look = job({ id: 'look', kind: 'look', afterJobId: 'spray', afterDays: 1, withinDays: 10, dueOn: on(5) }) // prettier-ignore
    const jobs = [job(), again, look]
    const gap = (intervalBy: 'days' | 'growth' | 'mowings') =>
      taskOf(planOf({ jobs }, { work: { intervalBy } }), 'again').follows[0]?.gap
    expect(gap('days')).toEqual({ by: 'days', least: 14, most: 42 })
    // Cool-season turf at its usual 15 °C.
    expect(gap('growth')).toEqual({ by: 'growth', least: 210 })
    expect(gap('mowings')).toEqual({ by: 'mowings', least: 2 })
    const looked = taskOf(planOf({ jobs }), 'look')
    expect(looked.wantedAfter).toEqual({ taskId: 'spray', days: 3 })
    expect(looked.follows[0]?.why).toMatch(/when the response is due/)
  })

  it('counts from what was done where the job before is done', () => {
    const entry = { id: 'e', jobId: 'spray', standId: 'lawn', happenedOn: on(-1), productKg: 3, sourceId: 'ferrous-sulfate', correctsId: null } as KeptOfPlace['entries'][number] // prettier-ignore
    const jobs = [
      job({ status: 'done' }),
      job({ id: 'again', afterJobId: 'spray', afterDays: 14, withinDays: 20, dueOn: on(9) }),
    ]
    const plan = planOf({ jobs, entries: [entry] })
    expect(plan.tasks).toHaveLength(1)
    expect(taskOf(plan, 'again')).toMatchObject({ earliest: on(13), latest: on(19), follows: [] })
    const left = plan.frame.stands[0]?.seasonLeft['2027']
    const fresh = planOf({}).frame.stands[0]?.seasonLeft['2027']
    expect((fresh?.Fe ?? 0) - (left?.Fe ?? 0)).toBeCloseTo(6, 6)
  })

  it('puts acid before iron into the same soil', () => {
    const acid = job({ id: 'acid', acidPlanId: 'plan', remedyId: null, plannedKg: 20, route: 'soil', sourceId: 'sulfur-granules', dueOn: on(1) }) // prettier-ignore
    const drench = job({ route: 'soil', dueOn: on(6) })
    const plan = planOf({ jobs: [acid, drench] })
    expect(taskOf(plan).follows).toEqual([
      { taskId: 'acid', gap: { by: 'days', least: 14 }, why: 'pH first, then iron' },
    ])
    expect(taskOf(plan, 'acid').work).toBe('granules')
    expect(taskOf(planOf({ jobs: [acid, job()] })).follows).toEqual([])
  })

  it('has what is to be bought on the shelf some days after it is ordered', () => {
    const buy = job({ id: 'buy', kind: 'buy', productId: 'bag', plannedKg: 15, dueOn: on(4) })
    const { frame } = planOf({ jobs: [job(), buy] }, { work: { leadDays: 3 } })
    expect(frame.stock).toEqual([
      { productId: 'bag', name: 'Bag', kg: 8, deliveries: [{ day: on(7), kg: 15 }] },
    ])
    expect(amountsOf(buy, undefined).productKg).toBe(0)
  })

  it('leaves what is due beyond the last day known where it is', () => {
    const jobs = [job(), job({ id: 'far', dueOn: on(90) })]
    expect(planOf({ jobs }).tasks.map(({ id }) => id)).toEqual(['spray'])
  })

  it('takes crew, trips and blackouts from the place', () => {
    const work = {
      crewHours: [9, 9, 9, 9, 9, 3, 0],
      tripCost: 33,
      blackouts: [{ from: on(3), to: on(4), words: 'brook' }],
    }
    expect(planOf({}, { work }).frame).toMatchObject(work)
    expect(planOf({}).frame.crewHours).toEqual([8, 8, 8, 8, 8, 0, 0])
  })
})
