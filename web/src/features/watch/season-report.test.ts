import { recordedAt } from '../../tests/recorded.ts'
import type { StandStoryDto } from '@spudder/contract/stand'
import { eyesOf, planSitting } from '@spudder/core/seen/eye'
import { nothingKnown } from '../../shared/known/known.ts'
import { describe, expect, it } from 'vitest'
import { entryRow, standRow } from '../../tests/rows.ts'
import { seasonChart } from './season-chart.ts'
import { seasonDocument } from './season-report.ts'

const recorded = recordedAt('2026-06-01T08:00:00.000Z')
const reading = (takenOn: string, value: number) => ({
  id: takenOn,
  standId: 'green',
  kind: 'turfColour' as const,
  value,
  method: 'eye' as const,
  came: { how: 'typed' as const },
  takenOn,
  preparation: null,
  place: null,
  doubt: null,
  instrument: '',
  note: '',
  ...recorded,
})
const story: StandStoryDto = {
  stand: standRow({ name: 'Bowling green' }),
  readings: [reading('2026-05-30', 4), reading('2026-06-08', 7), reading('2026-06-12', 7)],
  events: [],
  cases: [
    {
      id: 'case',
      standId: 'green',
      openedOn: '2026-05-28',
      closedOn: '2026-06-20',
      outcome: 'green',
      outcomeNote: 'Green within the week.',
      ...recorded,
    },
  ],
  looks: [],
  photos: [],
  remedies: [],
  acidPlans: [],
  jobs: [],
  entries: [
    entryRow({
      caseId: 'case',
      happenedOn: '2026-06-01',
      route: 'leaf',
      sourceId: 'ferrous-sulfate',
      productKg: 4.5,
    }),
  ],
}
const image = 'data:image/jpeg;base64,AAAA'
const document = (photos = 0) =>
  JSON.stringify(
    seasonDocument(
      { story, known: nothingKnown, system: 'us' },
      '2026-06-30',
      Array.from({ length: photos }, (_, index) => ({ image, words: `photo ${index + 1}` })),
    ),
  )

describe('a season report', () => {
  it('tells the stand, what was done in units of the place, and the judgement with its chance', () => {
    const text = document()
    expect(text).toContain('Bowling green: season report')
    expect(text).toMatch(/1 Jun 2026: Ferrous sulfate[^"]*9\.92 lb/)
    expect(text).toMatch(/on course \(9\d in 100\)/)
    expect(text).toContain('Ended: green. Green within the week.')
    expect(text).toContain('The label, local rules and licensed practice come before')
  })

  it('lays pictures in pairs with their words', () => {
    expect(document(3).match(/"columns"/g)).toHaveLength(2)
    expect(document(3)).toContain('photo 3')
    expect(document()).not.toContain('"Photos"')
  })

  it('says what was made up, whose eye put colours right, and that what was taught is expected', () => {
    const sitting = planSitting('turfColour', 0.4)
    const eyes = eyesOf([
      {
        id: 'sitting',
        scale: 'turfColour',
        createdBy: recorded.createdBy,
        ratedOn: '2026-05-01',
        shown: sitting,
        said: sitting.map(({ truth }, at) => Math.min(9, truth + (at % 2 ? 0.9 : 0.6))),
      },
    ])
    const made = { ...reading('2026-06-14', 6), came: { how: 'simulated' as const, by: 'a pen' } }
    const readings = [...story.readings, made]
    const told = JSON.stringify(
      seasonDocument({ story: { ...story, readings }, known: { ...nothingKnown, eyes }, system: 'us' }, '2026-06-30', []), // prettier-ignore
    )
    expect(told).toMatch(/Last seen 14 Jun[^"]*made up by a practice device/)
    expect(told).toContain('Crossed points were made up')
    expect(told).toContain('put right by the eye that gave them')
    for (const words of ['Crossed', 'put right', 'taught']) expect(document()).not.toContain(words)
  })

  it('says so where nothing was seen', () => {
    const bare = seasonDocument(
      { story: { ...story, readings: [] }, known: nothingKnown, system: 'us' },
      '2026-06-30',
      [],
    )
    expect(JSON.stringify(bare)).toContain('No colour was seen.')
  })
})

describe('the chart of a season', () => {
  const look = (day: string, greenness: number) => ({ day, greenness, doubt: 0.05 })

  it('has a point a look in its leaf colour, and a line on each day of work in between', () => {
    const seen = [look('2026-05-01', 0.3), look('2026-06-01', 0.8)]
    const chart = seasonChart(seen, [{ happenedOn: '2026-05-10' }, { happenedOn: '2026-09-01' }])
    expect(chart.match(/<circle/g)).toHaveLength(2)
    expect(chart.match(/stroke="#a23f1b"/g)).toHaveLength(1)
    expect(chart).toContain('1 May to 1 Jun')
    expect(chart).not.toContain('made-up')
    expect(seasonChart([...seen, { ...look('2026-06-04', 0.5), isSimulated: true }], [])).toContain('made-up') // prettier-ignore
    // Paper knows no theme.
    expect(chart).not.toContain('var(')
  })

  it('is nothing where nothing was seen', () => {
    expect(seasonChart([], [])).toBe('')
  })
})
