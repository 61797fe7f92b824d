import { describe, expect, it } from 'vitest'
import { leavesOf } from './index.ts'
import { findingVocabulary, paintFindings, paintTier, readPaint } from '../finding/index.ts'

const brush = { severity: 3, pattern: 'fine-green-veins' } as const
const figures = ['tuft', 'tree', 'row-plant', 'raft'] as const
const tiers = Object.keys(findingVocabulary.tier.values)

describe('a tier said in words', () => {
  it.each(figures.flatMap((figure) => tiers.map((tier) => [tier, figure] as const)))(
    '%s on a %s is painted so that it reads back as itself',
    (tier, figure) => {
      const leaves = leavesOf(figure)
      expect(readPaint(leaves, paintTier(leaves, tier, brush)).tier).toBe(tier)
    },
  )
})

describe('a plant painted by what is found of it', () => {
  it.each(figures)(
    'reads back on a %s: leaves, pattern, how bad, and the oldest that differ',
    (figure) => {
      const leaves = leavesOf(figure)
      const findings = {
        tier: 'all',
        pattern: 'fine-green-veins',
        severity: '4',
        oldPattern: 'margin-scorch',
      }
      expect(readPaint(leaves, paintFindings(leaves, findings))).toEqual(findings)
    },
  )

  it('no old leaves that differ are painted where they are green', () => {
    const leaves = leavesOf('tree')
    const paint = paintFindings(leaves, { tier: 'youngest-only', oldPattern: 'mottle' })
    expect(readPaint(leaves, paint)).toEqual({
      tier: 'youngest-only',
      pattern: 'even-pale',
      severity: '2',
    })
  })
})
