import { IsISO8601, IsOptional, IsString } from 'class-validator'

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
  changedBy: [IsOptional() as Decorate, IsString() as Decorate],
  changedAt: [IsOptional() as Decorate, IsISO8601() as Decorate],
}

/** Who stored a row and when; part of every answer. */
export class Recorded {
  createdBy!: string
  createdAt!: string
}
decorate(Recorded, trace)

/** Who changed it last and when; null before anybody did. */
export class Changeable extends Recorded {
  changedBy!: string | null
  changedAt!: string | null
}
decorate(Changeable, trail)
