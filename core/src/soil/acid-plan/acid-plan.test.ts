import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { addDays, daysBetween } from '../../base/calendar/index.ts'
import { climateNames, soilClimates } from '../climate/index.ts'
import { limitsOf } from './step-rules.ts'
import {
  acidGround,
  acidNeed,
  compareMaterials,
  feasibility,
  limitedBy,
  planSteps,
  retestDays,
  situationNames,
  stepLimits,
  stepProblems,
  type AcidGroundFacts,
  type Situation,
} from './index.ts'
import { acidities } from '../../material/source/index.ts'

const startsOn = '2026-04-01'
const loam: AcidGroundFacts = { texture: 'loam', pH: 6.8, pHDoubt: 0.1, depthM: 0.17 }
const facts = (situation: Situation, nitrogen?: number) => ({
  situation,
  climate: soilClimates.temperate,
  system: 'metric' as const,
  nitrogenLeft: () => nitrogen,
})

describe('acidGround', () => {
  it('says what it took for want of a measurement', () => {
    const { texture, assumptions } = acidGround({ pH: 7.6, pHDoubt: 0.2, depthM: 0.2 })
    expect(texture).toBe('loam')
    expect(assumptions.join('\n')).toMatch(/Texture: nobody said, loam/)
    expect(assumptions.join('\n')).toMatch(/nobody tried for lime/)
    const known = { ...loam, organicPercent: 3, densityKgPerL: 1.3, fizz: 'none' } as const
    expect(acidGround(known).assumptions).toEqual([])
  })

  it.each([
    [{ depthM: 0 }, /depth: expected a number from 0.02 to 1 m, got 0 m/],
    [{ pH: 2 }, /pH: expected a number from 3 to 10/],
    [{ pH: Number.NaN }, /pH: expected/],
    [{ densityKgPerL: 5 }, /density: expected/],
  ])('refuses %j', (change, reason) => {
    expect(() => acidGround({ ...loam, ...change })).toThrow(reason)
  })
})

describe('acidNeed', () => {
  const need = (change: Partial<AcidGroundFacts>, target = 5.5) =>
    acidNeed(acidGround({ ...loam, ...change }), target)

  it('grows with depth, with the way, with lime, and narrows with a titration', () => {
    const { usual } = need({}).molPerM2
    expect(need({ depthM: 0.34 }).molPerM2.usual / usual).toBeCloseTo(2, 6)
    expect(need({}, 5).molPerM2.usual).toBeGreaterThan(usual)
    const limed = need({ measured: { percent: 1, doubt: 0.1 } })
    expect((limed.molPerM2.usual - usual) / limed.limeMolPerM2.usual).toBeCloseTo(1, 1)
    const width = ({ low, high }: { low: number; high: number }) => Math.log(high / low)
    const titrated = need({ titratedMmol: 29 }).molPerM2
    expect(width(titrated)).toBeLessThan(width(need({}).molPerM2) * 0.8)
  })

  it('turns into lime where the target lies above, and takes none off for free lime', () => {
    const up = need({ pH: 5, fizz: 'none' }, 6.2)
    expect(up.direction).toBe('up')
    expect(up.limeMolPerM2.usual).toBe(0)
    expect(up.molPerM2.usual).toBeGreaterThan(0)
  })

  it('refuses a target that is there already, or that nothing grows at', () => {
    expect(() => need({}, 6.8)).toThrow(/there is nothing to do/)
    expect(() => need({}, 2)).toThrow(/target pH: expected a number from 3.5/)
  })
})

describe('feasibility', () => {
  const judge = (change: Partial<AcidGroundFacts>, situation: Situation = 'bed', water = 0) => {
    const ground = acidGround({ ...loam, ...change })
    return feasibility({
      ground,
      need: acidNeed(ground, 5.8),
      situation,
      waterMolPerYear: water,
      system: 'us',
    })
  }

  it('tests first where nobody tried for lime: a guess is no reason to give up', () => {
    expect(judge({ pH: 7.3 }, 'turf').word).toBe('test')
    expect(judge({ pH: 7.3, fizz: 'none', fizzAcid: 'hydrochloric' }).word).not.toBe('no')
    expect(judge({ pH: 6, fizz: 'strong' }).word).toBe('test')
  })

  it('tells a stand with 5 % lime not to try, with the figure and what to do instead', () => {
    const { word, reasons, instead } = judge({ pH: 7.9, measured: { percent: 5, doubt: 0.5 } })
    expect(word).toBe('no')
    // 5 × 6,406 lb/acre over 0.17 m rather than 6 2/3 in.
    expect(reasons[0]).toMatch(/About 5 % free lime: it takes 32,?000 lb sulfur\/acre before/)
    expect(instead.join()).toMatch(/bears lime.*root zone.*chelate/)
  })

  it.each([
    [{ fizz: 'none' }, 'bare', 0, 'can'],
    [{ measured: { percent: 0.6, doubt: 0.1 } }, 'bare', 0, 'slow'],
    [{ pH: 7.6 }, 'bare', 0, 'test'],
    [{ fizz: 'none', pHDoubt: 0.8 }, 'bare', 0, 'test'],
    [{ pH: 7.6, fizz: 'strong' }, 'bare', 0, 'no'],
    [{ fizz: 'none' }, 'green', 0, 'no'],
    [{ fizz: 'none', depthM: 0.1 }, 'turf', 0, 'can'],
    [{ fizz: 'none', depthM: 0.1 }, 'turf', 2, 'slow'],
    [{ fizz: 'none', depthM: 0.1 }, 'turf', 4, 'no'],
  ] as const)('%j, %s, water %d mol/m²: %s', (change, situation, water, word) => {
    expect(judge(change, situation, water).word).toBe(word)
  })

  it('of the way up is liming, in moderation', () => {
    const ground = acidGround({ ...loam, pH: 5 })
    const { word, reasons, instead } = feasibility({
      ground,
      need: acidNeed(ground, 6.2),
      situation: 'bed',
      waterMolPerYear: 3,
      system: 'metric',
    })
    expect([word, instead]).toEqual(['can', []])
    expect(reasons.join()).toMatch(/that is liming. In moderation, in steps, with iron/)
  })

  it('says what the other schools would do', () => {
    expect(judge({ fizz: 'strong' }).schools.join()).toMatch(/Always mend the soil/)
    expect(judge({ measured: { percent: 0.5, doubt: 0.1 } }, 'bare').schools.join()).toMatch(
      /Never on free lime/,
    )
  })
})

