import { IsIn, IsNumber, IsString } from 'class-validator'

/** What the electrode of a pH meter can be put into. */
const meterSamples = ['sample', 'buffer-4', 'buffer-7', 'buffer-10'] as const
export type MeterSample = (typeof meterSamples)[number]

export class MeterQueryDto {
  @IsIn(meterSamples, { message: `In: choose ${meterSamples.join(', ')}.` }) in!: MeterSample
}

/** What the electrode gives now. */
export class MeterReadingDto {
  @IsString() device!: string
  @IsNumber() millivolts!: number
  @IsNumber() temperatureC!: number
}

/** What is put under the electrode. */
export interface MeterQuestion {
  readonly standId: string
  readonly in: MeterSample
  /** The pH last known of the stand, for a stand-in that has no electrode. */
  readonly lastPH: number | undefined
  readonly at: Date
}

/** What the chlorophyll meter shows, clipped to one leaf. */
export class LeafMeterReadingDto {
  @IsString() device!: string
  @IsNumber() units!: number
}

/** Which leaf is clipped. */
export interface LeafQuestion {
  readonly standId: string
  /** Units last known of the stand, for a stand-in that has no leaf. */
  readonly lastUnits: number | undefined
  readonly at: Date
}

/** A chlorophyll meter: one leaf, one number. */
export interface LeafMeterService {
  readLeaf(question: LeafQuestion): Promise<LeafMeterReadingDto>
}

/** A pH meter: gives what its electrode gives; what that means is for the product to work out. */
export interface MeterService {
  read(question: MeterQuestion): Promise<MeterReadingDto>
}
