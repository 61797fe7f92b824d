import { checks } from '@spudder/core/verdict/diagnosis'
import { readFileSync } from 'node:fs'
import { join } from 'node:path'
import { format } from 'prettier'
import { describe, expect, it } from 'vitest'
import { root } from '../processes.ts'
import { caseTable } from './case-table.ts'
import { compareOrders } from './check-order.ts'
import { checkOrderPlot, reliabilityPlot } from './plots.ts'
import { calibrationError, measureReliability } from './reliability.ts'

describe('stated probabilities', () => {
  it('match how often they come true, with tables off by half as much again', () => {
    const bins = measureReliability(2100, 0.5)
    expect(calibrationError(bins)).toBeLessThan(0.02)
    // Where the verdict is sure of itself there are fewer statements, so the bound is wider.
    for (const { stated, true: came, count } of bins) {
      const chance = Math.sqrt((stated * (1 - stated)) / count)
      expect(Math.abs(stated - came)).toBeLessThan(0.06 + 3 * chance)
    }
    expect(bins.length).toBeGreaterThan(7)
  })

  it('would not, were they overstated', () => {
    const bins = [{ stated: 0.9, true: 0.6, count: 100 }]
    expect(calibrationError(bins)).toBeCloseTo(0.3, 9)
  })
})

describe('the order of checks', () => {
  it('settles cases in fewer checks and for less money than a fixed or a random order', () => {
    const listed = checks.map(({ id }) => id)
    const [ranked, fixed, random] = compareOrders(21, 0.5, listed)
    for (const other of [fixed, random]) {
      expect(ranked?.checks).toBeLessThan(other?.checks ?? 0)
      expect(ranked?.money).toBeLessThan(other?.money ?? 0)
    }
  })
})

describe('the pages of the docs', () => {
  it('hold the written cases as they are', async () => {
    const page = readFileSync(join(root, 'docs', 'diagnosis-cases.md'), 'utf8')
    expect(await format(caseTable(), { parser: 'markdown', printWidth: 100 })).toBe(page)
  })

  it('draw what was measured', () => {
    const drawn = reliabilityPlot([{ stated: 0.5, true: 0.5, count: 12 }])
    expect(drawn.match(/<circle/g)).toHaveLength(1)
    const results = ['ranked', 'fixed'].map((order, index) => ({
      order: order as 'ranked',
      checks: 5 + index,
      money: 10,
      days: 1,
      right: 0.8,
    }))
    expect(checkOrderPlot(results)).toContain('>6.0<')
  })
})
