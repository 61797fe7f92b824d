import { describe, expect, it } from 'vitest'
import { usualLocale, writeAs } from '../writing/index.ts'
import { CoreError, refusals, type RefusalName, type RefusalValues } from './index.ts'

/** Values for every refusal that wants some: a new one without is asked for by the compiler. */
const samples: {
  readonly [
    Name in RefusalName as undefined extends RefusalValues<Name> ? never : Name
  ]: RefusalValues<Name>
} = {
  'figure-out-of-range': { min: 0.5, max: 14, unit: 'm' },
  'figure-no-number': { min: 0.5, max: 14 },
  'quantity-unreadable': { example: 'a weight such as 2 lb' },
  'quantity-of-other-kind': { example: 'a volume such as 10 gal' },
  'unit-of-two-meanings': { example: 'mg/L or mg/kg' },
  'nozzle-size-unknown': { sizes: ['015', '02'] },
  'finding-value-unknown': { values: ['youngest', 'oldest'] },
  'finding-unknown': { names: ['age', 'pattern'] },
  'pH-reached-already': { pH: 7.8 },
  'pH-above-water': { pH: 7.8 },
  'alkalinity-above-water': { mgPerL: 220 },
  'too-many-steps': { most: 60 },
  'rate-unit-of-other-basis': { by: 'area', basis: 'ground' },
  'rate-counts-what-is-missing': { example: 'the ground, measured' },
  'rate-unreadable': { unit: 'oz' },
  'rate-not-of-product': { unit: 'oz', measured: 'iron' },
  'job-lacks-part': { kind: 'apply', part: 'source' },
  'too-many-fills': { most: 100 },
  'sprayer-lacks-measure': { sprayer: 'boom' },
  'size-of-other-kind': { kinds: ['area', 'pots'], context: 'turf' },
  'calcium-above-total': { totalMgPerL: 220.5 },
  'levels-alike': { factor: 'iron' },
  'levels-too-few': { factor: 'iron' },
  'plots-too-many': { most: 400, plots: 500 },
  'points-too-few': { least: 3 },
  'table-without-headings': { example: 'a table' },
  'table-without-columns': { example: 'a table' },
  'table-without-rows': { example: 'a table' },
  'table-too-long': { most: 5000 },
  'column-unit-unknown': { units: ['mm', 'in'] },
}

const made = (Object.keys(refusals) as RefusalName[]).map((name) => {
  const values = (samples as Partial<Record<RefusalName, unknown>>)[name]
  // Each name with the values of its own kind: what the loop cannot tell the compiler.
  return new CoreError(name, { parameter: 'x', values } as ConstructorParameters<
    typeof CoreError
  >[1])
})

describe('the catalogue of refusals', () => {
  it.each(made.map((error) => [error.refusal, error] as const))(
    '%s says what to give, and takes up all it was told',
    (name, error) => {
      expect(error.sentence()).toMatch(/^Give [^\s.].*[^\s.:]\.$/)
      expect(error.sentence()).not.toMatch(/undefined|NaN|\[object|\$\{/)
      expect(error.sentence('Water')).toBe(`Water: give ${error.expected}.`)
      for (const value of Object.values((samples as Record<string, object>)[name] ?? {}).flat()) {
        expect(error.expected).toContain(String(value))
      }
    },
  )

  it('has no two that say the same of the same code, but for those that are told what to say', () => {
    const said = made
      .filter(({ refusal }) => !('example' in ((samples as Record<string, object>)[refusal] ?? {})))
      .map(({ code, expected }) => `${code}: ${expected}`)
    expect(new Set(said).size).toBe(said.length)
  })

  it('writes figures as the reader does, whenever it is read', () => {
    const error = new CoreError('calcium-above-total', {
      parameter: 'calcium hardness',
      values: { totalMgPerL: 220.5 },
      received: '230 mg/L',
    })
    expect(error).toMatchObject({ code: 'not-applicable', values: { totalMgPerL: 220.5 } })
    expect(error.message).toMatch(/^calcium hardness: expected .* 220\.5 mg\/L.*, got 230 mg\/L$/)
    writeAs('de-DE')
    expect(error.sentence()).toContain('220,5 mg/L')
    writeAs(usualLocale)
  })

  it('asks for the values of a refusal, and for none where it has none', () => {
    // @ts-expect-error a refusal that is in no list
    expect(() => new CoreError('moon-unknown', { parameter: 'x' })).toThrow(TypeError)
    // @ts-expect-error its values are missing
    expect(() => new CoreError('pH-above-water', { parameter: 'x' })).toThrow(TypeError)
    // @ts-expect-error values of another refusal
    expect(new CoreError('texture-unknown', { parameter: 'x', values: { pH: 7 } }).values).toEqual({
      pH: 7,
    })
  })
})
