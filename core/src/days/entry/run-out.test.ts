import { describe, expect, it } from 'vitest'
import { CoreError } from '../../base/error/index.ts'
import { isOffRate, runOut } from './index.ts'

const planned = { waterL: 100, productKg: 2 }

describe('a tank that does not come out even', () => {
  it('with some left went out at less, on all of the ground', () => {
    const faster = runOut(planned, { is: 'left', leftL: 2, why: 'faster' })
    expect(faster).toEqual({ waterL: 98, productKg: 1.96, groundShare: 1, rateShare: 0.98 })
    expect(isOffRate(faster)).toBe(false)
    expect(isOffRate(runOut(planned, { is: 'left', leftL: 12, why: 'clogged' }))).toBe(true)
  })

  it('of who stopped early went out as planned, on less of it', () => {
    expect(runOut(planned, { is: 'left', leftL: 25, why: 'stopped' })).toEqual({ waterL: 75, productKg: 1.5, groundShare: 0.75, rateShare: 1 }) // prettier-ignore
  })

  it('that is empty too soon went out at more, on what it came to', () => {
    const slow = runOut(planned, { is: 'short', doneShare: 0.8, why: 'slower' })
    expect(slow).toEqual({ waterL: 100, productKg: 2, groundShare: 0.8, rateShare: 1.25 })
    expect(isOffRate(slow)).toBe(true)
    const leaked = runOut(planned, { is: 'short', doneShare: 0.8, why: 'leaked' })
    expect([leaked.rateShare, isOffRate(leaked)]).toEqual([undefined, false])
  })

  it('cannot have more left than there was', () => {
    expect(() => runOut(planned, { is: 'left', leftL: 101, why: 'faster' })).toThrow(CoreError)
    expect(() => runOut(planned, { is: 'short', doneShare: 0, why: 'slower' })).toThrow(CoreError) // prettier-ignore
  })
})
