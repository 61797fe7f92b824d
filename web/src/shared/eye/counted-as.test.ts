import type { ReadingDto } from '@spudder/contract/reading'
import { eyesOf, planSitting } from '@spudder/core/seen/eye'
import { describe, expect, it } from 'vitest'
import { recorded } from '../../tests/recorded.ts'
import { seenColours } from '../ribbon/seen-colour.ts'
import { countedAs } from './counted-as.ts'

const plan = planSitting('turfColour', 0.3)
/** Somebody who says one too much of everything. */
const eyes = eyesOf([
  {
    id: 'sitting',
    scale: 'turfColour',
    createdBy: 'Marla Quist',
    ratedOn: '2026-05-01',
    shown: plan,
    said: plan.map(({ truth }, at) => Math.min(9, truth + (at % 2 === 0 ? 1.1 : 0.9))),
  },
])
const reading = (change: Partial<ReadingDto> = {}) =>
  ({
    ...recorded,
    id: 'reading',
    standId: 'green',
    kind: 'turfColour',
    value: 6,
    method: 'eye',
    takenOn: '2026-06-01',
    came: { how: 'typed' },
    createdBy: 'Marla Quist',
    ...change,
  }) as ReadingDto

describe('a rating by an eye that was measured', () => {
  it('is told as it was said, and counts as it was put right', () => {
    expect(countedAs(reading(), eyes)).toMatch(
      /^counts as 5\.\d ± 0\.\d, by the eye of Marla Quist$/,
    )
    const [seen] = seenColours([reading()], eyes)
    const [asSaid] = seenColours([reading()], [])
    expect(seen).toMatchObject({ value: 6, eye: { person: 'Marla Quist' } })
    expect(seen?.greenness).toBeLessThan((asSaid?.greenness ?? 0) - 0.05)
  })

  it('of a ribbon, which knows only who rated, counts alike', () => {
    const { kind, value, method, takenOn } = reading()
    const told = { kind, value, method, takenOn, ratedBy: 'Marla Quist' }
    expect(seenColours([told], eyes)[0]?.greenness).toBe(
      seenColours([reading()], eyes)[0]?.greenness,
    )
  })

  it('by somebody else, or by a meter, counts as it was said', () => {
    expect(countedAs(reading({ createdBy: 'Tobin Ashgrove' }), eyes)).toBeUndefined()
    expect(countedAs(reading({ method: 'meter' }), eyes)).toBeUndefined()
  })
})