describe('steps', () => {
  it('never exceed a limit, whatever is asked for', () => {
    fc.assert(
      fc.property(
        fc.constantFrom(...situationNames),
        fc.constantFrom(...climateNames),
        fc.constantFrom(...acidities.map(({ sourceId }) => sourceId)),
        fc.double({ min: 0.001, max: 3, noNaN: true }),
        fc.integer({ min: 0, max: 364 }),
        fc.option(fc.double({ min: 0, max: 0.03, noNaN: true }), { nil: undefined }),
        (situation, climate, sourceId, kgPerM2, later, nitrogen) => {
          const where = {
            situation,
            climate: soilClimates[climate],
            system: 'us' as const,
            nitrogenLeft: () => nitrogen,
          }
          const done = [{ day: addDays(startsOn, -40), sourceId, kgPerM2: 0.002 }]
          const { steps, leftKgPerM2 } = planSteps({
            ...where,
            sourceId,
            kgPerM2,
            startsOn: addDays(startsOn, later),
            planned: [],
            done,
          })
          expect(stepProblems(steps, where, done).filter(({ isHard }) => isHard)).toEqual([])
          const total = steps.reduce((sum, step) => sum + step.kgPerM2, leftKgPerM2)
          expect(Math.abs(total / kgPerM2 - 1)).toBeLessThan(0.011)
        },
      ),
      { numRuns: 150 },
    )
  })

  it('gives an established green small ones', () => {
    const ask = { sourceId: 'sulfur-granules', kgPerM2: 0.05, startsOn, planned: [], done: [] } as const // prettier-ignore
    const green = planSteps({ ...facts('green'), ...ask })
    const bare = planSteps({ ...facts('bare'), ...ask })
    expect(bare.steps).toHaveLength(1)
    expect(green.steps.length).toBeGreaterThan(6)
    // 0.5 lb/1000 ft² is 2.44 g/m² of sulfur.
    for (const { kgPerM2 } of green.steps) expect(kgPerM2 * 0.9).toBeLessThan(0.00245)
    expect(green.leftKgPerM2).toBeGreaterThan(0.015)
  })

  it('go onto grass half-yearly, neither into cold nor into hot ground', () => {
    const { steps } = planSteps({ ...facts('turf'), sourceId: 'sulfur-granules', kgPerM2: 0.1, startsOn, planned: [], done: [] }) // prettier-ignore
    expect(stepProblems(steps, facts('turf'))).toEqual([])
    const gaps = steps.slice(1).map(({ day }, index) => daysBetween(steps[index]?.day ?? '', day))
    expect(Math.min(...gaps)).toBeGreaterThanOrEqual(120)
  })

  it('share the nitrogen budget with what is planned beside them', () => {
    const budget = 0.004
    const ask = { sourceId: 'ammonium-sulfate', kgPerM2: 0.1, startsOn, done: [] } as const
    const { steps } = planSteps({ ...facts('turf', budget), ...ask, planned: [] })
    const inFirst = steps.filter(({ day }) => day.startsWith('2026'))
    expect(inFirst.reduce((sum, { kgPerM2 }) => sum + kgPerM2 * 0.21, 0)).toBeCloseTo(budget, 9)
    const more = planSteps({ ...facts('turf', budget), ...ask, planned: inFirst }).steps
    expect(more.some(({ day }) => day.startsWith('2026'))).toBe(false)
  })
})

describe('ferrous sulfate as an acid', () => {
  const at = (situation: Situation, lb: number) =>
    stepProblems(
      [{ day: '2026-05-01', sourceId: 'ferrous-sulfate', kgPerM2: lb * 0.004882 }],
      facts(situation),
    ).some(({ isHard }) => isHard)

  it('is for bare ground and pits: on living turf its iron blackens, and fills a season', () => {
    expect([at('turf', 1), at('turf', 1.1), at('turf', 10)]).toEqual([false, true, true])
    expect([at('green', 0.5), at('green', 0.6)]).toEqual([false, true])
    expect([at('bare', 10), at('pit', 10)]).toEqual([false, false])
  })
})

