import { IsIn, IsOptional, IsString, IsUUID } from 'class-validator'
import { noticeKinds, type NoticeKind } from '@spudder/core/days/notice'

/** One thing that somebody is told today. */
export class NoticeDto {
  /** The same however often it is told. */
  @IsString() id!: string
  @IsIn(noticeKinds) kind!: NoticeKind
  @IsString() words!: string
  @IsOptional() @IsUUID() standId!: string | null
  @IsOptional() @IsUUID() jobId!: string | null
  @IsOptional() @IsUUID() productId!: string | null
}
