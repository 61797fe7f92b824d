import { IsBoolean, IsObject, IsOptional, IsString, IsUUID, Length, Matches } from 'class-validator'
import { Named } from '../validation/index.ts'

/** Passwords are of 12 to 200 characters; any character counts as it is. */
const passwordLength = { least: 12, most: 200 } as const

type Property = (target: object, key: string) => void

/** A password that is being chosen; whether it is a common one is asked by the server. */
export const ChosenPassword = (): Property =>
  Length(passwordLength.least, passwordLength.most, {
    message: `Password: give ${passwordLength.least} to ${passwordLength.most} characters; a few words in a row are good.`,
  }) as Property

/** A password that was chosen before: nothing is said of it but whether it is right. */
const KnownPassword = (): Property =>
  Length(1, passwordLength.most, { message: 'Password: give it.' }) as Property

/** Six figures of an app. */
const IsCode = (): Property =>
  Matches(/^\d{6}$/, { message: 'Code: give the six figures that the app shows.' }) as Property

/** What somebody is known by when they sign in: an address of mail, or any name that nobody else has. */
export const SignInName = (): Property => (target, key) => {
  Named('Sign-in name')(target, key)
  Matches(/^\S{3,}$/, {
    message: 'Sign-in name: at least 3 characters without a space, such as an address of mail.',
  })(target, key)
}

export class SignInDto {
  @Named('Sign-in name') signInName!: string
  @KnownPassword() password!: string
  @IsOptional() @IsCode() code?: string
}

export class ChoosePasswordDto {
  /** Needed where there is one. */
  @IsOptional() @KnownPassword() current?: string
  @ChosenPassword() password!: string
}

/** Whoever worked alone and was asked nothing begins to sign in. */
export class AskSignInDto {
  @SignInName() signInName!: string
  @ChosenPassword() password!: string
}

export class PasswordDto {
  @KnownPassword() password!: string
}

export class CodeDto {
  @IsCode() code!: string
}

/** What an app makes codes from. */
export class CodesOfferDto {
  @IsString() secret!: string
  /** The same as an address that apps read from a picture (otpauth). */
  @IsString() address!: string
}

/** What a browser asks a passkey for (WebAuthn, as JSON). */
export class PasskeyQuestionDto {
  @IsUUID() challengeId!: string
  @IsObject() options!: Record<string, unknown>
}

/** What a passkey answered (WebAuthn, as JSON). */
export class PasskeyAnswerDto {
  @IsUUID('all', { message: 'Question: give the id that came with it.' }) challengeId!: string
  @IsObject({ message: 'Answer: give what the passkey answered.' })
  answer!: Record<string, unknown>
}

export class AddPasskeyDto extends PasskeyAnswerDto {
  @Named('Name of the passkey') name!: string
}

export class PasskeyDto {
  @IsUUID() id!: string
  @IsString() name!: string
  @IsString() createdAt!: string
  @IsOptional() @IsString() usedAt!: string | null
}

/** A device that somebody is signed in on. */
export class SessionDto {
  @IsUUID() id!: string
  @IsString() device!: string
  @IsString() address!: string
  @IsString() createdAt!: string
  @IsString() seenAt!: string
  @IsBoolean() isThis!: boolean
}

/** That something was done of which there is nothing to show. */
export class DoneDto {
  @IsBoolean() isDone!: boolean
}
