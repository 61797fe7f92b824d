import { addDays } from '../../../base/calendar/index.ts'
import { responseFor } from '../../../material/source/index.ts'
import type { KeptColour } from '../../learnt/index.ts'
import { reviewSeason, type SeasonEntry, type SeasonRecord } from '../index.ts'

export const day = (days: number) => addDays('2026-04-01', days)
export const colour = (
  days: number,
  value: number,
  change: Partial<KeptColour> = {},
): KeptColour => ({
  standId: 'green',
  kind: 'turfColour',
  value,
  method: 'meter',
  takenOn: day(days),
  doubt: 0.2,
  ...change,
})
export const spray = (days: number, change: Partial<SeasonEntry> = {}): SeasonEntry => ({
  entryId: `${change.standId ?? 'green'} ${days} ${change.appliedName ?? ''}`,
  standId: 'green',
  appliedOn: day(days),
  route: 'leaf',
  sourceId: 'ferrous-sulfate',
  caseId: 'case',
  appliedName: 'Ferrous sulfate',
  productKg: 2,
  cost: 10,
  ...change,
})
export const season = (change: Partial<SeasonRecord> = {}): SeasonRecord => {
  const entries = change.entries ?? [spray(20)]
  return {
    stands: [
      {
        id: 'green',
        name: 'Bowling green',
        context: 'turf',
        plantId: 'creeping-bentgrass',
        paleLossPerDay: 6,
      },
      {
        id: 'lawn',
        name: 'Events lawn',
        context: 'turf',
        plantId: 'creeping-bentgrass',
        paleLossPerDay: 6,
      },
    ],
    colours: [],
    cases: [],
    treatments: entries.filter(({ caseId }) => caseId !== null),
    ...change,
    entries,
  }
}
export const review = (
  record: SeasonRecord,
  from = '2026-01-01',
  to = '2026-12-31',
  learns = false,
) =>
  reviewSeason({
    record,
    eyes: [],
    expected: record.entries.map(({ standId, route, sourceId }) => ({
      standId,
      route,
      sourceId,
      response: responseFor(route, sourceId, 'turf'),
    })),
    latitude: 51,
    learns,
    tripCost: 8,
    from,
    to,
  })
/** Pale until a spray on day 20, then green for three weeks, seen every few days. */
export const greened = [
  ...[0, 7, 14, 19].map((days) => colour(days, 4)),
  ...[24, 28, 32, 36, 40].map((days) => colour(days, 8)),
]
