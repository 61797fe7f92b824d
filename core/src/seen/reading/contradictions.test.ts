import { describe, expect, it } from 'vitest'
import { pHContradictions, type Reading } from './index.ts'

const pH = (value: number, takenOn: string, rest: Partial<Reading> = {}): Reading => ({
  kind: 'pH',
  value,
  method: 'laboratory',
  takenOn,
  ...rest,
})
const told = (readings: readonly Reading[], correctedOn?: string) =>
  pHContradictions(
    readings,
    correctedOn === undefined ? [] : [{ onDay: correctedOn, fromPH: 8, toPH: 6 }],
    (day) => day,
  ).map(({ words }) => words)

describe('readings of pH that contradict each other', () => {
  it('are named with their days, and what to do', () => {
    const [words] = told([pH(6, '2026-05-01'), pH(7.6, '2026-05-08')])
    expect(words).toMatch(/^pH 6.0 on 2026-05-01 and 7.6 on 2026-05-08 contradict.*measure again/)
  })

  it('are none where both may be right', () => {
    expect(told([pH(6.4, '2026-05-01'), pH(6.5, '2026-05-08')])).toEqual([])
    // Seasons apart, put right in between, or of another place.
    expect(told([pH(6, '2025-11-01'), pH(7.6, '2026-05-08')])).toEqual([])
    expect(told([pH(7.6, '2026-05-01'), pH(6, '2026-05-08')], '2026-05-04')).toEqual([])
    expect(told([pH(6, '2026-05-01', { place: 'healthy' }), pH(7.6, '2026-05-08')])).toEqual([])
  })
})
