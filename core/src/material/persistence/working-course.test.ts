import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { routes } from '../../stand/plant/index.ts'
import { ironSourceIds } from '../source/index.ts'
import { workingCourse, type Medium } from './index.ts'

const medium = (pH: number, doubt = 0.2): Medium => ({ pH, doubt })
const soil = (id: (typeof ironSourceIds)[number], pH: number) =>
  workingCourse(id, 'soil', medium(pH))

describe('iron in soil', () => {
  // Common practice: sulfate days to weeks, EDTA and DTPA within their pH weeks, EDDHA a season.
  it.each([
    ['ferrous-sulfate', 7.2, 21, 0.02],
    ['fe-dtpa', 6.8, 60, 0.2],
    ['iron-citrate', 7, 14, 0.05],
  ] as const)('%s at pH %d has little left after %d days', (id, pH, day, most) => {
    expect(soil(id, pH).at(day).usual).toBeLessThan(most)
  })

  it('of EDDHA is still at work at the end of a season, in lime', () => {
    expect(soil('fe-eddha', 8).at(120).usual).toBeGreaterThan(0.3)
  })

  it('from citrate fares no better than from the salt, once microbes have been at it', () => {
    for (const pH of [5, 6, 7, 8]) {
      const [citrate, salt] = [soil('iron-citrate', pH), soil('ferrous-sulfate', pH)]
      expect(citrate.at(14).usual - salt.at(14).usual).toBeLessThan(0.1)
    }
  })

  it('let go by a chelate in acid soil is at least as good as salt', () => {
    expect(soil('fe-edta', 6).at(30).usual).toBeGreaterThanOrEqual(
      soil('ferrous-sulfate', 6).at(30).usual,
    )
  })

  it('is never there from oxide or mined grains', () => {
    expect(soil('iron-oxide', 5).mean(120).high).toBe(0)
  })
})

describe('EDDHA by its isomers', () => {
  it('counts only what is ortho-ortho where DTPA has given out', () => {
    const at = (orthoOrtho: number) =>
      workingCourse('fe-eddha', 'soil', medium(8.6, 0), orthoOrtho).at(0).usual
    expect(Math.abs(at(0.5) - 0.5)).toBeLessThan(0.02)
    expect(at(1)).toBeGreaterThan(0.99)
  })

  it('where the label is silent, is uncertain', () => {
    const { low, high } = soil('fe-eddha', 8.6).at(0)
    expect(high - low).toBeGreaterThan(0.4)
  })
})

describe('iron in a solution', () => {
  it('lasts longer under a cover than in the light', () => {
    const at = (light: 'clear' | 'covered') =>
      workingCourse('fe-dtpa', 'solution', { ...medium(6), light }).at(10).usual
    expect(at('covered')).toBeGreaterThan(3 * at('clear'))
  })

  it('of a salt is rust', () => {
    expect(workingCourse('ferrous-sulfate', 'solution', medium(6)).mean(7).usual).toBeLessThan(0.05)
  })
})

describe('every course', () => {
  const any = fc.record({
    id: fc.constantFrom(...ironSourceIds),
    route: fc.constantFrom(...routes),
    pH: fc.double({ min: 3, max: 10.5, noNaN: true }),
    doubt: fc.double({ min: 0, max: 1, noNaN: true }),
  })

  it('lies between none and all, least under expected under most, and only falls', () => {
    fc.assert(
      fc.property(any, ({ id, route, pH, doubt }) => {
        const course = workingCourse(id, route, medium(pH, doubt))
        let before = course.at(0)
        for (const day of [0, 3, 10, 40, 200]) {
          const now = course.at(day)
          expect(now.low).toBeGreaterThanOrEqual(-1e-12)
          expect(now.low).toBeLessThanOrEqual(now.usual + 1e-9)
          expect(now.usual).toBeLessThanOrEqual(now.high + 1e-9)
          expect(now.high).toBeLessThanOrEqual(1 + 1e-9)
          expect(now.usual).toBeLessThanOrEqual(before.usual + 1e-9)
          before = now
        }
      }),
    )
  })

  it('has a mean between its first and its last day', () => {
    fc.assert(
      fc.property(any, ({ id, route, pH, doubt }) => {
        const course = workingCourse(id, route, medium(pH, doubt))
        const mean = course.mean(30).usual
        expect(mean).toBeLessThanOrEqual(course.at(0).usual + 1e-9)
        expect(mean).toBeGreaterThanOrEqual(course.at(30).usual - 1e-9)
      }),
    )
  })

  it.each([
    ['pH', () => workingCourse('fe-edta', 'soil', medium(15))],
    ['orthoOrtho', () => workingCourse('fe-eddha', 'soil', medium(8), 1.2)],
    ['day', () => soil('fe-edta', 6).at(-1)],
  ])('refuses an impossible %s', (parameter, act) => {
    expect(act).toThrow(expect.objectContaining({ code: 'out-of-range', parameter }))
  })
})
