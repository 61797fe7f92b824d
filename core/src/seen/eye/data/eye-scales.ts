import { eachFrom, type Figure } from '../../../base/reference/index.ts'
import { contextNames, type Context, type LeafForm } from '../../../stand/plant/index.ts'

/** Scales of leaf colour that are rated by eye, and the picture that each is rated on. */
export const eyeScales = eachFrom(
  { source: 'scales as readings have them; steps in which people say them', mark: 'C' },
  {
    turfColour: {
      label: 'Turf colour, 1 to 9',
      asked: 'How green is this turf?',
      low: '1 straw or white',
      middle: '6 just acceptable',
      high: '9 the deepest green',
      step: 0.5,
      leafForm: 'blade' satisfies LeafForm,
      photosOf: ['turf'] as readonly Context[],
    },
    severity: {
      label: 'Severity, 0 to 5',
      asked: 'How chlorotic are these leaves?',
      low: '0 healthy',
      middle: '2 to 3 yellow between the veins',
      high: '5 white',
      step: 0.5,
      leafForm: 'lobed' satisfies LeafForm,
      photosOf: contextNames.filter((name) => name !== 'turf') as readonly Context[],
    },
    chlorosisScore: {
      label: 'Chlorosis score, 1 to 5',
      asked: 'What score do these rows have?',
      low: '1 green',
      middle: '3 yellow',
      high: '5 dying',
      step: 0.5,
      leafForm: 'ovate' satisfies LeafForm,
      photosOf: ['row-crop'] as readonly Context[],
    },
  } as const,
)
export type EyeScale = keyof typeof eyeScales
export const eyeScaleNames = Object.keys(eyeScales) as readonly EyeScale[]
/** Scales on which photos of such a stand are rated. */
export const scalesOn = (context: Context): readonly EyeScale[] =>
  eyeScaleNames.filter((scale) => eyeScales[scale].photosOf.includes(context))

/** Pictures of a sitting, each of which is rated twice. */
export const picturesOfSitting: Figure = {
  value: 12,
  unit: 'pictures',
  source: 'enough for a spread known to about a fifth: one over the root of 2 × 12',
  mark: 'D',
}
/** Other pictures that lie at least between the two times that one is rated. */
export const leastBetween: Figure = {
  value: 4,
  unit: 'pictures',
  source: 'so that nobody recalls what was said of it',
  mark: 'J',
}
/** Share of the scale left out at each end: there nobody can err outward. */
export const leftOutAtEnds: Figure = {
  value: 0.08,
  unit: '',
  source: 'half a step or more of each scale',
  mark: 'J',
}
/** After so long without a sitting an eye is due again. */
export const staleAfter: Figure = {
  value: 90,
  unit: 'd',
  source: 'about once a season of growth, as raters are trained anew before each trial year',
  mark: 'C',
}
/** How many degrees of freedom all eyes together count for beside one's own spread. */
export const sharedFreedom: Figure = {
  value: 8,
  unit: 'degrees of freedom',
  source: 'spreads of people differ by about a quarter, more or less: 1 over the root of 2 × 8',
  mark: 'J',
}
/** How far greenness of single leaves in a picture strays. */
export const leafStray: Figure = {
  value: 0.05,
  unit: '',
  source: 'leaves of one plot are not all alike',
  mark: 'J',
}
/** Of fewer photos the second time round is known again. */
export const fewestPhotos: Figure = {
  value: 6,
  unit: 'photos',
  source: 'four others lie between, and a line for everybody takes five pictures',
  mark: 'J',
}
