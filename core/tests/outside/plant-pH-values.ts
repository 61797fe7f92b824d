import { findPlant } from '../../src/stand/plant/index.ts'
import type { OutsideCheck } from './publications.ts'

/** Middle of the range of soil pH as Spurway prints it. */
// prettier-ignore
const spurway: readonly (readonly [plantId: string, low: number, high: number])[] = [
  ['creeping-bentgrass', 5.5, 6.5], ['kentucky-bluegrass', 5.5, 7.5], ['bermudagrass', 6, 7], ['perennial-ryegrass', 6, 7],
  ['azalea', 4.5, 5.5], ['camellia', 4.5, 5.5], ['gardenia', 5, 6], ['hydrangea', 4.5, 6.5], ['rose', 5.5, 7],
  ['holly', 5, 6], ['boxwood', 6, 7.5], ['heather', 4.5, 6], ['pin-oak', 5, 6.5], ['white-oak', 5, 6.5], ['sweetgum', 6, 6.5],
  ['magnolia', 5, 6], ['linden', 6, 8], ['dogwood', 5, 6.5], ['tulip-tree', 6, 7], ['white-pine', 4.5, 6], ['spruce', 5, 6],
  ['citrus', 6, 7.5], ['peach', 6, 7.5], ['apple', 5, 6.5], ['pear', 6, 7.5], ['cherry', 6, 7.5], ['plum', 6, 8],
  ['walnut', 6, 8], ['pecan', 6.4, 8], ['olive', 5.5, 6.5], ['mulberry', 6, 7.5], ['highbush-blueberry', 4, 5.5],
  ['raspberry', 5, 7], ['strawberry', 5, 6.5], ['maize', 5.5, 7.5], ['wheat', 5.5, 7.5], ['oats', 5, 7.5], ['soybean', 6, 7],
  ['alfalfa', 6.2, 7.8], ['peanut', 5.3, 6.6], ['potato', 4.8, 6.5], ['sugar-beet', 6.5, 8], ['sunflower', 6, 7.5],
  ['lettuce', 6, 7], ['tomato', 5.5, 7.5], ['cucumber', 5.5, 7], ['pepper', 5.5, 7], ['spinach', 6, 7.5],
]

const differing: Readonly<Record<string, string>> = {
  apple: 'later guides lime orchards to 6 and over',
  olive: 'it grows on limestone all around the Mediterranean',
}

/** As times of hydrogen ion: half a pH is three times. */
const within = 10 ** 0.65
const hydrogen = (pH: number): number => 10 ** -pH

export const plantPHChecks: readonly OutsideCheck[] = spurway.map(([plantId, low, high]) => ({
  publication: 'spurway',
  what: `hydrogen ion at the middle of the pH that ${findPlant(plantId).name.toLowerCase()} likes (pH ${(low + high) / 2})`,
  printed: hydrogen((low + high) / 2),
  ours: () => {
    const { pHRange } = findPlant(plantId)
    return hydrogen((pHRange.low + pHRange.high) / 2)
  },
  within,
  differs: differing[plantId],
}))
