import { describe, expect, it } from 'vitest'
import { isSettled, readDeviceLine } from './index.ts'

describe('a line of a pen or a meter', () => {
  it.each([
    ['pH 6.84 21.3 C', 'pH', 6.84, 21.3],
    ['PH:6,84;T:21,3°C', 'pH', 6.84, 21.3],
    ['pH=7.01, 70 F', 'pH', 7.01, (70 - 32) / 1.8],
    ['CHL 34.2', 'chlorophyll', 34.2, undefined],
    ['7.42', undefined, 7.42, undefined],
  ])('"%s" is read with its name and its temperature', (line, kind, value, temperatureC) => {
    const said = readDeviceLine(line)
    expect([said?.kind, said?.value]).toEqual([kind, value])
    if (temperatureC === undefined) expect(said?.temperatureC).toBeUndefined()
    else expect(said?.temperatureC).toBeCloseTo(temperatureC, 6)
  })

  it.each(['', 'READY', 'ERR 12 no electrode', 'battery low'])('"%s" is no value', (line) => {
    expect(readDeviceLine(line)).toBeUndefined()
  })

  it('counts as settled when the last ones lie close together', () => {
    expect(isSettled('pH', [6.2, 6.5, 6.7, 6.8, 6.81])).toBe(false)
    expect(isSettled('pH', [6.2, 6.8, 6.81, 6.82, 6.81, 6.8])).toBe(true)
    expect(isSettled('pH', [6.8, 6.8])).toBe(false)
  })
})
