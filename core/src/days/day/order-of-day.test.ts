import { describe, expect, it } from 'vitest'
import { randomLcg } from 'd3-random'
import { orderOfDay, type DayStep, type DayTask } from './order-of-day.ts'

const task = (id: string, of: Partial<DayTask> = {}): DayTask => ({ id, hours: 1, fitHours: undefined, startsAtH: undefined, afterId: undefined, at: undefined, tripKey: 'walk', ...of }) // prettier-ignore
const orderOf = (steps: readonly DayStep[]) => steps.map(({ id }) => id).join(' ')
const range = (from: number, to: number) => Array.from({ length: to - from }, (_, at) => from + at)

describe('the order of a day', () => {
  it('does first what has its fit hours first, and waits for hours that come', () => {
    const steps = orderOfDay(
      [task('noon', { fitHours: range(11, 14) }), task('early', { fitHours: range(6, 9) }), task('any')], // prettier-ignore
      6,
    )
    expect(orderOf(steps)).toBe('early any noon')
    expect(steps.map(({ startH }) => startH)).toEqual([6, 7, 11])
    expect(steps.some(({ missesWindow }) => missesWindow)).toBe(false)
  })

  it('says which job has no fit hour left', () => {
    const steps = orderOfDay([task('spray', { fitHours: range(6, 9) }), task('walk')], 10)
    expect(steps.find(({ id }) => id === 'spray')?.missesWindow).toBe(true)
    expect(orderOfDay([task('storm', { fitHours: [] })], 6)[0]?.missesWindow).toBe(true)
  })

  it('keeps to the hour by the clock, and says how late it would be', () => {
    const steps = orderOfDay([task('long', { hours: 3 }), task('at eight', { startsAtH: 8 })], 6)
    expect(orderOf(steps)).toBe('at eight long')
    expect(orderOfDay([task('at eight', { startsAtH: 8 })], 9)[0]?.lateH).toBe(1)
  })

  it('leaves nothing to wait for what comes after it, and does those that wait for each other all the same', () => {
    const steps = orderOfDay([task('spray', { afterId: 'strip', fitHours: range(6, 9) }), task('strip')], 6) // prettier-ignore
    expect(orderOf(steps)).toBe('strip spray')
    const circle = orderOfDay([task('a', { afterId: 'b' }), task('b', { afterId: 'a' })], 6)
    expect(circle).toHaveLength(2)
  })

  it('goes the shortest way, and fills once for what goes out together', () => {
    const at = (x: number): Partial<DayTask> => ({ at: [x, 0] })
    const steps = orderOfDay([task('far', at(900)), task('near', at(0)), task('middle', at(400))], 6) // prettier-ignore
    expect(['near middle far', 'far middle near']).toContain(orderOf(steps))
    expect(steps.map(({ wayM }) => wayM)).toContain(500)
    const iron = { tripKey: 'iron' }
    const filled = orderOfDay([task('1', iron), task('2'), task('3', iron), task('4')], 6)
    expect(['1 3 2 4', '3 1 2 4', '1 3 4 2', '2 4 1 3']).toContain(orderOf(filled))
  })

  it('takes more than anybody does in a day, each once, and keeps what waits behind what it waits for', () => {
    const many = range(0, 400).map((index) =>
      task(String(index), {
        hours: 0.1,
        afterId: index % 3 === 0 && index > 0 ? String(index - 1) : undefined,
        fitHours: index % 2 === 0 ? range(6, 8 + (index % 9)) : undefined,
      }),
    )
    const order = orderOfDay(many.toReversed(), 6).map(({ id }) => id)
    expect(new Set(order).size).toBe(400)
    const placeOf = new Map(order.map((id, index) => [id, index]))
    const early = many.filter(({ id, afterId }) => afterId !== undefined && (placeOf.get(id) ?? 0) < (placeOf.get(afterId) ?? 0)) // prettier-ignore
    expect(early).toEqual([])
  })

  it('finds the best of all orders of six jobs, drawn at random', () => {
    const draw = randomLcg(0.42)
    const costOf = (steps: readonly DayStep[], tasks: readonly DayTask[]) => {
      const last = steps.at(-1)
      const hours = tasks.find(({ id }) => id === last?.id)?.hours ?? 0
      return [
        steps.filter(({ missesWindow }) => missesWindow).length,
        steps.reduce((sum, { lateH }) => sum + lateH, 0),
        (last?.startH ?? 0) + hours,
      ].map((value) => Number(value.toFixed(6)))
    }
    const ordersOf = (tasks: readonly DayTask[]): DayTask[][] =>
      tasks.length === 0
        ? [[]]
        : tasks.flatMap((first) =>
            ordersOf(tasks.filter((each) => each !== first)).map((rest) => [first, ...rest]),
          )
    /** The same, in an order that is given: each waits for the one before. */
    const inOrder = (tasks: readonly DayTask[]) =>
      orderOfDay(tasks.map((each, index) => ({ ...each, afterId: tasks[index - 1]?.id })), 6) // prettier-ignore
    for (let day = 0; day < 12; day += 1) {
      const tasks = range(0, 6).map((index) => {
        const from = 6 + Math.floor(draw() * 8)
        return task(String(index), {
          hours: 0.5 + Math.floor(draw() * 4) / 2,
          fitHours: draw() < 0.6 ? range(from, from + 2 + Math.floor(draw() * 4)) : undefined,
          at: [draw() * 3000, draw() * 3000],
        })
      })
      const all = ordersOf(tasks).map((order) => costOf(inOrder(order), tasks))
      const least = all.toSorted((one, other) => one.map((value, at) => value - (other[at] ?? 0)).find((each) => each !== 0) ?? 0)[0] // prettier-ignore
      expect(costOf(orderOfDay(tasks, 6), tasks)).toEqual(least)
    }
  })
})
