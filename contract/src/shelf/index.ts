export {
  ChangeProductDto,
  CreateProductDto,
  ImportProductsDto,
  applicators,
  organics,
  ProductDto,
} from './product.dto.ts'
export { toShelfProduct } from './to-shelf-product.ts'
export { productRoutes } from './product.routes.ts'
