import { recordedAt } from '../../tests/recorded.ts'
import type { StandStoryDto } from '@spudder/contract/stand'
import { describe, expect, it } from 'vitest'
import { freshAcidDraft } from './acid-draft.ts'
import { groundReadings, newestOf, pHToStartFrom, retestsSince } from './acid-facts.ts'

type Reading = StandStoryDto['readings'][number]
const reading = (change: Partial<Reading>): Reading => ({
  id: `${change.kind}${change.takenOn}${change.place}`,
  standId: 'bed',
  kind: 'pH',
  value: 7,
  method: 'laboratory',
  came: { how: 'typed' as const },
  takenOn: '2026-03-01',
  preparation: null,
  place: null,
  doubt: null,
  instrument: '',
  note: '',
  ...recordedAt('2026-03-01T08:00:00.000Z'),
  ...change,
})
const story = (...readings: Reading[]) => ({ readings, events: [] })

describe('what the bench knows of the ground', () => {
  it('is the newest of each kind, and not of a healthy patch', () => {
    const told = story(
      reading({ kind: 'organicMatter', value: 2 }),
      reading({ kind: 'organicMatter', value: 3, takenOn: '2026-04-01' }),
      reading({ kind: 'organicMatter', value: 9, takenOn: '2026-05-01', place: 'healthy' }),
      reading({ kind: 'calciumCarbonate', value: 4 }),
    )
    expect(newestOf(told, 'organicMatter')?.value).toBe(3)
    const facts = groundReadings(told, '')
    expect(facts).toMatchObject({ organicPercent: 3, clayPercent: undefined })
    expect(facts.measured?.percent).toBe(4)
    expect(facts.measured?.doubt).toBeGreaterThan(0.3)
  })

  it('takes a buffer pH only once its buffer is named, with the pH of its day', () => {
    const told = story(
      reading({ value: 5.4 }),
      reading({ kind: 'bufferPH', value: 7.6, takenOn: '2026-03-02' }),
    )
    expect(groundReadings(told, '').bufferTest).toBeUndefined()
    expect(groundReadings(told, 'adams-evans').bufferTest).toEqual({
      test: 'adams-evans',
      bufferPH: 7.6,
      soilPH: 5.4,
    })
  })
})

describe('the pH of a plan', () => {
  it('starts from what is known today, the surer the fresher', () => {
    const told = story(reading({ value: 6.9 }))
    expect(pHToStartFrom(told, '2026-03-02')?.pH).toBeCloseTo(6.9, 9)
    const [fresh, old] = ['2026-03-02', '2026-12-01'].map((day) => pHToStartFrom(told, day)?.doubt)
    expect(old).toBeGreaterThan(2 * (fresh ?? 9))
    expect(pHToStartFrom(story(), '2026-03-02')).toBeUndefined()
  })

  it('is taught by what was measured since, in water, with the spread of its cores', () => {
    const told = story(
      reading({ value: 6.9, takenOn: '2026-03-01' }),
      reading({ value: 6, takenOn: '2026-09-01', preparation: 'calcium-chloride' }),
      reading({ value: 7.6, takenOn: '2026-09-01', place: 'healthy' }),
      reading({ value: 7.9, takenOn: '2026-09-01', place: 'supply' }),
    )
    const [retest, ...more] = retestsSince(told, '2026-03-01')
    expect(more).toEqual([])
    expect(retest?.pH).toBeCloseTo(6.55, 9)
    expect(retest?.doubt).toBeCloseTo(Math.hypot(0.1, 0.15), 9)
  })
})

describe('a draft', () => {
  const facts = { context: 'turf', plantId: 'fescue-zoysia', system: 'us', plan: undefined, likedPH: 6.5, fizz: undefined, rootDepthM: undefined, water: {} } as const // prettier-ignore

  it.each([
    [{}, 'turf', '4 in', ''],
    [{ plantId: 'creeping-bentgrass' }, 'green', '4 in', ''],
    [{ context: 'row-crop', system: 'metric' }, 'bare', '18 cm', ''],
    [{ context: 'container' }, 'pot', '8 in', 'potting-mix'],
    [{ context: 'shrub' }, 'bed', '6 in', ''],
  ] as const)('begins for %j onto %s, %s deep', (change, situation, depth, texture) => {
    const draft = freshAcidDraft({ ...facts, ...change })
    expect(draft).toMatchObject({ situation, depth, texture, targetPH: '6.5', steps: null })
  })

  it('goes on from the plan that holds, with the acid in its water', () => {
    const plan = {
      situation: 'bare',
      targetPH: 5,
      ground: { texture: 'clay', depthM: 0.2, titratedMmol: 31 },
      water: { mmPerYear: 254, alkalinityMgPerLCaCO3: 200, acidId: 'citric', leftMgPerLCaCO3: 40 },
      steps: [{ sourceId: 'sulfur-flour' }],
    } as unknown as StandStoryDto['acidPlans'][number]
    expect(freshAcidDraft({ ...facts, plan })).toMatchObject({
      situation: 'bare',
      targetPH: '5.0',
      texture: 'clay',
      titrated: '31',
      waterMm: '10 in',
      alkalinity: '200',
      acidId: 'citric',
      leaveAlkalinity: '40',
      sourceId: 'sulfur-flour',
    })
  })
})
