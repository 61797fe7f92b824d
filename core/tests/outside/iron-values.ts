import { ceilingPH } from '../../src/material/chemistry/index.ts'
import { findRate, responseFor } from '../../src/material/source/index.ts'
import type { OutsideCheck, Publication } from './publications.ts'

const middle = ({ low, high }: { readonly low: number; readonly high: number }) => (low + high) / 2

/** pH of soil up to which most of the iron stays on a chelate. */
// prettier-ignore
const ceilings: readonly (readonly [Publication, Parameters<typeof ceilingPH>[0], number])[] = [
  ['lucasKnezek', 'edta', 6.3], ['lucasKnezek', 'dtpa', 7.5], ['lucasKnezek', 'eddha', 9],
  ['norvell', 'edta', 6.5], ['norvell', 'dtpa', 7.3], ['norvell', 'hedta', 6.5],
  ['lucena', 'eddha', 9], ['lucena', 'hbed', 9],
]

/** Rates as printed, in the unit of our row. */
// prettier-ignore
const rates: readonly (readonly [Publication, string, rateId: string, printed: number, within: number])[] = [
  ['withee', 'ferrous sulfate on sorghum leaves [%]', 'leaf-sulfate-row-crop', 3, 1.6],
  ['mortvedt', 'ferrous sulfate on leaves of field crops [%]', 'leaf-sulfate-row-crop', 2.5, 1.4],
  ['kaiser', 'ortho-ortho EDDHA product in the furrow [lb/acre]', 'soil-eddha-furrow', 3, 1.6],
  ['goos', 'EDDHA product with the seed [lb/acre]', 'soil-eddha-furrow', 2, 1.6],
  ['resh', 'iron in a recipe [mg/L]', 'solution-hydroponic', 2.5, 1.4],
  ['rakocy', 'iron added to a loop with fish [mg/L]', 'solution-aquaponic', 2, 1.2],
  ['rakocy', 'days between additions', 'solution-aquaponic days', 21, 1.3],
  ['carrow', 'iron on turf leaves as chelate [lb/acre]', 'leaf-chelate-iron-per-area', 0.7, 1.6],
  ['carrow', 'days that a leaf spray holds turf', 'leaf-chelate-iron-per-area days', 25, 1.4],
  ['fisherArgo', 'strong chelate drench for pots [oz/100 gal]', 'soil-strong-container-drench', 5, 1.3],
]
const rateValue = (text: string): number => {
  const [id = '', days] = text.split(' ')
  const { rate, intervalDays } = findRate(id)
  return days ? middle(intervalDays ?? { low: NaN, high: NaN }) : rate.usual
}

/** Days as printed, beside the middle of ours. */
// prettier-ignore
const responses = [
  ['yust', 'days until turf is at its greenest after sulfate', 'leaf', 'ferrous-sulfate', 'turf', 'full', 6, 2],
  ['yust', 'days until the colour of a turf spray fades', 'leaf', 'ferrous-sulfate', 'turf', 'fades', 21, 1.5],
  ['abadia', 'days until trees are green after a soil chelate', 'soil', 'fe-eddha', 'tree', 'full', 42, 1.6],
  ['rakocy', 'days until new leaves of a raft are green', 'solution', 'fe-dtpa', 'aquaponic', 'full', 12, 1.5],
] as const

export const ironChecks: readonly OutsideCheck[] = [
  ...ceilings.map(([publication, ligandId, printed]): OutsideCheck => ({
    publication,
    what: `pH of soil up to which ${ligandId.toUpperCase()} keeps half of its iron`,
    printed,
    // What is customary is said to half a pH; above 9 nobody grows anything.
    ours: () => Math.min(9, ceilingPH(ligandId, 0.5, { competition: 'field' }) ?? NaN),
    within: 1.12,
    differs:
      ligandId === 'hedta'
        ? 'by its constants zinc and copper of soil take its ligand earlier; practice stays with 6.5'
        : undefined,
  })),
  ...rates.map(([publication, what, text, printed, within]): OutsideCheck => ({
    publication,
    what,
    printed,
    ours: () => rateValue(text),
    within,
  })),
  ...responses.map(
    ([publication, what, route, id, context, phase, printed, within]): OutsideCheck => ({
      publication,
      what,
      printed,
      ours: () => middle(responseFor(route, id, context)[phase]),
      within,
    }),
  ),
]
