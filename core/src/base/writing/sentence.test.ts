import { describe, expect, it } from 'vitest'
import { lineStart, midSentence } from './sentence.ts'

describe('sentences', () => {
  it('keep the spelling of pH at either end of a sentence', () => {
    expect(lineStart('pH measured')).toBe('pH measured')
    expect(lineStart('water')).toBe('Water')
    expect(midSentence('Iron tied up by high pH')).toBe('iron tied up by high pH')
  })
})
