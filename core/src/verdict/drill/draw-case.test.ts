import { describe, expect, it } from 'vitest'
import { readPaint } from '../../seen/finding/index.ts'
import { leavesOf } from '../../seen/painter/index.ts'
import { contextNames, contexts, plantsOf } from '../../stand/plant/index.ts'
import { occursOn } from '../diagnosis/index.ts'
import { chooseNext, drawCase, drilledCauses, judgePlant, knownAfter, offeredIn } from './index.ts'
import { nitrogenOnTurf as spec } from './tests/nitrogen-on-turf.ts'

const seeds = Array.from({ length: 20 }, (_, at) => (at + 0.5) / 20)

describe('a drilled case', () => {
  it('is the same for the same seed, and another for another', () => {
    const answers = (seed: number) => [...(drawCase({ ...spec, seed }).plants[0]?.answers ?? [])]
    expect(answers(0.42)).toEqual(answers(0.42))
    expect(answers(0.42)).not.toEqual(answers(0.43))
  })

  it.each(contextNames)(
    'can be drawn of every cause of %s, and looks as it is said to',
    (context) => {
      for (const each of drilledCauses(context)) {
        const { id } = each
        const plantId = plantsOf(context).find((plant) => occursOn(each, plant))?.id ?? ''
        const { plants } = drawCase({ ...spec, context, plantId, causeId: id })
        const [plant] = plants
        expect(plant?.causes.map((cause) => cause.id)).toContain(id)
        const seen = readPaint(leavesOf(contexts[context].figure), plant?.paint ?? {})
        expect(Object.fromEntries(plant?.shown ?? [])).toMatchObject(seen)
      }
    },
  )

  it('shows its picture alone until something is asked, and then what was asked', () => {
    const [plant] = drawCase(spec).plants
    if (!plant) throw new Error('no plant')
    const known = knownAfter(plant, ['roots', 'ask-feed'])
    const more = [...known.keys()].filter((name) => !plant.shown.has(name))
    expect(more.toSorted()).toEqual(['feed', 'feedIron', 'roots'])
  })

  it('is judged by what was found alone: another truth with the same findings gets the same verdict', () => {
    const { setting, plants } = drawCase(spec)
    const other = drawCase({ ...spec, causeId: 'zinc-short', seed: 0.1 }).plants[0]
    const [plant] = plants
    if (!plant || !other) throw new Error('no plant')
    const swapped = { ...plant, causes: other.causes }
    expect(judgePlant(setting, swapped).ranked).toEqual(judgePlant(setting, plant).ranked)
  })

  it('misleads the engine now and then: it is drawn in a world that is not as the tables say', () => {
    const leads = seeds.map((seed) => {
      const { setting, plants } = drawCase({ ...spec, kind: 'look', seed })
      const [plant] = plants
      return plant && judgePlant(setting, plant).involved[0]?.cause.id === spec.causeId
    })
    const right = leads.filter(Boolean).length
    expect(right).toBeGreaterThan(4)
    expect(right).toBeLessThan(20)
  })

  it('with four plants has four causes and four pictures, the one to be told apart among them', () => {
    for (const seed of seeds) {
      const asked = { ...spec, kind: 'leaf' as const, against: 'iron-tied-up-by-pH', seed }
      const causes = drawCase(asked).plants.map((plant) => plant.causes[0]?.id)
      expect(new Set(causes).size).toBe(4)
      expect(causes).toContain('nitrogen-short')
      expect(causes).toContain('iron-tied-up-by-pH')
    }
  })

  it('offers its truth, what it is asked beside, and what is commonest', () => {
    const asked = {
      ...spec,
      kind: 'look' as const,
      causeId: 'boron-short',
      against: 'copper-short',
    }
    const offered = offeredIn(drawCase(asked)).map(({ id }) => id)
    const commonest = drilledCauses('turf')
      .slice(0, 8)
      .map(({ id }) => id)
    expect(offered).toEqual(expect.arrayContaining(['boron-short', 'copper-short', ...commonest]))
    expect(offered).toHaveLength(12)
  })

  it('gives no plant a trouble that it cannot have, and knows citrus by sight', () => {
    const greening = { ...spec, context: 'tree' as const, causeId: 'citrus-greening' }
    expect(() => drawCase({ ...greening, plantId: 'peach' })).toThrow(/kind of stand and plant/)
    const [plant] = drawCase({ ...greening, plantId: 'citrus' }).plants
    expect(plant?.shown.get('plantKind')).toBe('citrus')
    const next = (at: number) =>
      chooseNext({
        kind: 'leaf',
        context: 'tree',
        done: [],
        today: '2026-03-01',
        chance: () => at,
      })
    for (const seed of seeds.slice(0, 4)) expect(() => drawCase(next(seed))).not.toThrow()
  })

  it('of a cause of another kind of stand is refused', () => {
    expect(() =>
      drawCase({ ...spec, context: 'hydroponic', plantId: 'lettuce', causeId: 'mowing-injury' }),
    ).toThrow(/a cause that is drilled on this kind of stand/)
  })
})
