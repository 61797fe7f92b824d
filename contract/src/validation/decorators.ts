import {
  IsNumber,
  IsOptional,
  IsString,
  IsUUID,
  Length,
  Max,
  Min,
  registerDecorator,
} from 'class-validator'
import { dateToDay, isDay } from '@spudder/core/calendar'

type Property = (target: object, key: string) => void

function all(...decorators: readonly Property[]): Property {
  return (target, key) => decorators.forEach((decorate) => decorate(target, key))
}

interface Bounds {
  readonly min: number
  readonly max: number
  readonly unit?: string
}

/** A number inside bounds; the message gives both with the unit. */
export function Bounded(label: string, { min, max, unit }: Bounds): Property {
  const message = `${label}: give a number from ${min} to ${max}${unit ? ` ${unit}` : ''}.`
  return all(
    IsNumber({ allowNaN: false, allowInfinity: false }, { message }) as Property,
    Min(min, { message }) as Property,
    Max(max, { message }) as Property,
  )
}

function dayThat(isFine: (day: string) => boolean, message: string): Property {
  return (target, key) =>
    registerDecorator({
      name: 'isDay',
      target: target.constructor,
      propertyName: key,
      options: { message },
      validator: {
        validate: (value: unknown) => typeof value === 'string' && isDay(value) && isFine(value),
      },
    })
}

/** A day that exists, as 2026-05-31. */
export function IsDay(label: string): Property {
  return dayThat(() => true, `${label}: give a day such as 2026-05-31.`)
}

/** At any hour it is already this day somewhere on earth, so that no time zone is refused its today. */
const latestToday = (): string => dateToDay(new Date(Date.now() + 14 * 3_600_000))

/** A day that has come: what was seen or done cannot lie in the future. */
export function IsPastDay(label: string): Property {
  const message = `${label}: give a day up to today, such as 2026-05-31.`
  return dayThat((day) => day <= latestToday(), message)
}

/** Text that must be there. */
export function Named(label: string, longest = 80): Property {
  const message = `${label}: give 1 to ${longest} characters.`
  return all(IsString({ message }) as Property, Length(1, longest, { message }) as Property)
}

/** Text that may be left out. */
export function Note(longest = 2000): Property {
  const message = `Note: at most ${longest} characters.`
  return all(
    IsOptional() as Property,
    IsString({ message }) as Property,
    Length(0, longest, { message }) as Property,
  )
}

/** The id of a new row, made by whoever records it, so that sending it twice stores it once. */
export function IsNewId(): Property {
  return IsUUID('all', { message: 'id: give a UUID made for this record.' }) as Property
}
