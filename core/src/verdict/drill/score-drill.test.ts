import { describe, expect, it } from 'vitest'
import { checks, effortOf } from '../diagnosis/index.ts'
import { good } from './data/drill-figures.ts'
import { drawCase, drilledCauses, goWell, regretDerivation, scoreDrill } from './index.ts'
import { nitrogenOnTurf as spec } from './tests/nitrogen-on-turf.ts'

const wrong = good.wrongTreatment.value
const effort = (id: string) => {
  const check = checks.find((each) => each.id === id)
  if (!check) throw new Error(`no check ${id}`)
  return effortOf(check)
}

describe('what an answer comes to', () => {
  it('is nothing where the truth was treated at once, and the whole loss where it was not', () => {
    const drilled = drawCase({ ...spec, kind: 'look' })
    expect(scoreDrill(drilled, 'nitrogen-short', []).went).toMatchObject({ right: 1, loss: 0 })
    expect(scoreDrill(drilled, 'potassium-short', []).went).toMatchObject({ right: 0, loss: wrong })
  })

  it('is what checks cost: on the spot in one go, what is sent away by itself', () => {
    const drilled = drawCase(spec)
    const lossOf = (...asked: string[]) => scoreDrill(drilled, 'nitrogen-short', asked).went.loss
    expect(lossOf('roots')).toBeCloseTo(effort('roots'), 9)
    const one = lossOf('roots') + lossOf('growth')
    expect(lossOf('roots', 'growth')).toBeLessThan(one)
    expect(lossOf('roots', 'leaf-analysis')).toBeCloseTo(effort('roots') + effort('leaf-analysis'), 9) // prettier-ignore
  })

  it('counts no check that a plant only looked at does not have', () => {
    const drilled = drawCase({ ...spec, kind: 'look' })
    expect(scoreDrill(drilled, 'nitrogen-short', ['roots']).went).toMatchObject({ asked: [], loss: 0 }) // prettier-ignore
  })

  it('of two causes treats half with either', () => {
    const pair = Array.from({ length: 200 }, (_, at) => drawCase({ ...spec, seed: at / 200 })).find(
      ({ plants }) => plants[0]?.causes.length === 2,
    )
    if (!pair) throw new Error('no pair drawn')
    const [first] = pair.plants[0]?.causes ?? []
    expect(scoreDrill(pair, first?.id ?? '', []).went.right).toBe(0.5)
  })

  it('is set beside one who does not know the truth either, and the difference is opened', () => {
    const score = scoreDrill(drawCase(spec), 'nitrogen-short', [])
    expect(score.regret).toBeCloseTo(score.went.loss - score.good.loss, 9)
    const { inputs, result } = regretDerivation(score)
    expect(inputs.map(({ label }) => label)).toContain('a good practitioner')
    expect(Math.abs(parseFloat(result) - score.regret)).toBeLessThan(1)
  })

  it('says what was likely at what was known, of everything that could be said', () => {
    const { offered, shares } = scoreDrill(
      drawCase({ ...spec, kind: 'look' }),
      'potassium-short',
      [],
    )
    expect(shares).toHaveLength(1)
    expect(shares[0]).toHaveLength(offered.length)
    expect(Math.max(...(shares[0] ?? []))).toBeGreaterThan(0.1)
  })

  it('refuses what could not be said', () => {
    const drilled = drawCase({ ...spec, kind: 'leaf' })
    const said = new Set(drilled.plants.map(({ causes }) => causes[0]?.id))
    const other = drilledCauses('turf').find(({ id }) => !said.has(id))?.id ?? ''
    expect(() => scoreDrill(drilled, other, [])).toThrow(/causes that could be said/)
  })
})

it('a good practitioner loses less than one who acts on the first sight', () => {
  const causes = drilledCauses('turf').slice(0, 12)
  const drawn = Array.from({ length: 48 }, (_, at) =>
    drawCase({ ...spec, causeId: causes[at % 12]?.id ?? '', seed: (at + 0.5) / 48 }),
  )
  const mean = (of: (at: number) => number) =>
    drawn.reduce((sum, _, at) => sum + of(at), 0) / drawn.length
  const went = drawn.map(goWell)
  const atOnce = drawn.map((drilled) =>
    goWell({ ...drilled, spec: { ...drilled.spec, kind: 'look' } }),
  )
  expect(mean((at) => went[at]?.loss ?? 0)).toBeLessThan(mean((at) => atOnce[at]?.loss ?? 0))
  expect(mean((at) => went[at]?.right ?? 0)).toBeGreaterThan(mean((at) => atOnce[at]?.right ?? 0) + 0.05) // prettier-ignore
  // It does not see the truth: it errs.
  expect(mean((at) => went[at]?.right ?? 0)).toBeLessThan(0.95)
})
