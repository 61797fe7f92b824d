import { changes, creates, json, list, one, reads } from '../route/index.ts'
import { ChangeProductDto, CreateProductDto, ImportProductsDto, ProductDto } from './product.dto.ts'

export const productRoutes = {
  all: reads({
    path: '/places/:placeId/products',
    summary: 'The shelf of a place',
    access: 'see',
    answers: list(ProductDto),
    topic: 'shelf',
  }),
  create: creates({
    path: '/places/:placeId/products',
    summary: 'Puts a product on the shelf',
    access: 'plan',
    sends: json(CreateProductDto),
    answers: one(ProductDto),
    touches: ['shelf'],
  }),
  importAll: creates({
    path: '/places/:placeId/product-imports',
    summary: 'Puts the products of a file on the shelf, all or none',
    access: 'plan',
    sends: json(ImportProductsDto),
    answers: list(ProductDto),
    touches: ['shelf'],
  }),
  change: changes({
    path: '/products/:productId',
    summary: 'Changes a product, or takes it off the shelf',
    access: 'plan',
    sends: json(ChangeProductDto),
    answers: one(ProductDto),
    touches: ['shelf'],
  }),
}
