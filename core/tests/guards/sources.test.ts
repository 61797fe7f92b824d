import { describe, expect, it } from 'vitest'
import { cautionsFor } from '../../src/apply/caution/index.ts'
import { isNone } from '../../src/base/reference/index.ts'
import { contentsOfSource } from '../../src/soil/season/index.ts'
import { contexts, standKinds } from '../../src/stand/plant/index.ts'
import { workingCourse } from '../../src/material/persistence/index.ts'
import {
  acidities,
  firstAmendment,
  ironSources,
  knownLigand,
  ligands,
  lossesOf,
  offeredRates,
  responseFor,
  sources,
  standInFor,
} from '../../src/material/source/index.ts'

const uses = standKinds.flatMap((kind) =>
  contexts[kind.context].routes.map((route) => ({ ...kind, route })),
)

describe.each(sources.map((source) => [source.id, source] as const))('%s', (sourceId, source) => {
  it.each(uses)(
    'has rates or a reason for none: $context $growth $route',
    ({ context, growth, route }) => {
      const offered = offeredRates({ context, growth }, route, sourceId)
      if (isNone(offered)) expect(offered.none.length).toBeGreaterThan(5)
      else {
        for (const rate of offered) {
          expect(rate.route).toBe(route)
          expect(responseFor(route, sourceId, context).full.high).toBeGreaterThan(0)
        }
      }
      expect(cautionsFor({ context, route, sourceId })[0]?.id).toBe('label-first')
    },
  )

  it('has what it is bought for, a price, and says of all else what it is or why it is not', () => {
    expect(source.contentShare.usual).toBeGreaterThan(0)
    expect(source.pricePerKg.usual).toBeGreaterThan(0)
    for (const fact of [source.usualKgPerL, source.solubility, source.acidity, source.cautions]) {
      if (isNone(fact)) expect(fact.none.length).toBeGreaterThan(3)
    }
    expect(Object.values(contentsOfSource(sourceId, 0.1)).every((share) => share > 0)).toBe(true)
  })
})

describe.each(ironSources.map((source) => [source.id, source] as const))(
  'iron of %s',
  (id, source) => {
    const ground = { pH: 7.4, doubt: 0.2 }

    it('is lost in time wherever something holds it: what is said to last for ever is an oversight', () => {
      const { boundBy, soil, solution, leaf } = source
      const holds = (held: unknown) => !isNone(boundBy) || !isNone(held)
      if (holds(soil.held)) expect(lossesOf(source, 'soil')).not.toEqual([])
      if (!isNone(boundBy)) {
        expect(lossesOf(source, 'clear')).not.toEqual([])
        expect(lossesOf(source, 'covered')).not.toEqual([])
        expect(ligands[knownLigand(boundBy.ligand).id].metals.Fe.ml.logK).toBeGreaterThan(0)
      }
      if (leaf.enters.usual > 0.02) expect(lossesOf(source, 'leaf')).not.toEqual([])
      expect(workingCourse(id, 'soil', ground).at(365).usual).toBeLessThan(0.5)
      expect(isNone(solution.held) || solution.held.usual < 1).toBe(true)
    })

    it('has a curve of its own beside the others', () => {
      const { boundBy } = source
      if (isNone(boundBy)) return
      const like = Object.values(ligands).filter(
        ({ shortName }) => shortName === boundBy.ligand.shortName,
      )
      expect(like).toHaveLength(1)
    })
  },
)

describe('what stands for others', () => {
  it('is one form each', () => {
    expect(standInFor('unchelated iron').kind).toBe('salt')
    expect(standInFor('insoluble iron').kind).toBe('slow')
    for (const direction of ['down', 'up'] as const) {
      const firsts = acidities.filter(
        ({ isFirstChoice, molPerKg }) =>
          isFirstChoice && molPerKg.usual > 0 === (direction === 'down'),
      )
      expect(firsts.map(({ sourceId }) => sourceId)).toEqual([firstAmendment(direction)])
    }
  })

  it('is refused where no form answers', () => {
    expect(() => knownLigand({ id: 'unobtainium' })).toThrow(/a ligand that a form of iron brings/)
    expect(() => responseFor('soil', 'limestone', 'turf')).toThrow(/a response of the leaf/)
  })
})
