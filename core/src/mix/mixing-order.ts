import type { Route } from '../plant/index.ts'
import type { Source } from '../source/index.ts'

/**
 * The steps of filling, in order.
 * @source common practice
 */
export function mixingOrder(
  source: Pick<Source, 'kind' | 'nutrient'>,
  route: Route,
  carrier: 'water' | 'dry' = 'water',
): readonly string[] {
  if (carrier === 'dry' && route !== 'solution') {
    return [
      'Weigh it, and halve it: one half along, one half across.',
      'Sweep what fell on paving back onto the ground.',
      'Water it in, gently and long enough to wet the roots.',
    ]
  }
  if (route === 'solution') {
    return [
      'Check pH first and bring it right before the dose.',
      'Dissolve the dose in a bucket of the solution.',
      'Pour it in slowly where the water moves most, farthest from any fish.',
    ]
  }
  const bringDown =
    source.kind === 'salt' && source.nutrient === 'Fe'
      ? [
          'Hard or alkaline water: bring it to pH 5-6 first, acid into water, or the iron rusts in the tank.',
        ]
      : []
  return [
    'Fill the tank half with water; start the agitation.',
    ...bringDown,
    'Dissolve the product in a bucket, then pour it in: water first, powder second.',
    'Top up with water and use it the same day.',
    route === 'leaf'
      ? 'Leave it on the leaf: no water until it has dried.'
      : 'Water it in at once, and rinse leaves and paving.',
    'Rinse the sprayer three times.',
  ]
}
