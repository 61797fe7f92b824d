import { describe, expect, it } from 'vitest'
import { correctionFor, corrected, cardResidual } from './correct-colour.ts'
import { lightOf } from './colour.ts'
import type { SeenPatch } from './find-card.ts'
import {
  cardDrawing,
  colourCard,
  measurePhoto,
  noPlant,
  remarksById,
  whyNotCompared,
  type Comparable,
  type Dab,
  type Picture,
} from './index.ts'

type Colour = readonly [number, number, number]
const soil: Colour = [107, 90, 69]
const green: Colour = [70, 132, 53]
const pale: Colour = [200, 205, 90]

/** A picture in vertical bands of plain colours. */
function banded(colours: readonly Colour[], width = 300, height = 240): Picture {
  const data = new Uint8ClampedArray(width * height * 4).fill(255)
  for (let pixel = 0; pixel < width * height; pixel++) {
    const band = Math.floor(((pixel % width) * colours.length) / width)
    colours[band]?.forEach((value, channel) => {
      data[pixel * 4 + channel] = value
    })
  }
  return { width, height, data }
}
const ids = (picture: Picture, dabs: readonly Dab[] = []) =>
  measurePhoto(picture, dabs).remarks.map(({ id }) => id)

describe('a photo', () => {
  it('is measured over its plant alone', () => {
    const half = measurePhoto(banded([green, soil]))
    const whole = measurePhoto(banded([green, green]))
    expect(half.cover).toBeCloseTo(0.5, 6)
    expect(half.darkGreenIndex).toBeCloseTo(whole.darkGreenIndex, 6)
    expect(half.severityMap[0]).toBeLessThan(2)
    expect(half.severityMap[299]).toBe(noPlant)
  })

  it('has no vein contrast where the leaf is even', () => {
    expect(measurePhoto(banded([green])).veinContrast).toBeLessThan(0.002)
  })

  it.each<[string, Picture, string]>([
    ['a grey one', banded([[90, 90, 90], [140, 140, 140]]), 'grey'], // prettier-ignore
    ['a thumbnail', banded([green], 120, 90), 'small'],
    ['bare ground', banded([soil, [120, 100, 80]]), 'no-plant'],
    ['one without a card', banded([green, soil]), 'no-card'],
  ])('of %s is refused in plain words', (_, picture, id) => {
    expect(ids(picture)).toContain(id)
    for (const { words } of measurePhoto(picture).remarks) expect(words).toMatch(/^[A-Z].*\.$/)
  })

  it('whose bytes do not make up its pixels is refused at the door', () => {
    expect(() => measurePhoto({ width: 4, height: 4, data: new Uint8Array(5) })).toThrow(
      'four bytes for each of its pixels',
    )
  })
})

describe('the brush', () => {
  const picture = banded([green, pale, soil])
  const dab = (more: Partial<Dab>): Dab => ({
    is: 'not-plant',
    x: 0.5,
    y: 0.5,
    radius: 0.03,
    andAlike: false,
    ...more,
  })
  const coverWith = (...dabs: Dab[]) => measurePhoto(picture, dabs).cover

  it('takes out what lies under it, and nothing more', () => {
    const area = (Math.PI * (0.03 * 300) ** 2) / (300 * 240)
    expect(coverWith() - coverWith(dab({}))).toBeCloseTo(area, 2)
  })

  it('takes out all that is alike, when asked', () => {
    expect(coverWith(dab({ andAlike: true }))).toBeCloseTo(1 / 3, 2)
  })

  it('takes in what colour alone would leave out', () => {
    expect(coverWith(dab({ is: 'plant', x: 0.85, andAlike: true }))).toBeCloseTo(1, 2)
  })

  it('counts by its last word', () => {
    const both = coverWith(dab({}), dab({ is: 'plant' }))
    expect(both).toBeCloseTo(coverWith(), 6)
  })
})

describe('the card', () => {
  const seenUnder = (red: number, blue: number): SeenPatch[] =>
    colourCard.patches.map((patch) => ({
      patch,
      light: [lightOf(patch.rgb[0]) * red, lightOf(patch.rgb[1]), lightOf(patch.rgb[2]) * blue],
      clipped: 0,
    }))

  it('takes coloured light out of a picture', () => {
    const seen = seenUnder(1.4, 0.6)
    const correction = correctionFor(seen)
    for (const { patch, light } of seen) {
      corrected(correction, light).forEach((value, channel) =>
        expect(Math.abs(value - lightOf(patch.rgb[channel] ?? 0))).toBeLessThan(0.012),
      )
    }
    expect(cardResidual(seen, correction)).toBeLessThan(0.01)
  })

  it('tells by its own leaf colours when it was not enough', () => {
    const seen = seenUnder(1, 1).map((each, index) =>
      index % 2 === 0 ? { ...each, light: [0.3, 0.3, 0.3] as const } : each,
    )
    expect(cardResidual(seen, correctionFor(seen))).toBeGreaterThan(0.05)
  })

  it('is drawn in its true size, every patch in its colour', () => {
    const drawing = cardDrawing()
    expect(drawing).toContain('width="106mm" height="58mm"')
    expect(drawing.match(/<rect /g)).toHaveLength(colourCard.patches.length + 2)
  })
})

describe('remarks that were kept with a photo', () => {
  it('are said again by their names, and forgotten ones left out', () => {
    const [remark] = remarksById(['no-card', 'of old'])
    expect(remark?.words).toContain('No colour card')
    expect(remarksById(['of old'])).toEqual([])
  })
})

describe('two photos', () => {
  const sound: Comparable = { remarks: [], cover: 0.6 }
  it('are compared only where both can be', () => {
    const dark = { ...sound, remarks: [{ id: 'dark', refuses: true, words: 'Too dark.' }] }
    expect(whyNotCompared(sound, sound)).toBeUndefined()
    expect(whyNotCompared(sound, dark)).toContain('second photo: Too dark')
    expect(whyNotCompared({ ...sound, cover: 0.1 }, sound)).toContain('much more leaf')
  })
})
