import type { ShelfProduct } from '@spudder/core/material/shelf'
import type { ProductDto } from './product.dto.ts'

/** A stored product as the core knows it: what is not known is left out. */
export function toShelfProduct(dto: ProductDto): ShelfProduct {
  const { name, sourceId, label, lot, stain, organic, applicator, hazards, note } = dto
  const { lotUseBy, packPrice, packKg, densityKgPerL, stockKg, labelRate, labelMaximum } = dto
  return {
    name,
    sourceId,
    label,
    lot,
    stain,
    organic,
    applicator: applicator ?? 'anybody',
    hazards,
    note,
    ...(lotUseBy === null ? {} : { lotUseBy }),
    ...(packPrice === null ? {} : { packPrice }),
    ...(packKg === null ? {} : { packKg }),
    ...(densityKgPerL === null ? {} : { densityKgPerL }),
    ...(stockKg === null ? {} : { stockKg }),
    ...(labelRate === null ? {} : { labelRate }),
    ...(labelMaximum === null ? {} : { labelMaximum }),
  }
}
