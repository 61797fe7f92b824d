import { Type } from 'class-transformer'
import { IsInt, IsOptional, IsString, IsUUID, Length, ValidateNested } from 'class-validator'
import { IsDay, IsNewId, IsPastDay, Mendable } from '../validation/index.ts'
import { PhotoMeasureDto } from './measure.dto.ts'

/** What a photo may be. */
export const photoTypes = ['image/jpeg', 'image/png'] as const

/** What is said of a photo beside its bytes. */
export class PhotoQueryDto {
  @IsNewId() id!: string
  @IsString({ message: 'File: give its name.' })
  @Length(1, 160, { message: 'File: give its name in 1 to 160 characters.' })
  fileName!: string
  /** The entry whose work it shows. */
  @IsOptional() @IsUUID('all', { message: 'Entry: give its id.' }) entryId?: string
}

/** A photo of a stand, without its bytes. */
/** What may be put right of a photo. */
export class PhotoForm {
  @IsString({ message: 'File: give its name.' })
  @Length(1, 160, { message: 'File: give its name in 1 to 160 characters.' })
  fileName!: string
  @IsOptional() @IsPastDay('Taken on') takenOn?: string
}

export class PhotoDto extends Mendable {
  @IsUUID() id!: string
  @IsUUID() standId!: string
  /** The case that it is kept with; null until a look opens one. */
  @IsOptional() @IsUUID() caseId!: string | null
  /** The entry that it belongs to; null for one of a look. */
  @IsOptional() @IsUUID() entryId!: string | null
  @IsString() fileName!: string
  @IsString() type!: string
  @IsInt() byteCount!: number
  @IsInt() widthPx!: number
  @IsInt() heightPx!: number
  /** The day the camera wrote into it; null where it wrote none. */
  @IsOptional() @IsDay('Taken on') takenOn!: string | null
  /** What it was measured to show; null where nobody did. */
  @IsOptional() @ValidateNested() @Type(() => PhotoMeasureDto) measure!: PhotoMeasureDto | null
}
