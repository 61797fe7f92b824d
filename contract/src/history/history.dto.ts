import {
  historyActs,
  historyKinds,
  type FieldChanges,
  type HistoryAct,
  type HistoryKind,
} from '@spudder/core/outcome/history'
import { Type } from 'class-transformer'
import {
  IsArray,
  IsBoolean,
  IsIn,
  IsInt,
  IsISO8601,
  IsObject,
  IsOptional,
  IsString,
  IsUUID,
  Matches,
  ValidateNested,
} from 'class-validator'
import { Counted, IsDay, Named, Note } from '../validation/index.ts'

/** Kinds of thing that are put right by {@link MendDto}; the others have routes of their own. */
export const mendableKinds = [
  'reading',
  'event',
  'look',
  'photo',
  'trial',
  'rating',
  'jarTest',
  'eye',
  'drill',
  'advice',
] as const satisfies readonly HistoryKind[]
export type MendableKind = (typeof mendableKinds)[number]

/** Puts right what was entered by mistake, or strikes it out; the old stays in the history. */
export class MendDto {
  /** The state that the person saw. */
  @Counted('Version', { min: 1, max: 1e9 }) version!: number
  @Named('Why', 500) reason!: string
  @IsOptional() @IsBoolean({ message: 'Struck out: say yes or no.' }) isStruck?: boolean
  /** Fields as they ought to have been; checked as they are when they come in first. */
  @IsOptional()
  @IsObject({ message: 'Changes: give fields with their values.' })
  changes?: Record<string, unknown>
}

/** A thing as it is after it was put right. */
export class MendedDto {
  @IsIn(mendableKinds) kind!: MendableKind
  @IsUUID() id!: string
  @IsInt() version!: number
  @IsBoolean() isStruck!: boolean
}

/** A thing as it stands, with the fields that can be put right. */
export class ThingDto extends MendedDto {
  @IsOptional() @IsUUID() standId!: string | null
  @IsObject() fields!: Record<string, unknown>
}

/** What of the history is looked for. */
export class HistoryQueryDto {
  @IsOptional() @IsUUID('all', { message: 'Stand: choose one of the place.' }) standId?: string
  @IsOptional() @IsIn(historyKinds, { message: 'What: choose one of the list.' }) kind?: HistoryKind
  @IsOptional() @IsIn(historyActs, { message: 'Done: choose one of the list.' }) act?: HistoryAct
  /** Part of the name of whoever did it. */
  @Note(80) by?: string
  @IsOptional() @IsDay('from') from?: string
  @IsOptional() @IsDay('to') to?: string
  /** Only what came before a line, by its place in the order. */
  @IsOptional()
  @Matches(/^\d{4}-\d\d-\d\dT\d\d:\d\d:\d\d\.\d{3}Z~[\w-]{1,36}$/, {
    message: 'Before: give the end of the page before.',
  })
  before?: string
  @Type(() => Number) @Counted('limit', { min: 1, max: 500 }) limit = 100
}

/** One thing that somebody did. */
export class HistoryLineDto {
  @IsString() id!: string
  @IsISO8601() at!: string
  @IsString() by!: string
  @IsIn(historyActs) act!: HistoryAct
  @IsIn(historyKinds) kind!: HistoryKind
  @IsUUID() rowId!: string
  @IsOptional() @IsUUID() standId!: string | null
  @IsOptional() @IsString() standName!: string | null
  /** What the thing is told by, as it is today; null where it is no longer there. */
  @IsOptional() @IsObject() of!: Record<string, unknown> | null
  /** How it came where nobody typed it: the line of a file, a device. */
  @IsString() came!: string
  /** The file that it came in with; null for what came otherwise. */
  @IsOptional() @IsString() file!: string | null
  @IsObject() changes!: FieldChanges
  @IsString() reason!: string
  /** What was done at once with it, by which it is taken back; null for what was only stored. */
  @IsOptional() @IsUUID() groupId!: string | null
}

/** A page of the history, the newest first. */
export class HistoryPageDto {
  @IsArray() @ValidateNested({ each: true }) @Type(() => HistoryLineDto) lines!: HistoryLineDto[]
  /** What the next page is asked with; null at the end. */
  @IsOptional() @IsString() before!: string | null
}

/** Takes back all that was changed at once. */
export class TakeBackDto {
  @IsUUID('all', { message: 'What: say what is taken back.' }) groupId!: string
  @Note(500) reason?: string
}

/** Kinds that come in with files, many at once, and go out so. */
export const fileKinds = [
  'stand',
  'product',
  'reading',
  'event',
  'look',
  'entry',
] as const satisfies readonly HistoryKind[]
export type FileKind = (typeof fileKinds)[number]

/** Takes back all that came in with one file, by anything that did. */
export class TakeBackFileDto {
  @IsIn(fileKinds, { message: 'What: choose one of the list.' }) kind!: FileKind
  @IsUUID('all', { message: 'What: say which came in with the file.' }) id!: string
  @Named('Why', 500) reason!: string
}

/** How many things are again as they were. */
export class TakenBackDto {
  @IsInt() count!: number
}
