import type { SourceId } from '@spudder/core/material/source'
import { appliedName } from '@spudder/core/material/shelf'
import type { Connection } from '../database/connect.ts'
import { selectProductNames } from './product.repository.ts'

/** What was put out: a product of the shelf, or a source as such. */
interface Applied {
  readonly sourceId: SourceId
  readonly productId: string | null
}

/** What is said of each of some things that were put out: the product by its name, else the source. */
export async function appliedNamesOf(
  connection: Connection,
  all: readonly Applied[],
): Promise<(one: Applied) => string> {
  const names = await selectProductNames(
    connection,
    all.map(({ productId }) => productId),
  )
  return ({ sourceId, productId }) =>
    appliedName({
      sourceId,
      productName: productId === null ? null : (names.get(productId) ?? null),
    })
}
