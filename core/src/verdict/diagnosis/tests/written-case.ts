import type { Findings } from '../../../seen/finding/index.ts'
import type { Day } from '../../../base/calendar/index.ts'
import type { Context } from '../../../stand/plant/index.ts'
import type { ReadingKind } from '../../../seen/reading/index.ts'
import type { StoryEventKind } from '../index.ts'

/** What a careful person would say of a case. */
export type Expected =
  /** The leading cause, or both causes of the leading pair. */
  | {
      readonly lead: string
      readonly with?: string
      /** It ends in waiting, or in calling somebody. */
      readonly ends?: 'wait' | 'call'
    }
  /** It cannot be settled on this; these still stand, and this check would settle it. */
  | {
      readonly open: readonly string[]
      readonly check: string
      /** The first step is the same whichever it is, so that one may act. */
      readonly mayAct?: true
    }

/** A case as a practitioner would tell it. */
export interface WrittenCase {
  readonly told: string
  readonly context: Context
  readonly plantId: string
  readonly findings: Findings
  /** Laboratory or meter readings three weeks old. */
  readonly readings: Readonly<Partial<Record<ReadingKind, number>>>
  /** What happened, and how many days before the look. */
  readonly events: readonly (readonly [StoryEventKind, daysBefore: number])[]
  readonly expected: Expected
  /** The day of the look and the latitude of the place [°]; mid-June at a place not told when absent. */
  readonly when?: { readonly lookedOn: Day; readonly latitude: number } | undefined
}

export type Row = readonly [
  told: string,
  context: Context,
  plantId: string,
  findings: Findings,
  readings: WrittenCase['readings'],
  events: WrittenCase['events'],
  expected: Expected,
  when?: readonly [lookedOn: Day, latitude: number],
]

export const iron = { tier: 'youngest-only', pattern: 'fine-green-veins', severity: '3' } as const
export const ironGrass = { tier: 'youngest-only', pattern: 'stripes', severity: '3' } as const
export const hungry = { tier: 'oldest-spreading-up', pattern: 'even-pale', growth: 'slow' } as const

export const byPH = { lead: 'iron-tied-up-by-pH' } as const
export const byLime = { lead: 'iron-tied-up-by-bicarbonate' } as const
export const low = { lead: 'iron-truly-low' } as const
export const roots = { lead: 'roots-cannot-take-it-up' } as const
