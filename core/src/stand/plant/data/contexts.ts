/** The settings in which the work is done; a finding or rate that makes no sense in one is not offered there. */
export const contexts = {
  turf: { label: 'Turf', sizeKinds: ['area'], figure: 'tuft', routes: ['leaf', 'soil'] },
  tree: {
    label: 'Trees and vines',
    sizeKinds: ['trunks'],
    figure: 'tree',
    routes: ['leaf', 'soil'],
  },
  shrub: {
    label: 'Shrubs and beds',
    sizeKinds: ['area'],
    figure: 'bush',
    routes: ['leaf', 'soil'],
  },
  'row-crop': {
    label: 'Row crop',
    sizeKinds: ['area'],
    figure: 'row-plant',
    routes: ['leaf', 'soil'],
  },
  container: {
    label: 'Containers and glasshouse',
    sizeKinds: ['pots'],
    figure: 'pot',
    routes: ['leaf', 'soil'],
  },
  hydroponic: {
    label: 'Hydroponic',
    sizeKinds: ['solution'],
    figure: 'channel',
    routes: ['solution'],
  },
  aquaponic: {
    label: 'Aquaponic, with fish or worms',
    sizeKinds: ['solution'],
    figure: 'raft',
    routes: ['solution'],
  },
} as const

export type Context = keyof typeof contexts
export const contextNames = Object.keys(contexts) as readonly Context[]

/** How the plant of a context is drawn for the look. */
export type FigureKind = (typeof contexts)[Context]['figure']

/** The way iron gets into the plant. */
export type Route = (typeof contexts)[Context]['routes'][number]
export const routes = ['leaf', 'soil', 'solution'] as const satisfies readonly Route[]

/** Words for a route, as a grower says them. */
export const routeWords: Readonly<Record<Route, string>> = {
  leaf: 'onto the leaf',
  soil: 'into the soil',
  solution: 'into the solution',
}
