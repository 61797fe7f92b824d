import { describe, expect, it } from 'vitest'
import { workingCourse } from '../../material/persistence/index.ts'
import { reviewNoResponse, type ReviewFacts } from './index.ts'

const sound: ReviewFacts = {
  system: 'us',
  route: 'soil',
  appliedName: 'EDDHA',
  waterMm: 6,
  pH: 7.6,
  working: { low: 0.7, usual: 0.8, high: 0.9 },
  leafPaint: 'iron',
  ironChance: 0.8,
  roots: 'white',
  lookedAfterDays: 60,
  dueByDays: 42,
  wasWhite: false,
}
const review = (facts: Partial<ReviewFacts>) => reviewNoResponse({ ...sound, ...facts })
const answers = (facts: Partial<ReviewFacts>) => review(facts).steps.map(({ answer }) => answer)

describe('a review of no response', () => {
  it('asks in the order of practice', () => {
    expect(review({}).steps.map(({ id }) => id)).toEqual([
      'washed-off',
      'wrong-chelate',
      'not-iron',
      'roots',
      'too-early',
    ])
  })

  it.each<[string, Partial<ReviewFacts>, string]>([
    ['rain on a spray', { route: 'leaf', rainAfterMm: 6 }, 'washed-off'],
    ['a spray in too much water', { route: 'leaf', rainAfterMm: 0, stayed: { low: 0.2, usual: 0.3, high: 0.4 } }, 'washed-off'], // prettier-ignore
    ['a drench that stayed on the mulch', { waterMm: 0.2 }, 'washed-off'],
    ['a cup at the foot of a tree', { waterPerPlantL: 0.3 }, 'washed-off'],
    ['a chelate past its pH', { working: { low: 0, usual: 0.02, high: 0.1 } }, 'wrong-chelate'],
    ['a manganese leaf', { leafPaint: 'manganese' }, 'not-iron'],
    ['a verdict for something else', { leafPaint: undefined, ironChance: 0.2 }, 'not-iron'],
    ['rotten roots', { roots: 'brown-soft' }, 'roots'],
    ['cold ground', { warmth: 'cold' }, 'roots'],
    ['an early look', { lookedAfterDays: 20 }, 'too-early'],
  ])('finds %s', (_, facts, id) => {
    const { explains, conclusion } = review(facts)
    expect(explains?.id).toBe(id)
    expect(explains?.then).toMatch(/\.$/)
    expect(conclusion).toContain(explains?.because)
  })

  it('says what to find out where the record does not know', () => {
    const { explains, askNext, conclusion } = review({ leafPaint: undefined, roots: undefined })
    expect(explains).toBeUndefined()
    expect(askNext?.id).toBe('not-iron')
    expect(conclusion).toContain('Paint leaves')
  })

  it('keeps an earlier open question in sight of a later answer', () => {
    expect(review({ waterMm: undefined, roots: 'knotted' }).conclusion).toContain(
      'earlier question',
    )
  })

  it('says so where nothing explains it', () => {
    expect(answers({})).toEqual(['no', 'no', 'no', 'no', 'no'])
    expect(review({}).conclusion).toContain('explains none')
  })

  it('tells amounts in the units of the place', () => {
    const told = (system: 'us' | 'metric') =>
      review({ system, route: 'leaf', rainAfterMm: 6 }).steps[0]?.because
    expect(told('us')).toBe('0.24 in of rain fell within six hours.')
    expect(told('metric')).toBe('6.0 mm of rain fell within six hours.')
  })

  it('does not blame the pH of the soil for a leaf spray', () => {
    const facts = {
      route: 'leaf',
      rainAfterMm: 0,
      working: { low: 0, usual: 0.1, high: 0.2 },
    } as const
    expect(review(facts).explains).toBeUndefined()
  })

  it('explains EDTA at pH 7.6 by itself, from what is known of the chelate', () => {
    const ground = { pH: 7.6, doubt: 0.2 }
    const working = workingCourse('fe-edta', 'soil', ground).mean(42)
    expect(review({ appliedName: 'EDTA', working }).explains?.id).toBe('wrong-chelate')
    const held = workingCourse('fe-eddha', 'soil', ground)
    expect(review({ working: held.mean(42) }).explains).toBeUndefined()
  })
})
