import { converter } from 'culori'
import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { greennessOf, leafColour } from '../colour/index.ts'
import { greennessScales } from '../reading/index.ts'
import { byteOf, quickByteOf } from './colour.ts'
import { colourCard, darkGreenIndex, lightOf } from './index.ts'

const toHsv = converter('hsv')
const toLinear = converter('lrgb')
const byte = fc.integer({ min: 0, max: 255 })

describe('the dark green colour index', () => {
  /** By the formula of Karcher & Richardson 2003, worked by hand. */
  it.each([
    ['bright yellow, hue 60', [255, 255, 0], 0],
    ['pure green, hue 120', [0, 255, 0], 1 / 3],
    ['half-bright pure green', [0, 127.5, 0], 0.5],
    ['cyan and beyond, hue held at 180', [0, 255, 255], 2 / 3],
    ['red, hue held at 60', [255, 0, 0], 0],
    ['black', [0, 0, 0], 2 / 3],
    ['white, which has no hue', [255, 255, 255], 1 / 3],
  ])('of %s is known', (_, [red = 0, green = 0, blue = 0], index) => {
    expect(darkGreenIndex(red, green, blue)).toBeCloseTo(index, 9)
  })

  it('agrees for any colour with an independent library of colours', () => {
    fc.assert(
      fc.property(byte, byte, byte, (red, green, blue) => {
        const { h, s, v } = toHsv({ mode: 'rgb', r: red / 255, g: green / 255, b: blue / 255 })
        const hue = Math.min(180, Math.max(60, h ?? 60))
        // Between magenta and red the circle closes: these hues lie below 60, not above 180.
        const turned = (h ?? 0) > 240 && red > green ? 60 : hue
        const index = ((turned - 60) / 60 + (1 - s) + (1 - v)) / 3
        expect(Math.abs(darkGreenIndex(red, green, blue) - index)).toBeLessThan(1e-9)
      }),
      { numRuns: 2000 },
    )
  })

  /** Rorie et al. 2011, Agron. J. 103:529: the patches that photos are corrected by (M). */
  it.each([
    ['yellow', 0.0178],
    ['green', 0.5722],
  ])('of the %s patch of the card is %d', (name, index) => {
    const patch = colourCard.patches.find((each) => each.name === name)
    expect(Math.abs(darkGreenIndex(...(patch?.rgb ?? [0, 0, 0])) - index)).toBeLessThan(0.005)
  })
})

describe('light and bytes', () => {
  it('agree with an independent library of colours, there and back', () => {
    fc.assert(
      fc.property(byte, (value) => {
        const { r } = toLinear({ mode: 'rgb', r: value / 255, g: 0, b: 0 })
        expect(lightOf(value)).toBeCloseTo(r, 9)
        expect(byteOf(lightOf(value))).toBeCloseTo(value, 6)
        expect(Math.abs(quickByteOf(lightOf(value)) - value)).toBeLessThanOrEqual(
          value < 24 ? 2 : 1,
        )
      }),
    )
  })
})

describe('the index as a scale', () => {
  it('reads of the painter’s own leaves within their doubt, from pale to deep green', () => {
    for (const greenness of [0.35, 0.5, 0.65, 0.8, 0.95]) {
      const colour = leafColour(greenness)
      const [red = 0, green = 0, blue = 0] = [1, 3, 5].map((from) =>
        Number.parseInt(colour.slice(from, from + 2), 16),
      )
      const read = greennessOf('darkGreenIndex', darkGreenIndex(red, green, blue))
      expect(Math.abs(read - greenness)).toBeLessThan(2 * greennessScales.darkGreenIndex.mappingDoubt) // prettier-ignore
    }
  })
})
