import { productRoutes } from '@spudder/contract/shelf'
import type { Database } from '../database/connect.ts'
import { serve } from '../http/route.ts'
import { changeProduct, createProduct, findProducts, importProducts } from './product.service.ts'

export const serveProducts = (db: Database) =>
  serve(productRoutes, {
    all: ({ params }) => findProducts(db, params.placeId),
    create: ({ params, body, recorder }) => createProduct(db, recorder, params.placeId, body),
    importAll: ({ params, body, recorder }) => importProducts(db, recorder, params.placeId, body),
    change: ({ params, body, recorder }) => changeProduct(db, recorder, params.productId, body),
  })
