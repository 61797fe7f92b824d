import { describe, expect, it } from 'vitest'
import { fillPace } from './index.ts'

const at = (clock: string) => new Date(`2026-06-15T${clock}:00Z`)
const fills = (...clocks: readonly string[]) =>
  clocks.map((clock, index) => ({ number: index + 1, at: at(clock) }))

describe('how the fills come on', () => {
  it('says which is under way, how long one takes and when all are out', () => {
    expect(fillPace(7, fills('06:14', '06:30'), at('06:00'))).toEqual({
      next: 3,
      done: 2,
      eachMin: 15,
      endsAt: at('07:45'),
    })
  })

  it('lets a break out of it, and boxes that were ticked at one go', () => {
    const { eachMin } = fillPace(9, fills('06:10', '06:20', '07:40', '07:50', '07:50'), at('06:00'))
    expect(eachMin).toBe(10)
  })

  it('says no more than is known', () => {
    expect(fillPace(3, [], undefined)).toEqual({ next: 1, done: 0, eachMin: undefined, endsAt: undefined }) // prettier-ignore
    expect(fillPace(3, fills('06:10'), undefined).endsAt).toBeUndefined()
    const all = fillPace(2, fills('06:10', '06:20'), at('06:00'))
    expect([all.next, all.endsAt]).toEqual([undefined, undefined])
  })

  it('goes on with the fill that was left out', () => {
    expect(fillPace(3, [{ number: 1, at: at('06:10') }, { number: 3, at: at('06:30') }], undefined).next).toBe(2) // prettier-ignore
  })
})
