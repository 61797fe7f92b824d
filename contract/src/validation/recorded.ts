import { IsBoolean, IsInt, IsISO8601, IsOptional, IsString, Length } from 'class-validator'

type Decorate = (target: object, name: string) => void
/** What is required of fields, for classes that are put together and not written down. */
export type Requirements = Readonly<Record<string, readonly Decorate[]>>

/** Requires it of the fields of a class. */
export function decorate(form: new () => object, fields: Requirements): void {
  for (const [name, decorators] of Object.entries(fields)) {
    for (const requires of decorators) requires(form.prototype as object, name)
  }
}

export const trace: Requirements = {
  createdBy: [IsString() as Decorate],
  createdAt: [IsISO8601() as Decorate],
}
export const trail: Requirements = {
  version: [IsInt() as Decorate],
  changedBy: [IsOptional() as Decorate, IsString() as Decorate],
  changedAt: [IsOptional() as Decorate, IsISO8601() as Decorate],
}

export const struck: Requirements = { isStruck: [IsBoolean() as Decorate] }

export const sight: Requirements = {
  version: [
    IsOptional() as Decorate,
    IsInt({ message: 'Version: give the one that was seen.' }) as Decorate,
  ],
  reason: [
    IsOptional() as Decorate,
    IsString({ message: 'Why: give it in words.' }) as Decorate,
    Length(0, 500, { message: 'Why: at most 500 characters.' }) as Decorate,
  ],
}

/** What whoever changes something may say beside it. */
export class Sighted {
  /** The state that they saw: where somebody changed it since, they are told before anything is stored. */
  version?: number
  /** Why, for the history. */
  reason?: string
}
decorate(Sighted, sight)

/** Who stored a row and when; part of every answer. */
export class Recorded {
  createdBy!: string
  createdAt!: string
}
decorate(Recorded, trace)

/** Who changed it last and when; null before anybody did. */
export class Changeable extends Recorded {
  /** Goes up with each change; who sends one says which they saw. */
  version!: number
  changedBy!: string | null
  changedAt!: string | null
}
decorate(Changeable, trail)

/** A row that can be struck out; what is answered otherwise than by its history never is. */
export class Mendable extends Changeable {
  isStruck!: boolean
}
decorate(Mendable, struck)
