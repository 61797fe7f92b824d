import { describe, expect, it } from 'vitest'
import {
  asSeen,
  choosePhotos,
  eyesOf,
  meanShift,
  measuredScreen,
  planPhotoSitting,
  planSitting,
  scalesOn,
  screenNamed,
  screensOf,
  shownAs,
  truthOn,
  type KeptSitting,
  type KnownScreen,
} from './index.ts'

const greener: KnownScreen = {
  name: 'Office screen',
  measuredOn: '2026-05-01',
  doubt: 0.02,
  points: [
    { greenness: 0.2, shown: 0.3 },
    { greenness: 0.6, shown: 0.7 },
    { greenness: 0.9, shown: 0.9 },
  ],
}

describe('a measured screen', () => {
  it('shows what it was measured to show, along lines between and as far off beyond', () => {
    expect(shownAs(greener, 0.2)).toBeCloseTo(0.3, 9)
    expect(shownAs(greener, 0.75)).toBeCloseTo(0.8, 9)
    expect(shownAs(greener, 0.05)).toBeCloseTo(0.15, 9)
    expect(shownAs(greener, 0.95)).toBeCloseTo(0.95, 9)
    expect(meanShift(greener)).toBeCloseTo(0.2 / 3, 9)
  })

  it('moves what is true on a scale, the way that scale goes', () => {
    expect(truthOn(greener, 'turfColour', 5)).toBeCloseTo(5 + 0.8, 6)
    expect(truthOn(greener, 'severity', 2.5)).toBeLessThan(2.5)
    expect(truthOn(greener, 'turfColour', 9)).toBe(9)
  })

  it('is known by its name, however that is written', () => {
    expect(screenNamed([greener], ' office SCREEN')).toBe(greener)
    expect(screenNamed([greener], '')).toBeUndefined()
    expect(screenNamed([greener], 'phone')).toBeUndefined()
  })
})

/** A whole sitting of an eye without fault that sees what its screen makes of it. */
function sitting(createdBy: string, screen: string, screens: readonly KnownScreen[]): KeptSitting {
  const seed = 0.2 + createdBy.length / 50
  const plan = planSitting('turfColour', seed)
  const drawn = {
    id: createdBy,
    scale: 'turfColour' as const,
    createdBy,
    ratedOn: '2026-05-02',
    screen,
    shown: plan.map(({ picture, truth }) => ({ picture, truth })),
    said: plan.map(() => 0),
  }
  const [seen] = asSeen([drawn], screens)
  return { ...drawn, said: seen?.shown.map(({ truth }, at) => truth + (at % 2) * 0.1 - 0.05) ?? [] }
}

describe('eyes at a measured screen', () => {
  const sittings = [sitting('Ann', 'office screen', [greener]), sitting('Berta', 'phone', [])]
  const plainPhone = {
    ...greener,
    name: 'phone',
    points: greener.points.map(({ greenness }) => ({ greenness, shown: greenness })),
  }
  const biasOf = (screens: readonly KnownScreen[]) =>
    eyesOf(sittings, screens).map(({ person, bias }) => [person, bias.middle.mean] as const)

  it('are not blamed for what the screen makes of leaves', () => {
    const [blamed, fair] = [new Map(biasOf([])), new Map(biasOf([greener, plainPhone]))]
    expect(blamed.get('Ann')).toBeGreaterThan(0.3)
    expect(Math.abs(fair.get('Ann') ?? NaN)).toBeLessThan(0.1)
  })

  it('are comparable across screens once all of them are measured', () => {
    expect(screensOf(...eyesOf(sittings))).toBe('different')
    expect(screensOf(...eyesOf(sittings, [greener]))).toBe('different')
    const both = eyesOf(sittings, [greener, plainPhone])
    expect(screensOf(...both)).toBe('same')
    expect(both[0]?.screens).toEqual([measuredScreen])
  })
})

describe('photos for a sitting', () => {
  const photos = Array.from({ length: 29 }, (_, at) => ({
    photoId: `photo ${at}`,
    greenness: ((at * 7) % 29) / 29,
  }))

  it('are as many as it has pictures, none twice, over all of their greenness', () => {
    for (const seed of [0.1, 0.5, 0.93]) {
      const chosen = choosePhotos(photos, seed)
      expect(new Set(chosen.map(({ photoId }) => photoId)).size).toBe(12)
      const greens = chosen.map(({ greenness }) => greenness)
      expect(Math.min(...greens)).toBeLessThan(0.11)
      expect(Math.max(...greens)).toBeGreaterThan(0.89)
    }
    expect(choosePhotos(photos.slice(0, 7), 0.4)).toHaveLength(7)
    expect(choosePhotos(photos, 0.1)).not.toEqual(choosePhotos(photos, 0.2))
  })

  it('are each shown twice, with what they were measured to be on the scale', () => {
    const chosen = choosePhotos(photos, 0.3)
    const shown = planPhotoSitting('turfColour', 0.3, chosen)
    expect(shown).toHaveLength(24)
    for (const [picture, { photoId, greenness }] of chosen.entries()) {
      const own = shown.filter((each) => each.picture === picture)
      expect(own.map((each) => each.photoId)).toEqual([photoId, photoId])
      expect(own[0]?.truth).toBeCloseTo(1 + 8 * greenness, 6)
    }
  })

  it('are of the stands that such a scale is said of', () => {
    expect(scalesOn('turf')).toEqual(['turfColour'])
    expect(scalesOn('row-crop')).toEqual(['severity', 'chlorosisScore'])
    expect(scalesOn('tree')).toEqual(['severity'])
  })
})
