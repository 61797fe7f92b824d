import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import {
  areaOf,
  checkOutline,
  fillEnds,
  holdsPoint,
  measureGround,
  readGeoJson,
  type GridPoint,
  type Outline,
} from './index.ts'

const near = (value: number, wanted: number, tolerance: number) =>
  expect(Math.abs(value - wanted)).toBeLessThanOrEqual(tolerance)

describe('measureGround', () => {
  it('by sides, circle and three sides', () => {
    near(measureGround({ kind: 'sides', lengthM: 40, widthM: 25 }).areaM2, 1000, 1e-9)
    near(measureGround({ kind: 'circle', diameterM: 20 }).areaM2, 314.159265, 1e-6)
    near(measureGround({ kind: 'triangle', sidesM: [3, 4, 5] }).areaM2, 6, 1e-9)
    near(measureGround({ kind: 'triangle', sidesM: [13, 14, 15] }).areaM2, 84, 1e-9)
  })

  it('by widths across a line, as surveyors do: trapezoids', () => {
    const widthsM = [0, 8, 10, 6, 0]
    near(measureGround({ kind: 'offsets', lengthM: 40, widthsM }).areaM2, 240, 1e-9)
    // A rectangle is what it always was.
    near(measureGround({ kind: 'offsets', lengthM: 40, widthsM: [9, 9, 9] }).areaM2, 360, 1e-9)
  })

  it('has three sides agree with the corners they make', () => {
    const length = fc.double({ min: 1, max: 500, noNaN: true })
    fc.assert(
      fc.property(length, length, fc.double({ min: 0.1, max: 3, noNaN: true }), (a, b, angle) => {
        const c = Math.sqrt(a * a + b * b - 2 * a * b * Math.cos(angle))
        fc.pre(c > 0.1)
        const { areaM2 } = measureGround({ kind: 'triangle', sidesM: [a, b, c] })
        expect(Math.abs(areaM2 / (0.5 * a * b * Math.sin(angle)) - 1)).toBeLessThan(1e-6)
      }),
    )
  })

  it.each([
    [{ kind: 'sides', lengthM: -4, widthM: 25 }, /length: expected a number from 0.1/],
    [{ kind: 'circle', diameterM: 0 }, /diameter: expected/],
    [{ kind: 'triangle', sidesM: [1, 2, 9] }, /longest shorter than the other two/],
    [{ kind: 'offsets', lengthM: 10, widthsM: [4] }, /width at either end/],
    [{ kind: 'offsets', lengthM: 10, widthsM: [0, 0, 0] }, /three corners|not in a line/],
    [
      {
        kind: 'outline',
        outline: [
          [0, 0],
          [1, 1],
        ],
      },
      /at least three corners/,
    ],
    [
      {
        kind: 'outline',
        outline: [
          [0, 0],
          [5, 5],
          [5, 0],
          [0, 5],
        ],
      },
      /do not cross/,
    ],
  ] as const)('refuses %j', (shape, reason) => expect(() => measureGround(shape)).toThrow(reason))
})

/** A square of 0.001° at the equator. */
const square = (longitude: number, latitude: number, size = 0.001) => ({
  type: 'Polygon',
  coordinates: [
    [
      [longitude, latitude],
      [longitude + size, latitude],
      [longitude + size, latitude + size],
      [longitude, latitude + size],
      [longitude, latitude],
    ],
  ],
})

