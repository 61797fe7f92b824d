import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { leafFrame, type LeafPose } from './leaf-frame.ts'
import { halfWidth, leafOutline } from './outline.ts'
import { layLeaves } from './pose-leaves.ts'
import { pathThrough } from './shape.ts'
import { veinsOf } from './veins.ts'

const forms = ['ovate', 'lobed', 'blade', 'cabbage', 'palmate', 'needle', 'frond'] as const
const figures = ['tuft', 'tree', 'bush', 'row-plant', 'pot', 'channel', 'raft'] as const
const pose: LeafPose = { x: 100, y: 200, angle: 0.4, length: 80, bend: 0.9 }

describe('the frame of a leaf', () => {
  it('puts the base at the foot of the leaf', () => {
    expect(leafFrame(pose)(0, 0)).toEqual([100, 200])
  })

  it('keeps the midrib as long as the leaf, however it bends', () => {
    const bends = fc.double({ min: -1.5, max: 1.5, noNaN: true })
    fc.assert(
      fc.property(bends, (bend) => {
        const frame = leafFrame({ ...pose, bend })
        const points = Array.from({ length: 401 }, (_, index) => frame(0, index / 400))
        const length = points.slice(1).reduce((sum, [x, y], index) => {
          const [fromX, fromY] = points[index] ?? [0, 0]
          return sum + Math.hypot(x - fromX, y - fromY)
        }, 0)
        expect(Math.abs(length / pose.length - 1)).toBeLessThan(1e-3)
      }),
    )
  })

  it('stands straight up at angle 0 without a bend', () => {
    const [x, y] = leafFrame({ ...pose, angle: 0, bend: 0 })(0, 1)
    expect(x).toBeCloseTo(100, 9)
    expect(y).toBeCloseTo(120, 9)
  })
})

describe('the outline of a leaf', () => {
  it.each(forms)('of form %s is alike on both sides and closed at the ends', (form) => {
    const outline = leafOutline(form)
    const us = outline.map(([u]) => u)
    expect(Math.max(...us)).toBeCloseTo(-Math.min(...us), 6)
    const ts = outline.map(([, t]) => t)
    expect(Math.max(...ts)).toBeLessThan(1.06)
    expect(Math.max(...us)).toBeGreaterThan(0.03)
  })

  it.each(forms)('of form %s lies within itself when it is drawn in', (form) => {
    const widest = (inset: number) => Math.max(...leafOutline(form, inset).map(([u]) => u))
    expect(widest(0.8)).toBeLessThan(widest(1))
  })

  it('is narrow for a blade and broad for other leaves', () => {
    expect(halfWidth('blade', 0.5)).toBeLessThan(0.05)
    for (const form of ['ovate', 'cabbage', 'lobed'] as const) {
      const widths = Array.from({ length: 19 }, (_, index) => halfWidth(form, (index + 1) / 20))
      expect(Math.max(...widths)).toBeGreaterThan(0.2)
    }
  })
})

describe('the veins of a leaf', () => {
  it.each(forms)('of form %s are alike on both sides and stay inside the leaf', (form) => {
    const { main, side, fine } = veinsOf(form)
    const points = [...main, ...side, ...fine].flat()
    const widest = Math.max(...leafOutline(form).map(([u]) => u))
    const us = points.map(([u]) => u)
    expect(Math.max(...us)).toBeLessThanOrEqual(widest * 1.02)
    expect(Math.max(...us)).toBeCloseTo(-Math.min(...us), 2)
    expect(side.length).toBeGreaterThan(1)
  })
})

describe('the leaves of a figure', () => {
  it.each(figures)('of kind %s differ in place and have one youngest and one oldest', (kind) => {
    const leaves = layLeaves(kind)
    const places = leaves.map(({ pose: { x, y, angle } }) => `${x} ${y} ${angle}`)
    expect(new Set(places).size).toBe(leaves.length)
    expect(leaves.filter(({ age }) => age === 0)).toHaveLength(1)
    expect(leaves.filter(({ age }) => age === 1)).toHaveLength(1)
  })
})

describe('pathThrough', () => {
  it('spells points as SVG does', () => {
    const points = [[1, 2], [3.25, 4]] as const // prettier-ignore
    expect(pathThrough(points)).toBe('M1.0,2.0L3.3,4.0')
    expect(pathThrough(points, true)).toBe('M1.0,2.0L3.3,4.0Z')
    expect(pathThrough([])).toBe('')
  })
})
