import type { FigureRange, Sourced } from '../../../base/reference/index.ts'
import type { IronSourceId } from '../../source/index.ts'

type Share = FigureRange & Sourced

const leafPractice = {
  source: 'what enters a leaf (common practice), as shares',
  mark: 'J',
} as const
const small: Share = { low: 0.7, usual: 0.9, high: 1, ...leafPractice }
/** A big molecule stays outside. */
const big: Share = { low: 0.05, usual: 0.15, high: 0.3, ...leafPractice }

/** Share of the iron on a leaf that gets in. */
export const leafEntry: Readonly<Record<IronSourceId, Share>> = {
  'ferrous-sulfate': small,
  'ferrous-sulfate-monohydrate': { low: 0.3, usual: 0.6, high: 0.9, ...leafPractice },
  'ferrous-ammonium-sulfate': small,
  'fe-edta': small,
  'fe-hedta': small,
  'fe-dtpa': small,
  'fe-eddha': big,
  'fe-hbed': big,
  'iron-citrate': small,
  'iron-glucoheptonate': small,
  'iron-lignosulfonate': { low: 0.6, usual: 0.85, high: 1, ...leafPractice },
  'iron-humate': { low: 0.2, usual: 0.5, high: 0.9, ...leafPractice },
  'iron-oxide': { low: 0, usual: 0, high: 0.02, ...leafPractice },
  'iron-granules': { low: 0, usual: 0, high: 0.02, ...leafPractice },
}

const unproven = {
  source: 'no constants are known; held by judgement, ask for evidence',
  mark: 'J',
} as const

/** Share of the iron that a loose complex holds on to in soil, whatever the pH. */
export const looseHold: Readonly<Partial<Record<IronSourceId, Share>>> = {
  'iron-glucoheptonate': { low: 0, usual: 0.1, high: 0.4, ...unproven },
  'iron-lignosulfonate': { low: 0, usual: 0.2, high: 0.6, ...unproven },
  'iron-humate': { low: 0, usual: 0.1, high: 0.5, ...unproven },
}

/** The same in a solution, where nothing but lime and phosphate competes. */
export const looseHoldInSolution: Readonly<Partial<Record<IronSourceId, Share>>> = {
  'iron-glucoheptonate': { low: 0.1, usual: 0.4, high: 0.8, ...unproven },
  'iron-lignosulfonate': { low: 0.1, usual: 0.4, high: 0.8, ...unproven },
  'iron-humate': { low: 0, usual: 0.2, high: 0.6, ...unproven },
}

/** A salt in a solution is rust within hours to days. */
export const saltInSolution: Share = {
  low: 0,
  usual: 0.02,
  high: 0.1,
  source: 'precipitates within hours to days (common practice)',
  mark: 'J',
}

/** Part of EDDHA's iron that the ortho-ortho isomer carries, where the label is silent. */
export const orthoOrthoShare: Share = {
  low: 0.5,
  usual: 0.8,
  high: 1,
  source: 'labels: 4.8 of 6 % in good grades (common practice)',
  mark: 'C',
}

/** The other isomers bind iron about as DTPA does: log K 28.7 against 28.0. */
export const otherIsomersAs = {
  ligandId: 'dtpa',
  source: 'ortho-para isomer, Yunta et al. 2003',
  mark: 'M',
} as const
