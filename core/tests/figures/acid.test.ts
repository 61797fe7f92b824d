import { describe, expect, it } from 'vitest'
import {
  acidGround,
  acidNeed,
  compareMaterials,
  feasibility,
  pathOfPlan,
  planSteps,
  situationNames,
  tableFigures,
} from '../../src/soil/acid-plan/index.ts'
import { climateNames, soilClimates } from '../../src/soil/climate/index.ts'
import { foretellAtOnce } from '../../src/soil/pH-path/index.ts'
import { textureNames } from '../../src/soil/soil/index.ts'
import { sayFigures } from './say-figures.ts'

const startsOn = '2026-04-15'

describe('acid plans are what they were', () => {
  it('needs, tables, feasibility', async () => {
    const lines = textureNames.flatMap((texture) =>
      [6.8, 7.4].map((pH) => {
        const ground = acidGround({ texture, pH, pHDoubt: 0.1, depthM: 0.18 })
        const { molPerM2, limeMolPerM2, sulfurKgPerM2 } = acidNeed(ground, 5.5)
        const tables = tableFigures(pH, 5.5, 0.18).map(({ sulfurKgPerM2: kg }) => kg)
        const words = situationNames.map((situation) => {
          const need = acidNeed(ground, 5.5)
          const { word, years } = feasibility({ ground, need, situation, waterMolPerYear: 0.4, system: 'metric' }) // prettier-ignore
          return [situation, word, years]
        })
        return [`${texture} ${pH}`, { molPerM2, limeMolPerM2, sulfurKgPerM2, tables, words }] as const // prettier-ignore
      }),
    )
    await expect(sayFigures(lines)).toMatchFileSnapshot('acid-needs.txt')
  })

  it('materials and steps', async () => {
    const ground = acidGround({ texture: 'sandy-loam', pH: 6.9, pHDoubt: 0.1, depthM: 0.18 })
    const lines = situationNames.flatMap((situation) =>
      climateNames.map((climate) => {
        const grounds = { situation, climate: soilClimates[climate], system: 'metric', nitrogenLeft: () => 0.01, planned: [], done: [], startsOn } as const // prettier-ignore
        const offers = compareMaterials({ ...grounds, need: acidNeed(ground, 5.8), ownPrice: () => undefined }) // prettier-ignore
        const materials = offers.map(({ acidity, kgPerM2, cost, bringsKgPerHa, stepCount, coveredShare }) => [acidity.sourceId, kgPerM2.usual, cost, bringsKgPerHa, stepCount, coveredShare]) // prettier-ignore
        const plan = planSteps({ ...grounds, sourceId: 'sulfur-granules', kgPerM2: 0.12 })
        const steps = plan.steps.map(({ day, kgPerM2 }) => [day, kgPerM2])
        return [`${situation} ${climate}`, { materials, steps, left: plan.leftKgPerM2 }] as const
      }),
    )
    await expect(sayFigures(lines)).toMatchFileSnapshot('acid-materials.txt')
  })

  it('the path of the bench', async () => {
    const ground = acidGround({ texture: 'sandy-loam', pH: 6.9, pHDoubt: 0.1, depthM: 0.18 })
    const { points, buffer, shareArrived } = foretellAtOnce({
      setup: pathOfPlan({
        ground,
        situation: 'bare',
        steps: (['sulfur-granules', 'ammonium-sulfate', 'ferrous-sulfate', 'peat-moss'] as const).map((sourceId) => ({ day: '2026-05-01', sourceId, kgPerM2: 0.05 })), // prettier-ignore
        water: { mmPerYear: 200, alkalinityMgPerLCaCO3: 150 },
        startsOn,
        days: 2 * 365,
        climate: 'temperate',
        latitude: undefined,
      }),
      retests: [{ day: '2027-01-10', pH: 6.2, doubt: 0.15 }],
      count: 200,
      seed: 0.5,
      arrivesAt: 6,
    })
    const said = points.filter((_, index) => index % 8 === 0)
    const lines = [['points', said], ['buffer', buffer], ['arrived', shareArrived.filter((_, index) => index % 60 === 0)]] as const // prettier-ignore
    await expect(sayFigures(lines)).toMatchFileSnapshot('acid-path.txt')
  })
})
