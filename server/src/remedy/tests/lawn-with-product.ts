import type { ProductDto } from '@spudder/contract/shelf'
import { lookBody, newId, newStand, post, productBody, storyOf } from '../../tests/test-estate.ts'

/** A lawn of 1000 m² with an open case and a product of at most 4 oz/1000 ft² (12.206 kg/ha). */
export async function lawnWithProduct() {
  const stand = await newStand()
  await post(`/stands/${stand.id}/looks`, lookBody())
  const caseId = (await storyOf(stand.id)).cases[0]?.id ?? ''
  const product = await post<ProductDto>(`/places/${stand.placeId}/products`, productBody())
  return { stand, caseId, product, path: `/cases/${caseId}/remedies` }
}
export type Lawn = Awaited<ReturnType<typeof lawnWithProduct>>

/** A spray of that product on the third of June. */
export const sprayOf = ({ product }: Lawn, change: object = {}) => ({
  id: newId(),
  causeId: 'iron-tied-up-by-pH',
  route: 'leaf',
  sourceId: 'ferrous-sulfate',
  rateId: 'leaf-sulfate-turf-summer',
  rateValue: 2,
  carrierValue: 1,
  contentShare: 0.2,
  applyOn: '2025-06-03',
  productId: product.id,
  ...change,
})
