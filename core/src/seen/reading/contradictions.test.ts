import { describe, expect, it } from 'vitest'
import { contradictionsIn, type Reading } from './index.ts'

const pH = (value: number, takenOn: string, rest: Partial<Reading> = {}): Reading => ({
  kind: 'pH',
  value,
  method: 'laboratory',
  takenOn,
  ...rest,
})
const told = (readings: readonly Reading[], correctedOn?: string) =>
  contradictionsIn(
    readings,
    correctedOn === undefined ? [] : [{ onDay: correctedOn, fromPH: 8, toPH: 6 }],
    (day) => day,
  ).map(({ words }) => words)

describe('readings that contradict each other', () => {
  it('are named with their days, and what to do', () => {
    const [words] = told([pH(6, '2026-05-01'), pH(7.6, '2026-05-08')])
    expect(words).toMatch(/^pH 6.0 on 2026-05-01 and 7.6 on 2026-05-08 contradict.*measure again/)
  })

  it('are named of metals and of water too, with their unit', () => {
    const zinc = (value: number, takenOn: string): Reading => ({
      ...pH(value, takenOn),
      kind: 'soilZinc',
    })
    expect(told([zinc(0.3, '2026-05-01'), zinc(6, '2026-05-10')])[0]).toMatch(
      /^DTPA zinc 0.3 mg\/kg on 2026-05-01 and 6 mg\/kg on/,
    )
    // Nitrate comes and goes with rain and feed.
    const nitrate = (value: number, takenOn: string): Reading => ({
      ...pH(value, takenOn),
      kind: 'soilNitrate',
    })
    expect(told([nitrate(3, '2026-05-01'), nitrate(40, '2026-05-10')])).toEqual([])
  })

  it('are none where both may be right', () => {
    expect(told([pH(6.4, '2026-05-01'), pH(6.5, '2026-05-08')])).toEqual([])
    // Seasons apart, put right in between, or of another place.
    expect(told([pH(6, '2025-11-01'), pH(7.6, '2026-05-08')])).toEqual([])
    expect(told([pH(7.6, '2026-05-01'), pH(6, '2026-05-08')], '2026-05-04')).toEqual([])
    expect(told([pH(6, '2026-05-01', { place: 'healthy' }), pH(7.6, '2026-05-08')])).toEqual([])
  })
})
