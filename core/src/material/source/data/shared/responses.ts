import { none, type None } from '../../../../base/reference/index.ts'
import type { Route } from '../../../../stand/plant/index.ts'
import type { Response, Responses } from '../../facts/response.ts'

const practice = { source: 'common practice', mark: 'C' } as const
const judged = { source: 'read across from the nearest case', mark: 'J' } as const

const drenchOfPots: Response = {
  id: 'drench-pot',
  label: 'drench of powder chelate, pots',
  firstChange: { low: 3, high: 6 },
  full: { low: 12, high: 16 },
  fades: { low: 35, high: 70 },
  ...practice,
}
const sprayed: Responses = {
  usual: {
    id: 'leaf-spray',
    label: 'leaf spray',
    firstChange: { low: 1, high: 3 },
    full: { low: 5, high: 7 },
    fades: { low: 14, high: 28 },
    ...practice,
  },
  on: {},
}
const dissolved: Responses = {
  usual: {
    id: 'solution',
    label: 'iron in the solution',
    firstChange: { low: 3, high: 6 },
    full: { low: 10, high: 14 },
    fades: { low: 21, high: 28 },
    ...judged,
  },
  on: {},
}
const wateredIn: Responses = {
  usual: {
    id: 'watered-in',
    label: 'salt or weak chelate watered in',
    firstChange: { low: 4, high: 10 },
    full: { low: 14, high: 21 },
    fades: { low: 21, high: 42 },
    ...judged,
  },
  on: { container: drenchOfPots },
}
const strongInSoil: Responses = {
  usual: {
    id: 'eddha-soil',
    label: 'EDDHA in the soil',
    firstChange: { low: 7, high: 14 },
    full: { low: 21, high: 30 },
    fades: { low: 60, high: 100 },
    ...judged,
  },
  on: {
    tree: {
      id: 'eddha-tree',
      label: 'EDDHA drench, tree',
      firstChange: { low: 14, high: 21 },
      full: { low: 28, high: 42 },
      fades: { low: 120, high: 180 },
      ...practice,
    },
    turf: {
      id: 'eddha-turf',
      label: 'EDDHA watered in, turf',
      firstChange: { low: 5, high: 9 },
      full: { low: 14, high: 21 },
      fades: { low: 35, high: 60 },
      ...practice,
    },
    container: drenchOfPots,
    // It acts from emergence: counted from the planting that it goes in with.
    'row-crop': {
      id: 'eddha-furrow',
      label: 'EDDHA in the furrow, from planting',
      firstChange: { low: 14, high: 24 },
      full: { low: 28, high: 45 },
      fades: { low: 60, high: 100 },
      source: 'a week or two to emergence, and the first leaves tell; from memory of trials',
      mark: 'M',
    },
  },
}

type ByRoute = Readonly<Record<Route, Responses | None>>
/** Salts, weak chelates and complexes, and sources of other nutrients, for want of better. */
export const weakResponses = { leaf: sprayed, soil: wateredIn, solution: dissolved } as const satisfies ByRoute // prettier-ignore
/** Chelates that hold in lime. */
export const strongResponses = { leaf: sprayed, soil: strongInSoil, solution: dissolved } as const satisfies ByRoute // prettier-ignore
const movesSoil = none('it moves the soil; the leaf follows in its own time')
/** Amendments of the ground. */
export const noResponses = { leaf: movesSoil, soil: movesSoil, solution: movesSoil } as const satisfies ByRoute // prettier-ignore
