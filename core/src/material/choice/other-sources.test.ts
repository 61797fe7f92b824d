import { describe, expect, it } from 'vitest'
import { kindIn } from '../../stand/plant/tests/index.ts'
import type { Context, Route } from '../../stand/plant/index.ts'
import { lastingFixesFor, nutrientFor, rankOtherSources } from './index.ts'

describe('sources of manganese, zinc and magnesium', () => {
  const order = (nutrient: 'Mn' | 'Zn' | 'Mg', route: Route, pH: number) =>
    rankOtherSources({
      nutrient,
      ...kindIn('turf'),
      route,
      medium: { pH, doubt: 0.2 },
      isPHKnown: true,
      plantPH: { low: 6, high: 7 },
    })

  it('manganese goes onto the leaf as sulfate; in lime nothing keeps it', () => {
    expect(order('Mn', 'leaf', 7.8)[0]?.source.id).toBe('manganese-sulfate')
    expect(order('Mn', 'soil', 7.8).every(({ fitness }) => fitness === 'fails')).toBe(true)
  })

  it('Mn-EDTA has traded its manganese away in soil, at any pH', () => {
    for (const pH of [6, 7, 8]) {
      const chelate = order('Mn', 'soil', pH).find(({ source }) => source.id === 'mn-edta')
      const salt = order('Mn', 'soil', pH).find(({ source }) => source.id === 'manganese-sulfate')
      expect((chelate?.working.usual ?? 1) - (salt?.working.usual ?? 0)).toBeLessThan(0.1)
    }
  })

  it('magnesium works by every way, the salt first', () => {
    expect(order('Mg', 'leaf', 8)[0]).toMatchObject({ fitness: 'works' })
    expect(order('Mg', 'soil', 8)[0]?.fitness).toBe('works')
  })

  it('lime-magnesium is offered on ground under the pH of the plant, and nowhere else', () => {
    const dolomite = (pH: number) =>
      order('Mg', 'soil', pH).find(({ source }) => source.id === 'dolomite')
    expect(order('Mg', 'soil', 7.8)[0]?.source.id).not.toBe('dolomite')
    for (const pH of [6, 6.8, 7.8]) {
      expect(dolomite(pH)).toMatchObject({ fitness: 'fails', rates: [] })
      expect(dolomite(pH)?.against?.words).toMatch(/raises the pH.*Epsom salt or kieserite/)
    }
    expect(dolomite(5.2)).toMatchObject({ fitness: 'works', against: undefined })
  })

  it('zinc in the soil is worth less the higher the pH', () => {
    const share = (pH: number) =>
      order('Zn', 'soil', pH).find(({ source }) => source.id === 'zinc-sulfate')?.working.usual ?? 0
    expect(share(6)).toBeGreaterThan(share(7))
    expect(share(7)).toBeGreaterThan(share(8))
  })
})

it('asks sources of the nutrient that is short', () => {
  expect(nutrientFor('manganese')).toBe('Mn')
  expect(nutrientFor('iron-past-lime')).toBe('Fe')
})

it('lasting fixes suit the cause and the kind of stand', () => {
  const labels = (causeId: string, context: Context) =>
    lastingFixesFor(causeId, kindIn(context)).map(({ id }) => id)
  expect(labels('iron-tied-up-by-pH', 'turf')).toContain('sulfur')
  expect(labels('iron-tied-up-by-pH', 'aquaponic')).toEqual(['hold-pH-fish'])
  expect(labels('iron-tied-up-by-bicarbonate', 'tree')).toContain('drain')
  expect(labels('manganese-short', 'turf')).toContain('no-lime')
  expect(labels('magnesium-short', 'hydroponic')).toContain('less-potassium')
  expect(labels('larvae', 'turf')).toEqual([])
  // Ammonium alone poisons pots, and a legume is fed no nitrogen.
  expect(labels('iron-tied-up-by-pH', 'container')).not.toContain('ammonium-feed')
  const soybean = lastingFixesFor('iron-tied-up-by-pH', { context: 'row-crop', growth: 'legume' })
  expect(soybean.map(({ id }) => id)).not.toContain('ammonium-feed')
  expect(labels('iron-tied-up-by-pH', 'row-crop')).toContain('ammonium-feed')
  // On lime a chelate each spring is what lasts.
  expect(labels('iron-tied-up-by-bicarbonate', 'tree')).toContain('spring-chelate')
})
