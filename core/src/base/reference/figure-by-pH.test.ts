import { describe, expect, it } from 'vitest'
import { atPH, readAtPH, type FigureByPH } from './index.ts'

const figure: FigureByPH = {
  points: [atPH(5, 0.6, 0.8, 1), atPH(7, 0.2, 0.4, 0.6)],
  source: 'a test',
  mark: 'J',
}

describe('a figure by pH', () => {
  it('runs straight between its points', () => {
    expect(readAtPH(figure, 6, 'usual')).toBeCloseTo(0.6, 12)
    expect(readAtPH(figure, 6.5, 'low')).toBeCloseTo(0.3, 12)
  })

  it('is level beyond them', () => {
    expect(readAtPH(figure, 3, 'high')).toBe(1)
    expect(readAtPH(figure, 9, 'high')).toBe(0.6)
  })

  it('is the point itself at a point', () => {
    expect(readAtPH(figure, 5, 'usual')).toBe(0.8)
    expect(readAtPH(figure, 7, 'usual')).toBe(0.4)
  })
})
