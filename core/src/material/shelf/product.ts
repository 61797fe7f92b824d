import type { Day } from '../../base/calendar/index.ts'
import { CoreError } from '../../base/error/index.ts'
import { candidateOfProduct, type Candidate } from '../choice/index.ts'
import { checkLabel, labelBounds, type Label, type LabelDraft } from '../label/index.ts'
import type { LabelFigure } from '../rate/index.ts'
import { standInFor, type IronSourceId } from '../source/index.ts'

/** What a product leaves on paving and hands. */
export const stainNames = ['rust', 'red', 'little'] as const
export type Stain = (typeof stainNames)[number]

/** A product that the user has or buys, by its own label and bill. */
export interface ShelfProduct {
  readonly name: string
  /** The form it is handled as: rates, cautions, response. */
  readonly sourceId: IronSourceId
  readonly label: LabelDraft
  /** Price of a pack, in the money of the place. */
  readonly packPrice?: number
  readonly packKg?: number
  readonly densityKgPerL?: number
  readonly stockKg?: number
  readonly lot: string
  /** The last day on which the lot ought to be used, where the bag says one. */
  readonly lotUseBy?: Day
  /** The rate that the label tells to use. */
  readonly labelRate?: LabelFigure
  readonly labelMaximum?: LabelFigure
  readonly stain: Stain
  /** Who may put it out, by its label or local law. */
  readonly applicator: 'anybody' | 'licensed'
  readonly organic: 'certified' | 'not' | 'unknown'
  readonly hazards: string
  readonly note: string
}

/** What a product is handled as where nobody can tell. */
export const plainForm = (): IronSourceId => standInFor('unchelated iron').id

/**
 * The form that carries most of a label's iron, taken in the middle of what it can be.
 * @returns plain sulfate where the label cannot be
 */
export function mainSourceOf(label: Label): IronSourceId {
  const plain = plainForm()
  const bounds = labelBounds(label)
  if (!bounds.possible || label.sourceIds.length === 0) {
    return label.sourceIds[0] ?? plain
  }
  const middle = bounds.sources.map(({ sourceId, least, most }) => ({
    sourceId,
    amount: (least + most) / 2,
  }))
  return middle.toSorted((a, b) => b.amount - a.amount)[0]?.sourceId ?? plain
}

/**
 * A product of the shelf as a candidate for a remedy.
 * @throws {CoreError} not-applicable for a label that cannot be read
 */
export function shelfCandidate(id: string, product: ShelfProduct): Candidate {
  const { label } = checkLabel(product.label)
  if (!label) {
    throw new CoreError('label-unreadable', {
      parameter: 'label',
      received: product.name,
    })
  }
  const { name, sourceId, packPrice, packKg } = product
  const hasBill = packPrice !== undefined && packKg !== undefined
  return candidateOfProduct({
    id,
    name,
    sourceId,
    label,
    ...(hasBill ? { pack: { price: packPrice, kg: packKg } } : {}),
  })
}
