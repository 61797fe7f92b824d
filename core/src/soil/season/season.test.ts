import { describe, expect, it } from 'vitest'
import { findPlant } from '../../stand/plant/index.ts'
import { checkLabel, readLabelText } from '../../material/label/index.ts'
import {
  contentsOfLabel,
  contentsOfSource,
  nitrogenOfTurf,
  seasonLimitOf,
  seasonSums,
  type Application,
} from './index.ts'

const sulfate = contentsOfSource('ferrous-sulfate', 0.2)
const spray = (day: string, productKg: number, isPlanned = false): Application => ({
  day,
  productKg,
  contents: sulfate,
  isPlanned,
})
const base = {
  context: 'turf',
  plantId: 'kentucky-bluegrass',
  on: '2026-06-01',
  groundM2: 1e4,
} as const

describe('what a product brings', () => {
  it('is its own nutrient and what comes along', () => {
    expect(sulfate).toEqual({ Fe: 0.2, S: 0.1153 })
    expect(contentsOfSource('manganese-sulfate', 0.31)).toEqual({ Mn: 0.31, S: 0.19 })
    // 192.7 g in 1000 L bring 25.06 mg/L sulfur (derived).
    const { S = 0 } = contentsOfSource('epsom-salt', 0.0986)
    expect(Math.abs(192.7 * S - 25.06)).toBeLessThan(0.02)
  })

  it('is what the label guarantees', () => {
    const { label } = checkLabel(readLabelText('N 5, S 7, Mn 2, Fe 9').draft)
    expect(label && contentsOfLabel(label)).toEqual({ Fe: 0.09, N: 0.05, S: 0.07, Mn: 0.02 })
  })
})

describe('seasonSums', () => {
  it('adds what was done and what is planned in the year, and nothing else', () => {
    const applications = [
      spray('2025-12-31', 50),
      spray('2026-04-01', 10),
      spray('2026-06-01', 15, true),
    ]
    const [iron, sulfur, ...rest] = seasonSums({ ...base, applications })
    expect(rest).toEqual([])
    expect(iron).toMatchObject({
      nutrient: 'Fe',
      doneKg: 2,
      plannedKg: 3,
      kgPerHa: 5,
      isOver: false,
    })
    expect(sulfur?.kgPerHa).toBeCloseTo(25 * 0.1153, 12)
  })

  it('says when the season has had enough, by the place before ours', () => {
    const applications = [spray('2026-04-01', 130)]
    expect(seasonSums({ ...base, applications })[0]).toMatchObject({ kgPerHa: 26, isOver: true })
    const own = { ...base, applications, ownLimits: { Fe: 40 } }
    expect(seasonSums(own)[0]).toMatchObject({
      isOver: false,
      limit: { value: 40, source: 'set by the place' },
    })
  })

  it('has no sum by ground where the ground is not known', () => {
    const [iron] = seasonSums({
      ...base,
      groundM2: undefined,
      applications: [spray('2026-04-01', 5)],
    })
    expect(iron).toMatchObject({ doneKg: 1, kgPerHa: undefined, isOver: false })
  })

  it.each([
    [{ groundM2: -1 }, /ground: expected/],
    [{ applications: [spray('2026-04-01', Number.NaN)] }, /productKg: expected 0 or more/],
  ])('refuses %j', (change, reason) => {
    expect(() => seasonSums({ ...base, applications: [], ...change })).toThrow(reason)
  })

  it('holds the nitrogen of turf to its grass', () => {
    for (const id of Object.keys(nitrogenOfTurf)) expect(findPlant(id).contexts).toContain('turf')
    const most = (plantId: string) =>
      seasonLimitOf('N', { context: 'turf', plantId, ownLimits: undefined })?.value
    expect(['creeping-bentgrass', 'bermudagrass', 'kentucky-bluegrass', 'centipedegrass'].map(most)).toEqual([250, 300, 200, 100]) // prettier-ignore
    const ownLimits = { N: 80 }
    expect(seasonLimitOf('N', { context: 'turf', plantId: 'bermudagrass', ownLimits })?.value).toBe(
      80,
    )
  })
})
