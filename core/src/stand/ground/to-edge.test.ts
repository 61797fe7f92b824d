import { describe, expect, it } from 'vitest'
import { metresToEdge, type Outline } from './index.ts'

/** An L, with a notch. */
const corner: Outline = [[0, 0], [20, 0], [20, 10], [10, 10], [10, 30], [0, 30]] // prettier-ignore

describe('the way to an outline', () => {
  it('is the one to its nearest edge, from inside and outside', () => {
    expect(metresToEdge([15, 25], corner)).toBe(5)
    expect(metresToEdge([23, 14], corner)).toBe(5)
    expect(metresToEdge([5, 4], corner)).toBe(4)
  })
})
