import { rgb } from 'd3-color'
import { describe, expect, it } from 'vitest'
import { findingVocabulary, type LeafPattern, type Severity } from '../finding/index.ts'
import { contextNames, contexts } from '../../stand/plant/index.ts'
import { leavesOf, paintFigure, paintSwatch } from './index.ts'

const kinds = ['tuft', 'tree', 'bush', 'row-plant', 'pot', 'channel', 'raft'] as const
const patterns = Object.keys(findingVocabulary.pattern.values) as LeafPattern[]
const leaf = (pattern: LeafPattern, severity: Severity) =>
  paintSwatch('ovate', { pattern, severity })
const bladeColour = (pattern: LeafPattern, severity: Severity) =>
  rgb(leaf(pattern, severity)[0]?.colour ?? '')

describe('the painter', () => {
  it.each(kinds)('draws a %s inside its picture, with leaves of every age', (kind) => {
    const figure = paintFigure({ kind, leafForm: 'ovate', paint: {} })
    expect(figure.leaves.map(({ id }) => id)).toEqual(leavesOf(kind).map(({ id }) => id))
    const ages = figure.leaves.map(({ age }) => age)
    expect(Math.min(...ages)).toBe(0)
    expect(Math.max(...ages)).toBe(1)
    const numbers = figure.leaves.flatMap(({ shapes }) =>
      shapes.flatMap(({ d }) => [...d.matchAll(/(-?[\d.]+),(-?[\d.]+)/g)]),
    )
    for (const [, x, y] of numbers) {
      expect(Number(x)).toBeGreaterThan(-12)
      expect(Number(x)).toBeLessThan(figure.width + 12)
      expect(Number(y)).toBeGreaterThan(figure.top - 12)
      expect(Number(y)).toBeLessThan(figure.height)
    }
  })

  it('draws every pattern differently', () => {
    const drawings = patterns.map((pattern) => JSON.stringify(leaf(pattern, 3)))
    expect(new Set(drawings).size).toBe(drawings.length)
  })

  it('yellows the blade with severity and keeps the veins of an iron leaf green', () => {
    expect(bladeColour('fine-green-veins', 4).r).toBeGreaterThan(
      bladeColour('fine-green-veins', 1).r,
    )
    const veins = leaf('fine-green-veins', 4).filter(({ kind }) => kind === 'line')
    const green = rgb(veins[0]?.colour ?? '')
    expect(green.g).toBeGreaterThan(green.r)
    const evenVeins = leaf('even-pale', 4).filter(({ kind }) => kind === 'line')
    expect(evenVeins[0]?.colour).toBe(leaf('even-pale', 4)[0]?.colour)
  })

  it('lays a plant into what it stands in: each kind into its own', () => {
    const drawn = kinds.map((kind) =>
      JSON.stringify(paintFigure({ kind, leafForm: 'ovate', paint: {} }).ground),
    )
    expect(new Set(drawn).size).toBe(kinds.length)
  })

  it('leaves what a stroke does not touch as it was', () => {
    const figure = (severity: Severity) =>
      paintFigure({
        kind: 'tree',
        leafForm: 'lobed',
        paint: { 'leaf-9': { severity, pattern: 'mottle' } },
      })
    const [before, after] = [figure(2), figure(3)]
    expect(after.ground).toBe(before.ground)
    expect(after.leaves[0]?.shapes).toBe(before.leaves[0]?.shapes)
    expect(after.leaves.at(-1)?.shapes).not.toBe(before.leaves.at(-1)?.shapes)
  })

  it('draws the same picture from the same input', () => {
    expect(leaf('mottle', 3)).toEqual(leaf('mottle', 3))
  })

  it('tints the roots by what was found', () => {
    const rootsOf = (roots?: string) =>
      paintFigure({ kind: 'pot', leafForm: 'ovate', paint: {}, roots }).roots[0]?.colour
    expect(rootsOf('brown-soft')).not.toBe(rootsOf('white'))
    expect(rootsOf()).not.toBe(rootsOf('white'))
  })
})

describe('every kind of figure', () => {
  it.each(contextNames)(
    'has leaves in all three thirds for %s, so that any tier can be painted',
    (context) => {
      const ages = leavesOf(contexts[context].figure).map(({ age }) => age)
      for (const from of [0, 1 / 3, 2 / 3]) {
        expect(ages.filter((age) => age >= from && age <= from + 1 / 3).length).toBeGreaterThan(2)
      }
    },
  )
})
