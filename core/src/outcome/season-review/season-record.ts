import { group, sum } from 'd3-array'
import type { Day } from '../../base/calendar/index.ts'
import type { Context } from '../../stand/plant/index.ts'
import { findSource } from '../../material/source/index.ts'
import type { Settling } from '../../verdict/diagnosis/index.ts'
import type { KeptTreatment, LearningRecord } from '../learnt/index.ts'
import { dosesOf } from '../regreening/index.ts'
import type { CaseEnding } from '../progress/index.ts'

/** Something that was put out in a season, with what it cost where a price is known. */
export interface SeasonEntry extends KeptTreatment {
  /** The case that it was meant to mend; null for a step of an acid plan. */
  readonly caseId: string | null
  readonly appliedName: string
  /** [kg] */
  readonly productKg: number
  /** By the own bill, in the money of the place; absent where the shelf has no price of it. */
  readonly cost?: number | undefined
}

/**
 * What an entry cost: by the own bill, else at what its form usually costs.
 * @returns in the money of the place [money]
 * @throws {CoreError} unknown-name for a source that the catalogue has not
 */
export const costOfEntry = ({ cost, sourceId, productKg }: SeasonEntry): number =>
  cost ?? findSource(sourceId).pricePerKg.usual * productKg

/** Entries as doses: shares of one that followed each other within days are one entry, on the day of the last. */
export const asDoses = (entries: readonly SeasonEntry[]): SeasonEntry[] =>
  [...group(entries, ({ appliedName }) => appliedName).values()].flatMap((own) =>
    dosesOf(own.map((each) => ({ ...each, day: each.appliedOn }))).flatMap((shares) => {
      const last = shares.at(-1)
      if (!last) return []
      const { day: _, ...entry } = last
      const costs = shares.flatMap(({ cost }) => cost ?? [])
      return {
        ...entry,
        productKg: sum(shares, ({ productKg }) => productKg),
        cost: costs.length === shares.length ? sum(costs) : undefined,
      }
    }),
  )

/** A check that was made before somebody acted, and what knowing its answer was worth. */
export interface SeasonCheck {
  readonly checkId: string
  readonly name: string
  /** Material and fees, as is usual [money]. */
  readonly money: number
  /** With minutes and days [money]. */
  readonly effort: number
  /** Whether another treatment would have been thought best without it. */
  readonly changes: boolean
  /** What its answer was worth [money]. */
  readonly worth: number
}

/** A case of a season: what was found, what was known when it was acted on, how it went. */
export interface SeasonCase {
  readonly id: string
  readonly standId: string
  readonly openedOn: Day
  readonly closedOn: Day | null
  readonly outcome: CaseEnding | null
  /** The cause found, and how likely it is [1]; undefined before anybody looked. */
  readonly found: { readonly name: string; readonly probability: number } | undefined
  /** When somebody first acted, and how likely what then was best to do was right [1]. */
  readonly acted:
    { readonly on: Day; readonly state: Settling['state']; readonly right: number } | undefined
  readonly checks: readonly SeasonCheck[]
}

/** Everything that a season is reviewed by; colours and treatments of all seasons. */
export interface SeasonRecord extends LearningRecord {
  readonly stands: readonly {
    readonly id: string
    readonly name: string
    readonly context: Context
    readonly plantId: string
    /** What a day of the wholly pale stand costs [money/d]. */
    readonly paleLossPerDay: number
  }[]
  readonly entries: readonly SeasonEntry[]
  readonly cases: readonly SeasonCase[]
}
