import { describe, expect, it } from 'vitest'
import { percent } from './percent.ts'
import { lineStart, midSentence } from './sentence.ts'

describe('words', () => {
  it('keep the spelling of pH at either end of a sentence', () => {
    expect(lineStart('pH measured')).toBe('pH measured')
    expect(lineStart('water')).toBe('Water')
    expect(midSentence('Iron tied up by high pH')).toBe('iron tied up by high pH')
  })

  it('do not call a small chance none', () => {
    expect(percent(0.0001)).toBe('< 1 %')
    expect(percent(0)).toBe('0 %')
    expect(percent(0.626)).toBe('63 %')
  })
})
