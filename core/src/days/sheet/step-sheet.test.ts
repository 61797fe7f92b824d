import { describe, expect, it } from 'vitest'
import { buildStepSheet, type StepSheetInput } from './index.ts'

const sulfur: StepSheetInput = {
  system: 'us',
  today: '2026-04-01',
  placeName: 'Vennlow Estate',
  stand: { name: 'North bed', context: 'shrub', size: { kind: 'area', areaM2: 100 } },
  job: { title: 'Elemental sulfur, step 1 of 3', dueOn: '2026-04-10', share: 1 },
  step: { sourceId: 'sulfur-prills', productKg: 2, groundM2: 100, depthM: 0.15, situation: 'bed' },
  rateWords: '0.41 lb/100 ft²',
  later: [{ title: 'Test pH again', dueOn: '2026-07-10' }],
} // prettier-ignore
const onto = (situation: StepSheetInput['step']['situation'], rest: Partial<StepSheetInput> = {}) =>
  buildStepSheet({ ...sulfur, ...rest, step: { ...sulfur.step, situation } })

describe('the sheet of a step of an acid plan', () => {
  it('has all that the sheet of a spray has: amount, tool, order, weather, cautions, what comes after', () => {
    const sheet = buildStepSheet(sulfur)
    expect(sheet.total.product).toBe('4.41 lb')
    expect([sheet.where, sheet.when]).toEqual([
      'Vennlow Estate, North bed, 1,076 ft² of ground',
      '10 Apr',
    ])
    expect(sheet.tool).toBe('Spreader')
    expect(sheet.sprayer.join(' ')).toMatch(/0.41 lb\/100 ft².*half/)
    expect(sheet.weather.length).toBeGreaterThan(0)
    expect(sheet.cautions.join(' ')).toMatch(/dust/i)
    expect(sheet.after.at(-1)).toBe('10 Jul: test pH again.')
  })

  it('halves the amount, and works in or waters in by what stands there', () => {
    expect(onto('bed').order.join(' ')).toMatch(
      /2.2 lb one way, 2.2 lb across.*water it in at once/,
    )
    expect(onto('bare').order.join(' ')).toMatch(/Work it in over the whole 5.9 in.*planting/)
  })

  it('shares it over holes under trees, and over pots, each with its own amount', () => {
    expect(onto('holes').order.join(' ')).toMatch(
      /pipes and cables.*2\.6 in wide.*24 in apart.*evenly over the holes/,
    )
    const stand = { name: 'Bench', context: 'container', size: { kind: 'pots', count: 50, potL: 3 } } as const // prettier-ignore
    expect(onto('holes').sprayer.join(' ')).toMatch(/measured scoop/)
    expect(onto('pot', { stand, system: 'metric' }).order[0]).toMatch(/^40 g for each pot/)
  })

  it('carries the lot and what its label warns of', () => {
    const product = { name: 'Sulfur 90', lot: 'S-12', hazards: 'Irritates eyes.' }
    const sheet = buildStepSheet({ ...sulfur, product })
    expect(sheet.product).toMatch(/Sulfur 90.*lot S-12/)
    expect(sheet.cautions.at(-1)).toBe('On its label: Irritates eyes.')
  })
})
