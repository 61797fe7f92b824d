import { Type } from 'class-transformer'
import {
  ArrayMaxSize,
  ArrayMinSize,
  Equals,
  IsArray,
  IsBoolean,
  IsEmail,
  IsIn,
  IsInt,
  IsOptional,
  IsString,
  IsUUID,
  Length,
  Max,
  Min,
  ValidateNested,
} from 'class-validator'
import { noticeKinds, type NoticeKind } from '@spudder/core/days/notice'
import { rights, roles, type Right, type Role } from '../access/index.ts'
import { Counted, IsDay, IsNewId, Named } from '../validation/index.ts'
import {
  auditActs,
  auditOutcomes,
  invitationKinds,
  type AuditAct,
  type AuditOutcome,
  type InvitationKind,
} from './audit.ts'
import { ChosenPassword, SignInName } from './sign-in.dto.ts'

/** What somebody is at a place. */
export class MembershipDto {
  @IsUUID() placeId!: string
  @IsIn(roles) role!: Role
  /** The last day; null for as long as nobody ends it. */
  @IsOptional() @IsDay('until') untilDay!: string | null
}

export class PersonNameDto {
  @IsUUID() id!: string
  @IsString() name!: string
  @IsIn(roles) role!: Role
}

/** Whoever is signed in. */
export class MeDto {
  @IsUUID() id!: string
  @IsString() name!: string
  @IsOptional() @IsString() signInName!: string | null
  @IsString() licenceNumber!: string
  @IsOptional() @IsString() licenceExpiresOn!: string | null
  /** Where letters go; null for who wants none. */
  @IsOptional() @IsString() email!: string | null
  /** What letters tell of. */
  @IsIn(noticeKinds, { each: true }) mailKinds!: NoticeKind[]
  /** Whether this installation sends letters at all. */
  @IsBoolean() canMail!: boolean
  @IsBoolean() hasPassword!: boolean
  @IsBoolean() hasCodes!: boolean
  /** Whether they work alone here and are asked nothing. */
  @IsBoolean() isAlone!: boolean
  /** Whether passkeys can be had by the address that it was opened by. */
  @IsBoolean() takesPasskeys!: boolean
  @IsArray() @ValidateNested({ each: true }) @Type(() => MembershipDto) places!: MembershipDto[]
  /** In the demo alone: through whose eyes it can be looked at. */
  @IsArray() @ValidateNested({ each: true }) @Type(() => PersonNameDto) eyes!: PersonNameDto[]
}

/** Licences of applicators: the number that stands on the card, and its last day. */
export class ChangeMeDto {
  @IsOptional() @Named('Name') name?: string
  @IsOptional()
  @IsString({ message: 'Licence: give its number.' })
  @Length(0, 40, { message: 'Licence: at most 40 characters.' })
  licenceNumber?: string
  @IsOptional() @IsDay('Licence until') licenceExpiresOn?: string | null
  @IsOptional()
  @Length(3, 200, { message: 'Address: give it as name@mail.example.' })
  @IsEmail({}, { message: 'Address: give it as name@mail.example.' })
  email?: string | null
  @IsOptional()
  @IsArray({ message: 'Letters: give a list.' })
  @ArrayMaxSize(noticeKinds.length, { message: 'Letters: each kind once.' })
  @IsIn(noticeKinds, { each: true, message: 'Letters: choose of the list.' })
  mailKinds?: NoticeKind[]
}

/** Somebody who works at a place. */
export class MemberDto extends MembershipDto {
  @IsUUID() personId!: string
  @IsString() name!: string
  @IsString() licenceNumber!: string
  @IsOptional() @IsString() licenceExpiresOn!: string | null
  /** When a device of theirs last asked for anything; null before any did. */
  @IsOptional() @IsString() seenAt!: string | null
}

export class ChangeMemberDto {
  @IsOptional() @IsIn(roles, { message: 'Role: choose one of the list.' }) role?: Role
  @IsOptional() @IsDay('Until') untilDay?: string | null
  /** Taken off the place. */
  @IsOptional() @Equals(true, { message: 'Taken off: say yes or leave it out.' }) isGone?: true
}

/** Days that a link holds. */
export const invitationDays = { least: 1, usual: 7, most: 30 } as const

export class InviteDto {
  @IsNewId() id!: string
  /** Whom it is for, to know it again by. */
  @Named('For whom') name!: string
  @IsIn(roles, { message: 'Role: choose one of the list.' }) role!: Role
  @IsOptional() @IsDay('Until') untilDay?: string | null
  @Counted('Days that the link holds', { min: invitationDays.least, max: invitationDays.most })
  days!: number
}

