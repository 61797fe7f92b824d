import { describe, expect, it } from 'vitest'
import { CoreError } from '../../base/error/index.ts'
import { contextNames } from '../../stand/plant/index.ts'
import {
  checkFindings,
  checkPaint,
  findingsAsked,
  findingWords,
  readPaint,
  valuesOf,
} from './index.ts'

const leaves = Array.from({ length: 12 }, (_, index) => ({ id: `leaf-${index}`, age: index / 12 }))
const veins = { severity: 3, pattern: 'fine-green-veins' } as const

describe('checkPaint', () => {
  it('lets through what was painted on leaves of the figure', () => {
    const paint = { 'leaf-1': veins, 'leaf-9': { severity: 0, pattern: 'mottle' } }
    expect(checkPaint(leaves, paint)).toBe(paint)
  })

  it.each([
    [{ 'leaf-99': veins }, /leaves of the drawn plant, got leaf-99/],
    [{ 'leaf-1': { ...veins, severity: 6 } }, /severity from 0 to 5 on each leaf, got 6/],
    [
      { 'leaf-1': { ...veins, pattern: 'plaid' } },
      /pattern of the swatches on each leaf, got plaid/,
    ],
    [{ 'leaf-1': null }, /severity from 0 to 5/],
    [{ 'leaf-1': 'toString' }, /severity from 0 to 5/],
  ])('refuses %j', (paint, message) => {
    expect(() => checkPaint(leaves, paint)).toThrow(message)
    expect(() => checkPaint(leaves, paint)).toThrow(CoreError)
  })
})

describe('checkFindings', () => {
  it('lets every value of every finding through where it is asked', () => {
    for (const context of contextNames) {
      for (const name of findingsAsked(context)) {
        for (const value of Object.keys(valuesOf(name))) {
          expect(checkFindings(context, { [name]: value })).toEqual({ [name]: value })
        }
      }
    }
  })

  it('does not take the names of JavaScript for findings', () => {
    expect(() => checkFindings('turf', { constructor: 'white' })).toThrow(CoreError)
    expect(() => checkFindings('turf', { roots: 'toString' })).toThrow(CoreError)
  })

  it('says a value in words', () => {
    expect(findingWords('roots', 'brown-soft')).toBe('brown and soft')
  })
})

describe('readPaint', () => {
  it('reads the mean severity of the leaves that are affected, not of all', () => {
    const paint = {
      'leaf-9': { ...veins, severity: 5 },
      'leaf-8': { ...veins, severity: 4 },
    } as const
    expect(readPaint(leaves, paint).severity).toBe('5')
  })
})
