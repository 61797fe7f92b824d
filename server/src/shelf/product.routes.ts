import {
  ChangeProductDto,
  CreateProductDto,
  ImportProductsDto,
  ProductDto,
} from '@spudder/contract/shelf'
import type { Database } from '../database/connect.ts'
import { route, type AnyRoute } from '../http/route.ts'
import { changeProduct, createProduct, findProducts, importProducts } from './product.service.ts'

export const productRoutes = (db: Database): AnyRoute[] => [
  route({
    method: 'get',
    path: '/places/:placeId/products',
    summary: 'The shelf of a place',
    answer: ProductDto,
    isList: true,
    handle: ({ params }) => findProducts(db, params['placeId'] ?? ''),
  }),
  route({
    method: 'post',
    path: '/places/:placeId/products',
    summary: 'Puts a product on the shelf',
    body: CreateProductDto,
    answer: ProductDto,
    handle: ({ params, body, recorder }) =>
      createProduct(db, recorder, params['placeId'] ?? '', body),
  }),
  route({
    method: 'post',
    path: '/places/:placeId/product-imports',
    summary: 'Puts the products of a file on the shelf, all or none',
    body: ImportProductsDto,
    answer: ProductDto,
    isList: true,
    handle: ({ params, body, recorder }) =>
      importProducts(db, recorder, params['placeId'] ?? '', body),
  }),
  route({
    method: 'patch',
    path: '/products/:productId',
    summary: 'Changes a product, or takes it off the shelf',
    body: ChangeProductDto,
    answer: ProductDto,
    handle: ({ params, body, recorder }) =>
      changeProduct(db, recorder, params['productId'] ?? '', body),
  }),
]
