import { formatDecimals } from '../../base/writing/index.ts'
import type { Route } from '../../stand/plant/index.ts'
import { sourceKinds, type Source } from '../../material/source/index.ts'
import type { PartnerKind } from './data/partners.ts'

export interface MixingInput {
  readonly source: Pick<Source, 'kind' | 'nutrient'>
  readonly route: Route
  readonly carrier: 'water' | 'dry'
  /** Acid for a fill, in words: "12 mL sulfuric acid 35 % a full tank", and the pH it brings it to. */
  readonly acid?: { readonly words: string; readonly targetPH: number } | undefined
  /** What else goes in, with its dose in words: "urea, 2 lb". */
  readonly partners?: readonly { readonly form: PartnerKind['form']; readonly words: string }[]
  /** Hours until it is watered in, where that was chosen for a partner. */
  readonly waterInAfterH?: number | undefined
}

const dryOrder = [
  'Weigh it, and halve it: one half along, one half across.',
  'Sweep what fell on paving back onto the ground.',
  'Water it in, gently and long enough to wet the roots.',
]
const solutionOrder = [
  'Check pH first and bring it right before the dose.',
  'Dissolve the dose in a bucket of the solution.',
  'Pour it in slowly where the water moves most, farthest from any fish.',
]

function lastStep({ route, waterInAfterH }: MixingInput): string {
  if (route !== 'leaf') return 'Water it in at once, and rinse leaves and paving.'
  if (waterInAfterH === undefined) return 'Leave it on the leaf: no water until it has dried.'
  return `Leave it on the leaf ${waterInAfterH} h, then water it in.`
}

/**
 * The steps of filling, in order.
 * @source common practice: water, acid, dry things, iron, liquids, wetters, top up
 */
export function mixingOrder(input: MixingInput): readonly string[] {
  const { source, route, carrier, acid, partners = [] } = input
  if (route === 'solution') return solutionOrder
  if (carrier === 'dry') return dryOrder
  const isRusting = sourceKinds[source.kind].inTank === 'salt' && source.nutrient === 'Fe'
  // The acid is worked out for all of the water: into half of it, it would go far too low.
  const bringDown = acid
    ? [
        `Bring the water to pH ${formatDecimals(acid.targetPH, 1)}: ${acid.words}. Acid into water, never the reverse; measure it before you go on.`,
      ]
    : isRusting
      ? [
          'Hard or alkaline water: bring it to pH 5-6 first, acid into water, or the iron rusts in the tank.',
        ]
      : []
  const named = (form: PartnerKind['form']) =>
    partners.filter((each) => each.form === form).map(({ words }) => `Add ${words}; let it mix.`)
  return [
    acid
      ? 'Fill the tank with all its water but a bucket; start the agitation.'
      : 'Fill the tank half with water; start the agitation.',
    ...bringDown,
    ...named('dry'),
    'Dissolve the iron in a bucket, water first, powder second; pour it in.',
    ...named('liquid'),
    ...named('wetter'),
    acid
      ? 'Top up with the bucket and use it the same day.'
      : 'Top up with water and use it the same day.',
    lastStep(input),
    'Rinse the sprayer three times.',
  ].map((step) =>
    source.nutrient === 'Fe' ? step : step.replace('Dissolve the iron', 'Dissolve the product'),
  )
}
