import { describe, expect, it } from 'vitest'
import { sourceWords } from './index.ts'

describe('a source as it is said', () => {
  it('has its mark behind it', () => {
    expect(sourceWords({ source: 'Jones, Plant Analysis Handbook', mark: 'M' })).toBe(
      'Jones, Plant Analysis Handbook (from memory of a published source)',
    )
  })

  it('does not say common practice twice', () => {
    expect(sourceWords({ source: 'common practice; label first', mark: 'C' })).toBe(
      'common practice; label first',
    )
  })
})
