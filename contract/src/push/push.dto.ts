import { Type } from 'class-transformer'
import {
  ArrayMaxSize,
  ArrayMinSize,
  IsArray,
  IsIn,
  IsOptional,
  IsString,
  IsUUID,
  IsUrl,
  Length,
  Matches,
  ValidateNested,
} from 'class-validator'
import { noticeKinds, type NoticeKind } from '@spudder/core/days/notice'

const ofBrowser = 'This browser’s answer cannot be read; try again, or use another browser.'

/** A browser that lets itself be told things (W3C Push API), and of what. */
export class SubscribeDto {
  @IsUrl({ protocols: ['https'], require_tld: false }, { message: ofBrowser })
  @Length(12, 1000, { message: ofBrowser })
  endpoint!: string
  /** Its public key: a point of P-256, 65 byte. */
  @Matches(/^[\w-]{87}=?$/, { message: ofBrowser }) p256dh!: string
  /** What it shares with whoever pushes: 16 byte. */
  @Matches(/^[\w-]{22}(==)?$/, { message: ofBrowser }) auth!: string
  @IsArray({ message: 'On this device: give a list.' })
  @ArrayMinSize(1, { message: 'On this device: tick one at least.' })
  @ArrayMaxSize(noticeKinds.length, { message: 'On this device: each kind once.' })
  @IsIn(noticeKinds, { each: true, message: 'On this device: choose of the list.' })
  kinds!: NoticeKind[]
}

/** A device that is told things. */
export class PushDeviceDto {
  @IsUUID() id!: string
  @IsString() device!: string
  /** Where it is reached: by this a browser knows itself again. */
  @IsString() endpoint!: string
  @IsIn(noticeKinds, { each: true }) kinds!: NoticeKind[]
}

/** What one's devices are told of. */
export class PushStateDto {
  /** What a browser lets itself be told things by; null where this installation pushes nothing. */
  @IsOptional() @IsString() publicKey!: string | null
  @ValidateNested({ each: true }) @Type(() => PushDeviceDto) devices!: PushDeviceDto[]
}
