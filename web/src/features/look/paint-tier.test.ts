import { findingVocabulary, readPaint } from '@spudder/core/seen/finding'
import { leavesOf } from '@spudder/core/seen/painter'
import { describe, expect, it } from 'vitest'
import { paintTier } from './paint-tier.ts'

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