export class InvitationDto {
  @IsUUID() id!: string
  @IsIn(invitationKinds) kind!: InvitationKind
  @IsString() name!: string
  @IsOptional() @IsIn(roles) role!: Role | null
  @IsOptional() @IsString() untilDay!: string | null
  @IsString() endsAt!: string
  @IsOptional() @IsString() usedAt!: string | null
  @IsBoolean() isWithdrawn!: boolean
  @IsString() createdBy!: string
  @IsString() createdAt!: string
}

/** A link just made: its end is told this once, and kept nowhere. */
export class InvitationMadeDto extends InvitationDto {
  @IsString() token!: string
}

export class WithdrawDto {
  @Equals(true, { message: 'Withdrawn: say yes.' }) isWithdrawn!: true
}

/** What whoever follows a link is shown before they come in. */
export class InvitationViewDto {
  @IsIn(invitationKinds) kind!: InvitationKind
  @IsString() name!: string
  @IsOptional() @IsString() placeName!: string | null
  @IsOptional() @IsIn(roles) role!: Role | null
  @IsOptional() @IsString() untilDay!: string | null
  @IsString() createdBy!: string
  /** What they sign in by already, where they come in again. */
  @IsOptional() @IsString() signInName!: string | null
}

/** Comes in by a link: as somebody new, or, with nothing of this, as whoever is signed in. */
export class AcceptInvitationDto {
  @IsOptional() @Named('Name') name?: string
  @IsOptional() @SignInName() signInName?: string
  @IsOptional() @ChosenPassword() password?: string
}

/** Days after which a key of a program ends at the latest. */
export const tokenDays = { usual: 90, most: 366 } as const

export class CreateTokenDto {
  @IsNewId() id!: string
  @Named('What it is for') name!: string
  @IsArray({ message: 'Rights: choose some of the list.' })
  @ArrayMinSize(1, { message: 'Rights: choose at least one.' })
  @ArrayMaxSize(rights.length, { message: 'Rights: choose some of the list.' })
  @IsIn(rights, { each: true, message: 'Rights: choose some of the list.' })
  rights!: Right[]
  @Counted('Days that the key holds', { min: 1, max: tokenDays.most }) days!: number
}

export class TokenDto {
  @IsUUID() id!: string
  @IsString() name!: string
  @IsString() personName!: string
  @IsArray() @IsIn(rights, { each: true }) rights!: Right[]
  @IsString() expiresOn!: string
  @IsOptional() @IsString() usedAt!: string | null
  @IsBoolean() isWithdrawn!: boolean
  @IsString() createdAt!: string
}

/** A key just made: it is told this once, and kept nowhere. */
export class TokenMadeDto extends TokenDto {
  @IsString() token!: string
}

export class AuditLineDto {
  @IsInt() position!: number
  @IsString() at!: string
  @IsString() actor!: string
  @IsIn(auditActs) act!: AuditAct
  @IsIn(auditOutcomes) outcome!: AuditOutcome
  @IsString() subject!: string
  @IsString() address!: string
  @IsString() device!: string
  @IsString() requestId!: string
}

export class AuditPageDto {
  @IsArray() @ValidateNested({ each: true }) @Type(() => AuditLineDto) lines!: AuditLineDto[]
  /** Where the next page begins; null on the last. */
  @IsOptional() @IsInt() next!: number | null
}

const mostLines = 200

export class AuditQueryDto {
  @IsOptional() @IsIn(auditActs, { message: 'What: choose one of the list.' }) act?: AuditAct
  @IsOptional()
  @IsIn(auditOutcomes, { message: 'How: choose done or refused.' })
  outcome?: AuditOutcome
  /** Only what came before a line. */
  @IsOptional()
  @Type(() => Number)
  @IsInt({ message: 'before: give the position of a line.' })
  @Min(1, { message: 'before: give the position of a line.' })
  before?: number
  @IsOptional()
  @Type(() => Number)
  @IsInt({ message: `limit: give 1 to ${mostLines}.` })
  @Min(1, { message: `limit: give 1 to ${mostLines}.` })
  @Max(mostLines, { message: `limit: give 1 to ${mostLines}.` })
  limit?: number
}

export class EyesDto {
  @IsUUID('all', { message: 'Whose eyes: choose somebody of the demo.' }) personId!: string
}
