import { Type } from 'class-transformer'
import {
  ArrayMaxSize,
  ArrayNotEmpty,
  IsArray,
  IsBoolean,
  IsIn,
  IsInt,
  IsObject,
  IsString,
  IsUUID,
  Length,
  ValidateNested,
} from 'class-validator'
import { dayOrderNames, type DayOrder } from '@spudder/core/base/table'
import {
  readingKindNames,
  readingPlaceNames,
  type ReadingKind,
  type ReadingPlace,
} from '@spudder/core/seen/reading'
import { IsDay, IsNewId, IsPastDay, Named, Recorded } from '../validation/index.ts'

class ResultColumnDto {
  @Named('Column') column!: string
  @IsIn(readingKindNames, { message: 'Column: choose what it holds.' }) kind!: ReadingKind
  @IsString({ message: 'Unit: choose the unit of the column.' })
  @Length(0, 30, { message: 'Unit: choose the unit of the column.' })
  unit!: string
}

/** How the columns of one laboratory are read. */
export class LaboratoryMapDto {
  @Named('Laboratory') laboratory!: string
  @Named('Day column') dayColumn!: string
  @IsIn(dayOrderNames, { message: 'Day: choose the order of day, month and year.' })
  dayOrder!: DayOrder
  @Named('Sample column') sampleColumn!: string
  @IsString({ message: 'Place column: choose it, or none.' })
  @Length(0, 80, { message: 'Place column: choose it, or none.' })
  placeColumn!: string
  @IsArray({ message: 'Columns: say what at least one column holds.' })
  @ArrayNotEmpty({ message: 'Columns: say what at least one column holds.' })
  @ArrayMaxSize(60, { message: 'Columns: at most 60.' })
  @ValidateNested({ each: true })
  @Type(() => ResultColumnDto)
  columns!: ResultColumnDto[]
  @IsObject({ message: 'Stands: say which stand each sample is of.' })
  stands!: Record<string, string>
}

/** A file of results with how it is to be read: stored whole or not at all. */
export class CreateImportDto {
  @IsNewId() id!: string
  @Named('File', 160) fileName!: string
  @IsString({ message: 'File: give its text.' })
  @Length(10, 6_000_000, { message: 'File: give its text, at most 6 MB.' })
  csv!: string
  @IsObject({ message: 'Columns: say how the file is to be read.' })
  @ValidateNested()
  @Type(() => LaboratoryMapDto)
  map!: LaboratoryMapDto
}

export class ImportDto extends Recorded {
  @IsUUID() id!: string
  @IsUUID() placeId!: string
  @IsString() laboratory!: string
  @IsString() fileName!: string
  @IsInt() readingCount!: number
}

/** Packets of tests that the stand-in laboratory does. */
export const laboratoryPackets = {
  soil: 'soil: pH, lime, DTPA iron, manganese, zinc, copper, phosphorus',
  leaf: 'leaf: nitrogen, potassium, magnesium, sulfur, iron, manganese, zinc, copper, boron',
  'active-iron': 'leaf: active iron',
  water: 'water: pH, alkalinity, hardness, calcium, magnesium, nitrate, EC',
} as const
export type LaboratoryPacket = keyof typeof laboratoryPackets
export const laboratoryPacketNames = Object.keys(laboratoryPackets) as readonly LaboratoryPacket[]

export class CreateLaboratoryOrderDto {
  @IsNewId() id!: string
  @IsPastDay('Sent on') orderedOn!: string
  @IsArray({ message: 'Tests: choose at least one packet.' })
  @ArrayNotEmpty({ message: 'Tests: choose at least one packet.' })
  @IsIn(laboratoryPacketNames, { each: true, message: 'Tests: choose packets of the list.' })
  packets!: LaboratoryPacket[]
  @IsArray({ message: 'Samples: choose where they are from.' })
  @ArrayNotEmpty({ message: 'Samples: choose where they are from.' })
  @IsIn(readingPlaceNames, { each: true, message: 'Samples: choose places of the list.' })
  places!: ReadingPlace[]
}

export class LaboratoryOrderDto extends Recorded {
  @IsUUID() id!: string
  @IsUUID() standId!: string
  @IsString() laboratory!: string
  @IsDay('Sent on') orderedOn!: string
  @IsDay('Back on') readyOn!: string
  @IsArray() @IsIn(laboratoryPacketNames, { each: true }) packets!: LaboratoryPacket[]
  @IsArray() @IsIn(readingPlaceNames, { each: true }) places!: ReadingPlace[]
  @IsBoolean() isReady!: boolean
}

/** The file that a laboratory sent back. */
export class LaboratoryResultDto {
  @IsString() fileName!: string
  @IsString() csv!: string
}
