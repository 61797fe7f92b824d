import { cardShapes, measurePhoto, type PhotoMeasure } from '@spudder/core/seen/photo'
import { describe, expect, it } from 'vitest'
import { atSlant, expose, misprints, paintScene, printedBy, type Exposure, type Scene } from './index.ts' // prettier-ignore

const scene = (shapes: string): Scene => ({
  width: 480,
  height: 360,
  ground: '#6b5a45',
  canopy: { leafForm: 'ovate', greenness: 0.6, spread: 0.04, leafCount: 90, leafLength: 90, seed: 0.37 }, // prettier-ignore
  card: { shapes, x: 110, y: 80, pxPerMm: 2.5, turnDegrees: 7 },
})
const lights: readonly Exposure[] = [
  { exposure: 0.9, red: 1, blue: 1, noise: 0.01 },
  { exposure: 0.6, red: 1.35, blue: 0.62, noise: 0.012 },
  { exposure: 0.45, red: 0.8, blue: 1.4, noise: 0.012 },
  { exposure: 0.35, red: 1.05, blue: 0.9, mixing: 0.08, haze: 0.015, noise: 0.008 },
]
async function photosOf(shapes: string): Promise<PhotoMeasure[]> {
  const painted = await paintScene(scene(shapes))
  return Promise.all(lights.map(async (light) => measurePhoto(await expose(painted, light))))
}

describe('a print of the card', () => {
  it.each([
    ['blackAndWhite', 'colourless'],
    ['withoutYellow', 'ink-short'],
    ['withoutMagenta', 'ink-short'],
    ['withoutCyan', 'ink-short'],
    ['bleached', 'ink-short'],
    ['bluish', 'tinted'],
    ['reddish', 'tinted'],
    ['savingInk', 'pale'],
    ['tooMuchInk', 'dark'],
  ] as const)(
    'that is wrong (%s) is told as %s in any light, and its photo is not compared',
    async (name, fault) => {
      for (const { printFault, remarks } of await photosOf(
        printedBy(misprints[name], cardShapes()),
      )) {
        expect(printFault).toBe(fault)
        expect(remarks.some(({ id, refuses }) => refuses && id === `card-${fault}`)).toBe(true)
      }
    },
  )

  it('that is true is never taken for a wrong one, whatever the light', async () => {
    for (const { printFault, remarks } of await photosOf(cardShapes())) {
      expect(printFault).toBeUndefined()
      expect(remarks).toEqual([])
    }
  })

  it('whose inks are tinted would have passed for odd light, and moved the leaf', async () => {
    const [[tinted], [sound]] = await Promise.all([
      photosOf(printedBy(misprints.reddish, cardShapes())),
      photosOf(cardShapes()),
    ])
    const off = Math.abs((tinted?.darkGreenIndex ?? NaN) - (sound?.darkGreenIndex ?? NaN))
    expect(tinted?.cardResidual).toBeLessThan(0.05)
    expect(off).toBeGreaterThan(0.02)
  })
})

describe('a card that is seen at a slant', () => {
  it.each([10, 20])('of %d degrees is read as if from straight above', async (degrees) => {
    const large = { ...scene(cardShapes()), width: 900, height: 675 }
    const [light = { exposure: 1, red: 1, blue: 1 }] = lights
    const painted = await paintScene({ ...large, card: { shapes: cardShapes(), x: 300, y: 240, pxPerMm: 3.4, turnDegrees: 7 } }) // prettier-ignore
    const [above, slanted] = await Promise.all([
      expose(painted, light).then((seen) => measurePhoto(seen)),
      expose(atSlant(painted, degrees), light).then((seen) => measurePhoto(seen)),
    ])
    expect(slanted.remarks).toEqual([])
    expect(slanted.cardResidual).toBeLessThan(0.01)
    expect(Math.abs(slanted.darkGreenIndex - above.darkGreenIndex)).toBeLessThan(0.02)
  })
})
