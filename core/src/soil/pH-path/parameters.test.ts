import { randomLcg, randomNormal } from 'd3-random'
import { describe, expect, it } from 'vitest'
import { warmthBounds } from './data/rates.ts'
import { roomForDraws } from './draws.ts'
import { bufferOf, normalCount, parametersOf } from './parameters.ts'
import type { PathGround } from './path-setup.ts'
import { effectiveCount, normalised } from './quantiles.ts'
import { drawFrom, proposalFrom } from './retests.ts'

const ground: PathGround = {
  fromPH: 6.8,
  pHDoubt: 0.2,
  bufferMmol: 22,
  bufferDoubt: 0.4,
  lime: { low: 0, usual: 0.3, high: 1 },
  depthM: 0.18,
  densityKgPerL: 1.33,
}
const only = (index: number, z: number) => {
  const normals = new Float64Array(normalCount)
  normals[index] = z
  return normals
}
const tenth = 1.2816

describe('a draw', () => {
  it('in the middle of everything is as it was said to be', () => {
    const middle = parametersOf(ground, false, new Float64Array(normalCount), 0)
    expect(middle).toMatchObject({ pH: 6.8, bufferMmol: 22, limePercent: 0.3, lagDays: 28 })
    expect(middle).toMatchObject({ water: 1, drain: 1, arrival: 1, warmerK: 0, driftMmol: 0 })
    expect(Math.exp(middle.lnWarmth)).toBeCloseTo(2.8, 12)
  })

  it('one in ten has as little lime as was said, one in ten as much; none has less than none', () => {
    expect(parametersOf(ground, false, only(2, -tenth), 0).limePercent).toBeCloseTo(0, 12)
    expect(parametersOf(ground, false, only(2, tenth), 0).limePercent).toBeCloseTo(1, 12)
    expect(parametersOf(ground, false, only(2, -3), 0).limePercent).toBe(0)
  })

  it('turns sulfur within the bounds that were measured, slower where it falls dry', () => {
    for (const z of [-4, 4]) {
      const times = Math.exp(parametersOf(ground, false, only(4, z), 0).lnWarmth)
      expect(times).toBeGreaterThanOrEqual(warmthBounds.low - 1e-9)
      expect(times).toBeLessThanOrEqual(warmthBounds.high + 1e-9)
    }
    const dry = (isWatered: boolean) => parametersOf(ground, isWatered, only(5, 2), 0).shrinkUm
    expect(dry(false)).toBeLessThan(dry(true))
  })

  it('holds by its own draw, wherever it stands among others', () => {
    const normals = new Float64Array(3 * normalCount)
    normals[2 * normalCount + 1] = 1
    expect(bufferOf(ground, normals, 0)).toBe(22)
    expect(bufferOf(ground, normals, 2)).toBeCloseTo(22 * Math.exp(0.4), 12)
    expect(parametersOf(ground, false, normals, 2).bufferMmol).toBeCloseTo(22 * Math.exp(0.4), 12)
  })
})

describe('draws taken near the retests', () => {
  const next = randomNormal.source(randomLcg(0.21))(0, 1)
  const count = 800
  const first = roomForDraws(count, 1)
  first.normals.forEach((_, index) => (first.normals[index] = next()))
  // Only draws with a large first number and a small second agree.
  for (let draw = 0; draw < count; draw++) {
    const [a = 0, b = 0] = first.normals.subarray(draw * normalCount)
    first.logWeight[draw] = -((a - 1.5) ** 2 + (b + 1) ** 2) / (2 * 0.2 ** 2)
  }
  const proposal = proposalFrom(first)

  it('have their middle where those that agree lie', () => {
    expect(Math.abs((proposal.middle[0] ?? 0) - 1.5)).toBeLessThan(0.35)
    expect(Math.abs((proposal.middle[1] ?? 0) + 1)).toBeLessThan(0.35)
    expect(Math.abs(proposal.middle[5] ?? 9)).toBeLessThan(0.45)
  })

  it('are as many as it takes to count, where of the first only few did', () => {
    expect(effectiveCount(normalised(first.logWeight))).toBeLessThan(25)
    const near = new Float64Array(count)
    for (let draw = 0; draw < count; draw++) {
      const z = Float64Array.from({ length: normalCount }, next)
      const correction = drawFrom(proposal, z)
      const [a = 0, b = 0] = z
      near[draw] = correction - ((a - 1.5) ** 2 + (b + 1) ** 2) / (2 * 0.2 ** 2)
    }
    expect(effectiveCount(normalised(near))).toBeGreaterThan(60)
  })

  it('weigh as the world does: with their weights its mean and spread come back', () => {
    const many = 20_000
    const weights = new Float64Array(many)
    const seen = new Float64Array(many)
    for (let draw = 0; draw < many; draw++) {
      const z = Float64Array.from({ length: normalCount }, next)
      weights[draw] = drawFrom(proposal, z)
      seen[draw] = z[7] ?? 0
    }
    const share = normalised(weights)
    const mean = seen.reduce((sum, value, index) => sum + value * (share[index] ?? 0), 0)
    expect(Math.abs(mean)).toBeLessThan(0.35)
  })
})
