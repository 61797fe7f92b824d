import { none } from '../../../../base/reference/index.ts'
import type { SourceCaution } from '../../facts/caution.ts'

const practice = {
  source: 'common practice; the label and local rules come first',
  mark: 'C',
} as const
const atEvery = none('stands at every way in')

/** Dust of sulfur, in whatever grain. */
export const sulfurDust: SourceCaution = {
  id: 'sulfur-dust',
  urgency: 'injures',
  words:
    'Sulfur dust irritates eyes and lungs, and burns or explodes: no sparks, no smoking, goggles and mask. Not onto hot turf; water it in.',
  routes: atEvery,
  ...practice,
}
/** Salts that are spread on the ground in quantity. */
export const rootBurn: SourceCaution = {
  id: 'root-burn',
  urgency: 'burns',
  words: 'Salts scorch leaves and roots: sweep or rinse them off the leaves and water in at once.',
  routes: ['soil'],
  ...practice,
}
export const aluminium: SourceCaution = {
  id: 'aluminium',
  urgency: 'injures',
  words:
    'Aluminium sulfate harms eyes for good: goggles. In acid ground its aluminium harms roots.',
  routes: atEvery,
  ...practice,
}
export const limeDust: SourceCaution = {
  id: 'lime-dust',
  urgency: 'injures',
  words: 'Lime dust burns eyes and skin: goggles, gloves, no wind.',
  routes: atEvery,
  ...practice,
}
/** Salts and chelates of zinc and manganese. */
export const saltsIrritate: SourceCaution = {
  id: 'salts-irritate',
  urgency: 'poisons',
  words:
    'Gloves and goggles with the powder: zinc and manganese salts burn eyes and are poisonous when swallowed. Lock them away from children and pets.',
  routes: atEvery,
  ...practice,
}
export const liming: SourceCaution = {
  id: 'liming',
  urgency: 'spoils',
  words: 'It raises the pH: where iron or manganese is tied up, it makes that worse.',
  routes: atEvery,
  ...practice,
}
/** Chelates of the phenol kind, which are blood-red. */
export const redFilm: SourceCaution = {
  id: 'red-film',
  urgency: 'spoils',
  words: 'Blood-red: it dyes skin, clothes and paving. Rinse leaves and kerbs at once.',
  routes: atEvery,
  ...practice,
}
export const heavyMetals: SourceCaution = {
  id: 'heavy-metals',
  urgency: 'poisons',
  words: 'Ask for the heavy-metal analysis before any of it goes where food grows.',
  routes: atEvery,
  ...practice,
}
/** For a source that needs none beside those of all its kind. */
export const noMore = none('none beside those of every source of its kind and of the work')
