import { cautionsFor, type CautionedWork } from '../../apply/caution/index.ts'
import { appliedName } from '../../material/shelf/index.ts'
import type { SourceId } from '../../material/source/index.ts'
import type { SheetInput } from './sheet.ts'

type Product = SheetInput['product']

/** What goes out, by its name and lot. */
export const productLine = (sourceId: SourceId, product: Product): string =>
  `${appliedName({ sourceId, productName: product?.name ?? null })}${product?.lot ? `, lot ${product.lot}` : ''}`

/** The cautions of the work, and what the label of the product warns of. */
export function cautionLines(work: CautionedWork, product: Product): readonly string[] {
  const cautions = cautionsFor(work).map(({ words }) => words)
  return product?.hazards ? [...cautions, `On its label: ${product.hazards}`] : cautions
}
