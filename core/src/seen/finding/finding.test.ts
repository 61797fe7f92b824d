import { describe, expect, it } from 'vitest'
import { checkFindings, findingsAsked, readPaint, type LeafPaint, type Paint } from './index.ts'

const leaves = Array.from({ length: 9 }, (_, index) => ({ id: `leaf-${index}`, age: index / 8 }))
const veins: LeafPaint = { severity: 3, pattern: 'fine-green-veins' }
const paintOn = (indices: number[], leaf = veins): Paint =>
  Object.fromEntries(indices.map((index) => [`leaf-${index}`, leaf]))

describe('readPaint', () => {
  it.each([
    [[0, 1, 2], 'youngest-only'],
    [[0, 1, 2, 3, 4], 'youngest-spreading-down'],
    [[0, 1, 2, 3, 4, 5, 6, 7, 8], 'all'],
    [[7, 8, 6], 'oldest-only'],
    [[4, 5, 6, 7, 8], 'oldest-spreading-up'],
    [[3, 4, 5], 'middle'],
    [[0], 'youngest-only'],
    [[8], 'oldest-only'],
    [[4], 'middle'],
    [[0, 8], 'scattered'],
    [[0, 4, 8], 'scattered'],
  ])('reads paint on leaves %j as %s', (indices, tier) => {
    expect(readPaint(leaves, paintOn(indices)).tier).toBe(tier)
  })

  it('takes the commonest pattern by severity and the mean severity', () => {
    const paint = { ...paintOn([0, 1]), ...paintOn([2], { severity: 5, pattern: 'bleached' }) }
    expect(readPaint(leaves, paint)).toMatchObject({ pattern: 'fine-green-veins', severity: '4' })
  })

  it('tells the oldest leaves apart where they show another pattern', () => {
    const hungry = { severity: 2, pattern: 'even-pale' } as const
    const both = { ...paintOn([0, 1, 2]), ...paintOn([6, 7, 8], hungry) }
    expect(readPaint(leaves, both)).toMatchObject({
      pattern: 'fine-green-veins',
      oldPattern: 'even-pale',
    })
    expect(readPaint(leaves, paintOn([0, 1, 7, 8]))).not.toHaveProperty('oldPattern')
  })

  it('finds nothing on a green plant', () => {
    expect(readPaint(leaves, paintOn([0], { ...veins, severity: 0 }))).toEqual({})
  })
})

describe('checkFindings', () => {
  it('does not ask for rings on the ground in a raft loop', () => {
    expect(findingsAsked('aquaponic')).not.toContain('whereOnGround')
    expect(() => checkFindings('aquaponic', { whereOnGround: 'rings' })).toThrow(/makes no sense/)
  })

  it('refuses names and values that are not in the vocabulary, listing those that are', () => {
    expect(() => checkFindings('turf', { colour: 'blue' })).toThrow(/names of findings/)
    expect(() => checkFindings('turf', { roots: 'purple' })).toThrow(/one of white, tan/)
  })
})
