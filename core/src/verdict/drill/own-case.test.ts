import { describe, expect, it } from 'vitest'
import { storyOf } from '../diagnosis/index.ts'
import { knownOf } from '../diagnosis/index.ts'
import { chooseOwn, drillOwn, goWell, offeredIn, scoreDrill, type OwnCase } from './index.ts'

const lookedOn = '2026-05-20'
/** What was found and measured of a green on lime, as the record has it. */
const known = knownOf({
  context: 'turf',
  plantId: 'creeping-bentgrass',
  lookedOn,
  findings: { tier: 'youngest-only', pattern: 'stripes', severity: '3', roots: 'white' },
  ...storyOf(
    lookedOn,
    [{ kind: 'pH', value: 8.1, method: 'laboratory', takenOn: '2026-05-18' }],
    [],
  ),
})
const own: OwnCase = {
  caseId: 'case',
  standName: 'Bowling green',
  context: 'turf',
  plantId: 'creeping-bentgrass',
  causeId: 'iron-tied-up-by-pH',
  lookedOn,
  known,
  story: [
    { kind: 'limed', happenedOn: '2026-02-20' },
    { kind: 'fed', happenedOn: '2026-06-01' },
  ],
  treatments: [{ appliedName: 'Fe-EDDHA', happenedOn: '2026-05-22' }],
  closedOn: '2026-07-01',
  note: '',
}

describe('what is known of a case', () => {
  it('is each finding, and each test by the value that it likeliest has', () => {
    const values = new Map(known.map(({ name, value }) => [name, value]))
    expect(values.get('roots')).toBe('white')
    expect(values.get('severity')).toBe('3')
    expect(values.get('pH')).toBeDefined()
  })
})

describe('an own case as a drill', () => {
  const drilled = drillOwn(own)
  const [plant] = drilled.plants

  it('shows what was known when somebody acted, and nothing that came later', () => {
    expect(plant?.shown.get('tier')).toBe('youngest-only')
    // Told by the days before the look, whatever the season of a drill.
    expect(plant?.story).toEqual([{ kind: 'limed', happenedOn: '2026-03-18' }])
    expect(Object.values(plant?.paint ?? {}).some(({ severity }) => severity > 0)).toBe(true)
  })

  it('is right by what it greened of, and scored beside the engine, which is not told', () => {
    expect(offeredIn(drilled).map(({ id }) => id)).toContain('iron-tied-up-by-pH')
    const right = scoreDrill(drilled, 'iron-tied-up-by-pH', [])
    const wrong = scoreDrill(drilled, 'nitrogen-short', [])
    expect(right).toMatchObject({ truth: ['iron-tied-up-by-pH'], went: { right: 1, loss: 0 } })
    expect(wrong.went).toMatchObject({ right: 0 })
    expect(wrong.regret - right.regret).toBe(wrong.went.loss)
    const other = drillOwn({ ...own, causeId: 'magnesium-short' })
    const { saidId } = goWell(drilled)
    expect(goWell(other).saidId).toBe(saidId)
  })
})

describe('which own case comes next', () => {
  const cases = ['a', 'b', 'c'].map((caseId) => ({ ...own, caseId }))
  const done = (caseId: string, answeredOn: string) => ({ caseId, answeredOn })

  it('is one that was never answered, then the one answered longest ago', () => {
    expect(chooseOwn(cases, [done('a', '2026-06-01')])?.caseId).toBe('b')
    const all = [done('b', '2026-06-01'), done('a', '2026-06-02'), done('c', '2026-06-03')]
    expect(chooseOwn(cases, all)?.caseId).toBe('b')
    expect(chooseOwn(cases, [...all, done('b', '2026-06-04')])?.caseId).toBe('a')
    expect(chooseOwn([], [])).toBeUndefined()
  })
})
