import { formatNumber } from '../../base/writing/index.ts'
import { requireInRange } from '../../base/error/index.ts'
import type { Derivation } from '../../base/reference/index.ts'
import { dropKits, type DropKitName } from './data/kits.ts'
import { readingKinds, type ReadingKind } from './data/kinds.ts'

/** A value counted in drops. */
export interface DropReading {
  readonly kind: ReadingKind
  readonly value: number
  /** One standard deviation, half to one drop. */
  readonly doubt: number
  readonly derivation: Derivation
}

/** One standard deviation of a count [drop]: practice says half to one drop. */
const doubtInDrops = Math.SQRT1_2

/**
 * Reads a drop kit: drops times what a drop stands for.
 * @param drops whole drops, 0 to 200
 * @returns value and one standard deviation, in the unit of the kind [mg/L]
 * @throws {CoreError} out-of-range, not-a-number
 * @source factors in `data/kits.ts`; spread: half to one drop (common practice)
 */
export function readDrops(kit: DropKitName, drops: number): DropReading {
  requireInRange('drops', drops, { min: 0, max: 200 })
  const { kind, perDrop, words, source, mark } = dropKits[kit]
  const value = drops * perDrop
  const doubt = perDrop * doubtInDrops
  const { unit } = readingKinds[kind]
  return {
    kind,
    value,
    doubt,
    derivation: {
      figure: readingKinds[kind].label,
      formula: 'drops × what one drop stands for',
      inputs: [
        { label: 'Drops', value: String(drops) },
        { label: 'Kit', value: words },
      ],
      result: `${formatNumber(value, 4)} ± ${formatNumber(doubt, 2)} ${unit}`,
      source,
      mark,
    },
  }
}
