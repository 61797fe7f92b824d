import {
  ProductDto,
  type ChangeProductDto,
  type CreateProductDto,
  type ImportProductsDto,
} from '@spudder/contract/shelf'
import { changedOf, keptOf } from '@spudder/contract/validation'
import { isOverMaximum, rateOverMaximum } from '@spudder/core/material/rate'
import { isDeepStrictEqual } from 'node:util'
import type { Connection, Database } from '../database/connect.ts'
import { newlyRecordedBy, type Recorder } from '../recorder/recorder.ts'
import { ServiceError } from '../problem/service-error.ts'
import { toDto } from '../http/to-dto.ts'
import { requirePlansWithinLabel } from './label-limit.service.ts'
import { findPlace } from '../place/place.service.ts'
import {
  insertProduct,
  listProducts,
  lockProduct,
  keepProduct,
  type ProductRow,
} from './product.repository.ts'

const rowOf = (placeId: string, dto: CreateProductDto, recorder: Recorder): ProductRow => ({
  id: dto.id,
  placeId,
  ...keptOf(ProductDto, dto),
  isRetired: false,
  imported: null,
  ...newlyRecordedBy(recorder),
})

/**
 * A label tells no rate over its own maximum: one of the two was misread.
 * @throws {ServiceError} invalid-body
 */
function requireRateWithinMaximum({ labelRate, labelMaximum }: ProductRow): void {
  if (!labelRate || !labelMaximum || !isOverMaximum(labelRate, labelMaximum)) return
  const message = rateOverMaximum
  throw new ServiceError('invalid-body', message, [{ field: 'labelRate', message }])
}

/** Puts a product on the shelf of a place. */
export async function createProduct(
  connection: Connection,
  recorder: Recorder,
  placeId: string,
  dto: CreateProductDto,
): Promise<ProductDto> {
  await findPlace(connection, placeId)
  const row = rowOf(placeId, dto, recorder)
  requireRateWithinMaximum(row)
  return toDto(await insertProduct(connection, row))
}

/** Puts several products on the shelf: all of them or none. */
export function importProducts(
  db: Database,
  recorder: Recorder,
  placeId: string,
  { products }: ImportProductsDto,
): Promise<ProductDto[]> {
  return db.transaction(async (transaction) => {
    const stored: ProductDto[] = []
    for (const dto of products) {
      stored.push(await createProduct(transaction, recorder, placeId, dto))
    }
    return stored
  })
}

export async function findProducts(connection: Connection, placeId: string): Promise<ProductDto[]> {
  await findPlace(connection, placeId)
  return (await listProducts(connection, placeId)).map(toDto)
}

const noProduct = () => new ServiceError('not-found', 'There is no such product on the shelf.')

/**
 * A product that a place has on its shelf, of the form it is to be put out as; held until the
 * transaction ends, so that its label does not change under a plan.
 * @throws {ServiceError} invalid-body when there is none such
 */
export async function requireProduct(
  connection: Connection,
  id: string,
  { placeId, sourceId }: { readonly placeId: string; readonly sourceId: string },
): Promise<ProductRow> {
  const row = await requireProductOf(connection, id, placeId)
  if (row.sourceId === sourceId) return row
  throw notOfShelf()
}

const notOfShelf = () => {
  const message = 'Product: choose one of the shelf of this place, of the form that is put out.'
  return new ServiceError('invalid-body', message, [{ field: 'productId', message }])
}

/** As {@link requireProduct}, of whatever form. */
export async function requireProductOf(
  connection: Connection,
  id: string,
  placeId: string,
): Promise<ProductRow> {
  const row = await lockProduct(connection, id)
  if (row?.placeId === placeId && !row.isRetired) return row
  throw notOfShelf()
}

/**
 * A label that was changed is sound, and what is planned stays within it.
 * @throws {ServiceError} invalid-body
 */
export async function requireSoundLabel(
  connection: Connection,
  row: ProductRow,
  before: ProductRow,
): Promise<void> {
  requireRateWithinMaximum(row)
  const isSame = isDeepStrictEqual(row.labelMaximum, before.labelMaximum)
  if (row.labelMaximum && !isSame) await requirePlansWithinLabel(connection, row)
}

/** Changes a product, or takes it off the shelf; what is left out stays. */
export function changeProduct(
  db: Database,
  recorder: Recorder,
  productId: string,
  change: ChangeProductDto,
): Promise<ProductDto> {
  return db.transaction(async (transaction) => {
    const before = await lockProduct(transaction, productId)
    if (!before) throw noProduct()
    const { version: seen, reason } = change
    const { placeId } = before
    const row = await keepProduct(transaction, {
      before,
      change: {
        ...changedOf(ProductDto, change),
        isRetired: change.isRetired ?? before.isRetired,
      },
      told: { placeId, standId: null, kind: 'product', recorder, seen, reason },
    })
    await requireSoundLabel(transaction, row, before)
    return toDto(row)
  })
}
