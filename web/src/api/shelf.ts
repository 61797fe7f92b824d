import type {
  ChangeProductDto,
  CreateProductDto,
  ImportProductsDto,
  ProductDto,
} from '@spudder/contract/shelf'
import { useMutation, useQuery } from '@pinia/colada'
import { useReadAnew } from './read-anew.ts'
import { request } from './request.ts'

/** The shelf of a place, retired products too. */
export function useShelf(placeId: () => string | undefined) {
  return useQuery({
    key: () => ['shelf', placeId() ?? ''],
    enabled: () => placeId() !== undefined,
    query: () => request<ProductDto[]>('GET', `/places/${placeId()}/products`),
  })
}

/** A request that changes the shelf, which is read anew afterwards. */
function useShelfChange<Input, Answer>(mutation: (input: Input) => Promise<Answer>) {
  return useMutation({ mutation, onSettled: useReadAnew('shelf') })
}

interface For<Dto> {
  readonly id: string
  readonly dto: Dto
}

export const useCreateProduct = () =>
  useShelfChange(({ id, dto }: For<CreateProductDto>) =>
    request<ProductDto>('POST', `/places/${id}/products`, dto),
  )

export const useChangeProduct = () =>
  useShelfChange(({ id, dto }: For<ChangeProductDto>) =>
    request<ProductDto>('PATCH', `/products/${id}`, dto),
  )

export const useImportProducts = () =>
  useShelfChange(({ id, dto }: For<ImportProductsDto>) =>
    request<ProductDto[]>('POST', `/places/${id}/product-imports`, dto),
  )
