import { check } from '@placemarkio/check-geojson'
import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { readGeoJson, type Outline } from '../../stand/ground/index.ts'
import { applicationMap, chooseByZone, isClear, lossPerScore, type Variety } from './index.ts'

const strong: Variety = { name: 'strong', yieldTPerHa: 4, tolerance: 0, seedPerHa: 130 }
const tolerant: Variety = { name: 'tolerant', yieldTPerHa: 3.9, tolerance: 0.6, seedPerHa: 130 }
const none = { name: 'none', kgPerHa: 0, pricePerKg: 0 }
const furrow = { name: 'EDDHA in the furrow', kgPerHa: 3.4, pricePerKg: 22 }
const zone = (score: number) => ({ id: `z${score}`, name: `score ${score}`, areaHa: 2, score })
const best = (score: number, price = 420) =>
  chooseByZone([zone(score)], [strong, tolerant], [none, furrow], price).get(`z${score}`) ?? []

describe('variety and chelate by zone', () => {
  it('takes the stronger one without chelate where nothing is pale', () => {
    const [first] = best(1)
    expect([first?.variety.name, first?.chelate.name]).toEqual(['strong', 'none'])
    expect(first?.yieldTPerHa.usual).toBe(4)
  })

  it('spares the chelate on a tolerant variety where it is somewhat pale, not on the worst ground', () => {
    const [some] = best(1.8)
    expect([some?.variety.name, some?.chelate.name]).toEqual(['tolerant', 'none'])
    // Even tolerant varieties answer on the worst ground (common practice).
    const [worst] = best(5)
    expect([worst?.variety.name, worst?.chelate.name]).toEqual(['tolerant', furrow.name])
  })

  it('loses a fifth of the yield a score, as was published', () => {
    const [plain] = chooseByZone([zone(3)], [strong], [none], 400).get('z3') ?? []
    expect(plain?.yieldTPerHa.usual).toBeCloseTo(4 * (1 - 2 * lossPerScore.usual), 9)
  })

  it('keeps its ranges in order, and never yields more for a worse score', () => {
    const score = fc.double({ min: 1, max: 5, noNaN: true })
    fc.assert(
      fc.property(score, score, (one, other) => {
        const [better, worse] = [Math.min(one, other), Math.max(one, other)].map(
          (each) => chooseByZone([zone(each)], [strong], [furrow], 400).get(`z${each}`)?.[0],
        )
        const { low = 0, usual = 0, high = 0 } = better?.marginPerHa ?? {}
        expect(low <= usual && usual <= high).toBe(true)
        expect(usual).toBeGreaterThanOrEqual((worse?.marginPerHa.usual ?? 0) - 1e-9)
      }),
    )
  })

  it('says when two choices are as good as each other', () => {
    const twin = { ...strong, name: 'twin' }
    const same = chooseByZone([zone(1)], [strong, twin], [none], 400).get('z1') ?? []
    expect(isClear(same)).toBe(false)
    expect(isClear(best(5))).toBe(true)
  })

  it('refuses a score that cannot be', () => {
    expect(() => best(7)).toThrow('score')
  })
})

describe('an application map', () => {
  const origin = { longitude: -1.5, latitude: 51.2 }
  const outline: Outline = [
    [10, 20],
    [10, 120],
    [210, 120],
    [210, 20],
  ]
  const choice = { variety: tolerant, chelate: furrow }
  const mapped = { name: 'Brow', outline, areaM2: 20000, score: 4, choice }

  it('is read again as the same ground, by the reader of maps', () => {
    const map = applicationMap([mapped], origin)
    // Strict by RFC 7946, by another reader than ours.
    expect(check(JSON.stringify(map))).toEqual(map)
    const [read] = readGeoJson(JSON.stringify(map))
    expect(read?.name).toBe('Brow')
    expect(Math.abs((read?.areaM2 ?? 0) / 20000 - 1)).toBeLessThan(0.003)
    expect(map.features[0]?.properties).toMatchObject({
      variety: 'tolerant',
      product: furrow.name,
      rate_kg_ha: 3.4,
      amount_kg: 6.8,
    })
  })

  it('closes its rings and turns them against the clock, as RFC 7946 asks', () => {
    const [ring = []] = applicationMap([mapped], origin).features[0]?.geometry.coordinates ?? []
    expect(ring[0]).toEqual(ring.at(-1))
    const twice = ring.reduce((sum, [ax = 0, ay = 0], index) => {
      const [bx = 0, by = 0] = ring[(index + 1) % ring.length] ?? []
      return sum + (ax - origin.longitude) * (by - origin.latitude) - (bx - origin.longitude) * (ay - origin.latitude) // prettier-ignore
    }, 0)
    expect(twice).toBeGreaterThan(0)
  })

  it('spreads nothing where nothing was chosen', () => {
    const map = applicationMap([{ ...mapped, choice: undefined }], origin)
    expect(map.features[0]?.properties).toMatchObject({
      product: null,
      rate_kg_ha: 0,
      amount_kg: 0,
    })
  })
})
