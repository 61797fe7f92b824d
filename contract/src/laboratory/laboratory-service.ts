import type { ReadingPlace } from '@spudder/core/seen/reading'
import type { Context } from '@spudder/core/stand/plant'
import type { LaboratoryPacket } from './laboratory.dto.ts'

/** Samples on their way to a laboratory. */
export interface SampleOrder {
  readonly id: string
  readonly standId: string
  readonly standName: string
  readonly context: Context
  readonly orderedOn: string
  readonly packets: readonly LaboratoryPacket[]
  readonly places: readonly ReadingPlace[]
}

/** A laboratory: it says when results are back, and then sends a file. */
export interface LaboratoryService {
  readonly name: string
  readyOn(order: SampleOrder): string
  results(order: SampleOrder): string
}
