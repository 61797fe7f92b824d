import type { RefusalName } from '@spudder/core/base/error'
import type { StationOptions, StationRowError } from '@spudder/core/days/station'
import type { Interpreted, LaboratoryMap } from '@spudder/core/seen/laboratory'
import type { PackedDays } from './packed-days.ts'

/** What can be read in a thread: what it is asked with, and what it comes to. */
export interface Readings {
  readonly station: {
    readonly asked: StationOptions
    readonly read: {
      readonly packed: PackedDays
      /** The first of the rows that were left out. */
      readonly errors: readonly StationRowError[]
      readonly assumed: readonly string[]
    }
  }
  readonly laboratory: {
    readonly asked: { readonly text: string; readonly map: LaboratoryMap; readonly latest: string }
    readonly read: Interpreted
  }
}

export interface Task<Name extends keyof Readings = keyof Readings> {
  readonly number: number
  readonly name: Name
  readonly asked: Readings[Name]['asked']
}

/** A part of the file of a task that comes after its parts. */
export interface Part {
  readonly number: number
  readonly part: Uint8Array
}

/** What came of a task: what was read, why it was refused, or a fault of ours. */
export interface Answer {
  readonly number: number
  readonly read?: unknown
  readonly refusal?: {
    readonly refusal: RefusalName
    readonly parameter: string
    readonly received: string | undefined
    readonly values: unknown
  }
  readonly failure?: string
}