describe('readGeoJson', () => {
  it('takes an outline of two hundred thousand corners', () => {
    const ring = Array.from({ length: 200_000 }, (_, at) => {
      const angle = (2 * Math.PI * at) / 200_000
      return [0.001 * Math.cos(angle), 51 + 0.001 * Math.sin(angle)]
    })
    const coordinates = [[...ring, ring[0]]]
    const file = { type: 'Feature', properties: {}, geometry: { type: 'Polygon', coordinates } }
    const [piece] = readGeoJson(JSON.stringify(file))
    // A circle of 0.001 degrees, narrower from west to east by the cosine of its latitude.
    const radiusM = (6_371_008.8 * Math.PI * 0.001) / 180
    const areaM2 = Math.PI * radiusM ** 2 * Math.cos((51 * Math.PI) / 180)
    expect((piece?.areaM2 ?? 0) / areaM2).toBeCloseTo(1, 2)
  })

  it('reads names, holes and several pieces', () => {
    const file = {
      type: 'FeatureCollection',
      features: [
        { type: 'Feature', properties: { name: 'South lawn' }, geometry: square(0, 0) },
        { type: 'Feature', properties: null, geometry: square(10, 50) },
        { type: 'Feature', properties: {}, geometry: { type: 'Point', coordinates: [0, 0] } },
      ],
    }
    const [lawn, piece, ...rest] = readGeoJson(JSON.stringify(file))
    expect(rest).toEqual([])
    expect([lawn?.name, piece?.name]).toEqual(['South lawn', 'Piece 2'])
    // A thousandth of a degree is 111.2 m on the sphere; at 50° north its width is × cos 50°.
    expect(Math.abs((lawn?.areaM2 ?? 0) / 12364 - 1)).toBeLessThan(0.003)
    expect(Math.abs((piece?.areaM2 ?? 0) / (12364 * 0.6428) - 1)).toBeLessThan(0.003)
  })

  it('draws on the grid what it measures on the globe', () => {
    const [piece] = readGeoJson(JSON.stringify(square(-3.2, 51.4)))
    expect(Math.abs(areaOf(piece?.outline ?? []) / (piece?.areaM2 ?? 1) - 1)).toBeLessThan(0.003)
  })

  it('takes a hole out', () => {
    const outer = square(0, 0)
    const holed = {
      ...outer,
      coordinates: [...outer.coordinates, ...square(0.0002, 0.0002, 0.0005).coordinates],
    }
    const share =
      (readGeoJson(JSON.stringify(holed))[0]?.areaM2 ?? 0) /
      (readGeoJson(JSON.stringify(outer))[0]?.areaM2 ?? 1)
    near(share, 0.75, 1e-4)
  })

  it.each([
    ['not at all', /no JSON/],
    ['{"a":1}', /"type"/],
    ['{"type":"Point","coordinates":[0,0]}', /lines and points have no area/],
    ['{"type":"Polygon","coordinates":[[[0,0],[1,1]]]}', /at least four positions/],
    ['{"type":"FeatureCollection"}', /RFC 7946/],
    [JSON.stringify(square(451000, 5411000, 100)), /in metres or feet/],
  ])('says what is wrong with %s', (text, reason) =>
    expect(() => readGeoJson(text)).toThrow(reason),
  )
})

describe('fillEnds', () => {
  it('ends fills along the long side of a lawn', () => {
    const { outline } = measureGround({ kind: 'sides', lengthM: 20, widthM: 60 })
    const [first, second] = fillEnds(outline, [0.25, 1])
    near(first?.alongM ?? 0, 15, 0.002)
    near(second?.alongM ?? 0, 60, 0.002)
    expect(first?.line[0][1]).toBeCloseTo(first?.line[1][1] ?? NaN, 9)
  })

  it('has that share of the area behind it, on any ground with corners', () => {
    const corner = fc.tuple(
      fc.double({ min: 5, max: 80, noNaN: true }),
      fc.double({ min: 0.2, max: 1, noNaN: true }),
    )
    fc.assert(
      fc.property(
        fc.array(corner, { minLength: 3, maxLength: 9 }),
        fc.double({ min: 0.05, max: 0.95, noNaN: true }),
        (corners, share) => {
          const outline: Outline = corners.map(([radius, reach], i) => {
            const angle = (2 * Math.PI * i) / corners.length
            return [radius * reach * Math.cos(angle), radius * reach * Math.sin(angle)]
          })
          fc.pre(areaOf(outline) > 20)
          checkOutline(outline)
          const [end] = fillEnds(outline, [share])
          if (!end) throw new Error('no end')
          // Counted again by dots on a fine grid.
          const along = end.line[0][0] === end.line[1][0] ? 0 : 1
          const limit = end.line[0][along]
          const grid = { all: 0, behind: 0 }
          for (let x = -80; x <= 80; x += 0.8) {
            for (let y = -80; y <= 80; y += 0.8) {
              if (!isInside(outline, x + 0.013, y + 0.017)) continue
              grid.all += 1
              if ((along === 0 ? x : y) <= limit) grid.behind += 1
            }
          }
          fc.pre(grid.all > 400)
          expect(Math.abs(grid.behind / grid.all - share)).toBeLessThan(0.12)
        },
      ),
      { numRuns: 25 },
    )
  })
})

function isInside(outline: Outline, x: number, y: number): boolean {
  return outline.reduce((inside, [x1, y1], i) => {
    const [x2, y2] = outline[(i + 1) % outline.length] ?? [x1, y1]
    const isCrossing = y1 > y !== y2 > y && x < ((x2 - x1) * (y - y1)) / (y2 - y1) + x1
    return isCrossing ? !inside : inside
  }, false)
}

describe('a point on the ground', () => {
  // An L: the notch in its upper right is not of it.
  const corner: Outline = [[0, 0], [10, 0], [10, 4], [4, 4], [4, 10], [0, 10]] // prettier-ignore

  it.each<[GridPoint, boolean]>([
    [[2, 2], true],
    [[8, 2], true],
    [[2, 8], true],
    [[8, 8], false],
    [[-1, 5], false],
    [[5, 11], false],
  ])('%j is on it: %s', (point, isIn) => {
    expect(holdsPoint(corner, point)).toBe(isIn)
    expect(holdsPoint(corner.toReversed(), point)).toBe(isIn)
  })
})
