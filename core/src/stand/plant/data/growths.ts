/** What a plant is grown as: doses, limits and advice go by it, beside where it stands. */
export const growths = {
  'fine turf': 'closely mown fine turf',
  'lawn turf': 'turf',
  vine: 'vines',
  orchard: 'orchard trees',
  'shade tree': 'shade trees',
  conifer: 'conifers',
  palm: 'palms',
  shrub: 'shrubs',
  berry: 'berries',
  cereal: 'cereals',
  legume: 'legumes',
  'field crop': 'field crops',
  'pot plant': 'pot plants',
  vegetable: 'vegetables and herbs',
} as const
export type Growth = keyof typeof growths
