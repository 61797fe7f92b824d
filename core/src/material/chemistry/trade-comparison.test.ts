import { expect, it } from 'vitest'
import { ceilingPH, compareWithTrade } from './index.ts'

it('places the ceilings of EDTA, DTPA, EDDHA and HBED where the trade has them, and says where not', () => {
  const verdicts = Object.fromEntries(
    compareWithTrade().map(({ ligandId, verdict }) => [ligandId, verdict]),
  )
  expect(verdicts).toMatchObject({
    edta: 'agrees',
    hedta: 'model-lower',
    dtpa: 'agrees',
    eddha: 'agrees',
    hbed: 'agrees',
    citrate: 'model-higher',
  })
})

it('explains what does not agree', () => {
  const words = compareWithTrade()
    .filter(({ verdict }) => verdict !== 'agrees')
    .map((each) => each.words)
  expect(words.join(' ')).toMatch(/Trust practice here/)
  expect(words.join(' ')).toMatch(/microbes eat it/)
})

it('finds the pH at which a curve passes a share, or that it never does', () => {
  const pH = ceilingPH('edta', 0.8) ?? 0
  expect(pH).toBeGreaterThan(6)
  expect(pH).toBeLessThan(6.5)
  expect(ceilingPH('hedta', 0.5, { competition: 'full' })).toBeUndefined()
  expect(ceilingPH('hbed', 0.8)).toBe(11)
})
