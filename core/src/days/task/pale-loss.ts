import type { StoredSize } from '../../stand/plant/index.ts'
import { greennessOf, isColourKind, paleness } from '../../seen/colour/index.ts'
import { paleLoss, type PaleBy } from '../planner/index.ts'
import type { DatedStand, KeptOfPlace } from './facts.ts'

/** How many of what its loss counts by a stand has. */
const countedBy: Readonly<Record<PaleBy, (size: StoredSize) => number | undefined>> = {
  m2: ({ areaM2 }) => areaM2,
  // A tree by area stands on about 25 m² of it.
  piece: ({ count, areaM2 }) => count ?? (areaM2 ?? 0) / 25,
  L: ({ volumeL }) => volumeL,
}

/** What a day of a wholly pale stand costs, as the grower says, else by its kind and size [money/d]. */
export function paleLossOf({
  context,
  size,
  care,
}: Pick<DatedStand, 'context' | 'size' | 'care'>): number {
  if (care?.paleLossPerDay !== undefined) return care.paleLossPerDay
  const { by, value } = paleLoss[context]
  return value * (countedBy[by](size) ?? 1)
}

/** How pale a stand is by its newest colour, from none to all [1]. */
export function palenessOf(standId: string, { colours }: Pick<KeptOfPlace, 'colours'>): number {
  const newest = colours.filter((each) => each.standId === standId).at(-1)
  if (!newest || !isColourKind(newest.kind)) return 0.5
  return paleness(greennessOf(newest.kind, newest.value))
}
