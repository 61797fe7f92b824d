/** Product used on a stand. */
export interface UsedProduct {
  readonly stand: string
  readonly productId: string | undefined
  readonly usedKg: number
}

/** What the products put onto a stand cost. */
export interface StandCost {
  readonly stand: string
  readonly money: number
  /** Uses without a price: the sum is at least this. */
  readonly unpriced: number
}

/**
 * Sums what was used by stand, the dearest first.
 * @param pricePerKg of a product; undefined where nobody gave one
 */
export function costByStand(
  uses: readonly UsedProduct[],
  pricePerKg: (productId: string) => number | undefined,
): readonly StandCost[] {
  const sums = new Map<string, { money: number; unpriced: number }>()
  for (const { stand, productId, usedKg } of uses) {
    const sum = sums.get(stand) ?? { money: 0, unpriced: 0 }
    const price = productId === undefined ? undefined : pricePerKg(productId)
    if (price === undefined) sum.unpriced += 1
    else sum.money += price * usedKg
    sums.set(stand, sum)
  }
  return [...sums]
    .map(([stand, sum]) => ({ stand, ...sum }))
    .toSorted((one, other) => other.money - one.money)
}
