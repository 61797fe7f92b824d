import type { StandStoryDto } from '@spudder/contract/stand'
import { describe, expect, it } from 'vitest'
import { freshAcidDraft } from './acid-draft.ts'

describe('a draft', () => {
  const facts = { context: 'turf', plantId: 'fescue-zoysia', system: 'us', plan: undefined, likedPH: 6.5, fizz: undefined, rootDepthM: undefined, water: {} } as const // prettier-ignore

  it.each([
    [{}, 'turf', '4 in', ''],
    [{ plantId: 'creeping-bentgrass' }, 'green', '4 in', ''],
    [{ context: 'row-crop', system: 'metric' }, 'bare', '18 cm', ''],
    [{ context: 'container' }, 'pot', '8 in', 'potting-mix'],
    [{ context: 'shrub' }, 'bed', '6 in', ''],
  ] as const)('begins for %j onto %s, %s deep', (change, situation, depth, texture) => {
    const draft = freshAcidDraft({ ...facts, ...change })
    expect(draft).toMatchObject({ situation, depth, texture, targetPH: '6.5', steps: null })
  })

  it('goes on from the plan that holds, with the acid in its water', () => {
    const plan = {
      situation: 'bare',
      targetPH: 5,
      ground: { texture: 'clay', depthM: 0.2, titratedMmol: 31 },
      water: { mmPerYear: 254, alkalinityMgPerLCaCO3: 200, acidId: 'citric', leftMgPerLCaCO3: 40 },
      steps: [{ sourceId: 'sulfur-flour' }],
    } as unknown as StandStoryDto['acidPlans'][number]
    expect(freshAcidDraft({ ...facts, plan })).toMatchObject({
      situation: 'bare',
      targetPH: '5.0',
      texture: 'clay',
      titrated: '31',
      waterMm: '10 in',
      alkalinity: '200',
      acidId: 'citric',
      leaveAlkalinity: '40',
      sourceId: 'sulfur-flour',
    })
  })
})