describe('stepProblems', () => {
  const step = (day: string, kgPerM2: number, sourceId: 'sulfur-flour' | 'ammonium-sulfate' | 'peat-moss' = 'sulfur-flour') => ({ day, kgPerM2, sourceId }) // prettier-ignore
  const words = (...[steps, where]: [ReturnType<typeof step>[], ReturnType<typeof facts>]) =>
    stepProblems(steps, where).map(({ isHard, words: said }) => `${isHard ? '!' : ''}${said}`)

  it.each([
    [[step('2026-06-01', 0.05)], /!49.5 g\/m² sulfur at once is over 24.4/],
    [[step('2026-05-01', 0.024), step('2026-06-01', 0.01)], /!31 days after another sulfur step/],
    [
      [step('2026-05-01', 0.024), step('2026-09-10', 0.024), step('2027-04-20', 0.01)],
      /!57.4 g\/m² sulfur in a year is over 48.8/,
    ],
    [
      [step('2026-01-10', 0.01)],
      /^soil usually stands at \d °C then: under 13 °C sulfur only waits/,
    ],
    [
      [step('2026-06-01', 0.004, 'peat-moss')],
      /!Peat moss, dry weight does not go onto established/,
    ],
    [[step('2026-06-01', 0.02, 'ammonium-sulfate')], /!4.2 g\/m² nitrogen in 2026 is over the 2 g/],
  ])('%j on turf', (steps, reason) => {
    expect(words(steps, facts('turf', 0.002)).join('\n')).toMatch(reason)
  })

  it('counts what went on already', () => {
    const done = [step('2026-04-20', 0.024)]
    const [first] = stepProblems([step('2026-05-20', 0.01)], facts('turf'), done)
    expect(first?.words).toMatch(/30 days after/)
  })

  it('knows limits for every amendment in every situation', () => {
    for (const situation of situationNames) {
      for (const { sourceId } of acidities) {
        const { kind } = limitedBy(sourceId)
        const { once, year } = stepLimits[situation][kind]
        expect(year.value).toBeGreaterThanOrEqual(once.value)
        expect(limitsOf(situation, sourceId).onceKg).toBeGreaterThanOrEqual(once.value)
      }
    }
  })
})

describe('retestDays', () => {
  it('come a year after the first step and each year on; two months after salts', () => {
    const sulfur = { sourceId: 'sulfur-flour', kgPerM2: 0.01 } as const
    expect(retestDays([{ ...sulfur, day: '2026-05-01' }])).toEqual(['2027-04-30', '2028-04-29'])
    const salt = { sourceId: 'ferrous-sulfate', kgPerM2: 0.01, day: '2026-05-01' } as const
    expect(retestDays([salt])).toEqual(['2026-06-30'])
    expect(retestDays([])).toEqual([])
  })
})

describe('compareMaterials', () => {
  const offers = (situation: Situation, target = 6) =>
    compareMaterials({
      ...facts(situation, 0.02),
      need: acidNeed(acidGround({ ...loam, depthM: 0.1 }), target),
      startsOn,
      planned: [],
      done: [],
      ownPrice: (id) => (id === 'sulfur-flour' ? 5 : undefined),
    })
  const find = (situation: Situation, id: string) =>
    offers(situation).find(({ acidity }) => acidity.sourceId === id)

  it('puts every amendment that acidifies beside the others, for the same acid', () => {
    const flour = find('bed', 'sulfur-flour')
    const iron = find('bed', 'ferrous-sulfate')
    expect((iron?.kgPerM2.usual ?? 0) / (flour?.kgPerM2.usual ?? 1)).toBeCloseTo(8.67 * 0.99, 1)
    expect(flour?.cost.usual).toBeCloseTo((flour?.kgPerM2.usual ?? 0) * 5, 9)
    expect(iron?.bringsKgPerHa.Fe).toBeGreaterThan(500)
  })

  it('says how far limits let each go, and what has no place', () => {
    expect(find('turf', 'peat-moss')?.notHere).toBeDefined()
    const ammonium = offers('bed', 5).find(({ acidity }) => acidity.action === 'ammonium')
    expect(ammonium?.coveredShare).toBeLessThan(0.6)
    expect(find('bare', 'sulfur-flour')?.coveredShare).toBe(1)
  })

  it('shows how weak needles are', () => {
    const needles = find('bed', 'needle-mulch')
    expect((needles?.kgPerM2.usual ?? 0) / (find('bed', 'sulfur-flour')?.kgPerM2.usual ?? 1)).toBeGreaterThan(1000) // prettier-ignore
    expect(needles?.kgPerM2.high).toBe(Infinity)
  })

  it('offers lime alone for the way up', () => {
    expect(offers('bed', 7.2).map(({ acidity }) => acidity.sourceId)).toEqual(['limestone'])
  })
})
