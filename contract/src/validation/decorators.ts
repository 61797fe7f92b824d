import {
  IsInt,
  IsNumber,
  IsOptional,
  IsString,
  IsUUID,
  Length,
  Matches,
  Max,
  Min,
  registerDecorator,
  ValidateIf,
} from 'class-validator'
import { dateToDay, isDay } from '@spudder/core/base/calendar'
import { CoreError } from '@spudder/core/base/error'
import { checkLabel, type LabelDraft } from '@spudder/core/material/label'
import { parseUnit } from '@spudder/core/base/quantity'
import { nutrients } from '@spudder/core/material/source'

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

/** Needed where the form says so; given all the same, it must be right. */
export function NeededIf<Form>(isNeeded: (form: Form) => boolean): Property {
  return ValidateIf(
    (form: Form, value: unknown) => isNeeded(form) || (value !== undefined && value !== null),
  ) as Property
}

/** A whole number inside bounds. */
export function Counted(label: string, { min, max }: Omit<Bounds, 'unit'>): Property {
  const message = `${label}: give a whole number from ${min} to ${max}.`
  return all(
    IsInt({ message }) as Property,
    Min(min, { message }) as Property,
    Max(max, { message }) as Property,
  )
}

/** At any hour it is already this day somewhere on earth, so that no time zone is refused its today. */
export const latestToday = (): string => dateToDay(new Date(Date.now() + 14 * 3_600_000))

/** A day that has come: what was seen or done cannot lie in the future. */
export function IsPastDay(label: string): Property {
  const message = `${label}: give a day up to today, such as 2026-05-31.`
  return dayThat((day) => day <= latestToday(), message)
}

/** Text that must be there, on one line. */
export function Named(label: string, longest = 80): Property {
  const message = `${label}: give 1 to ${longest} characters.`
  return all(
    IsString({ message }) as Property,
    Length(1, longest, { message }) as Property,
    Matches(/^[^\p{Cc}\u2028\u2029]*$/u, {
      message: `${label}: give it on one line, without control characters.`,
    }) as Property,
  )
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

/** A unit that quantities are read in, as "oz/1000 ft2". */
export function IsUnit(label: string): Property {
  return (target, key) =>
    registerDecorator({
      name: 'isUnit',
      target: target.constructor,
      propertyName: key,
      options: { message: `${label}: give a unit such as oz/1000 ft2, kg/ha or %.` },
      validator: {
        validate(value: unknown) {
          if (typeof value !== 'string' || value.length > 30) return false
          try {
            parseUnit(value)
            return true
          } catch (error) {
            if (error instanceof CoreError) return false
            throw error
          }
        },
      },
    })
}

const labelTexts = ['chelated', 'waterSoluble', 'orthoOrtho', 'derivedFrom'] as const
const longestLabelText = 2000

/** Whether something has the fields of a label, each a text of sensible length. */
function isLabelDraft(value: unknown): value is LabelDraft {
  if (typeof value !== 'object' || value === null) return false
  const { analysis, ...texts } = value as Record<string, unknown>
  const isText = (text: unknown) => typeof text === 'string' && text.length <= longestLabelText
  return (
    typeof analysis === 'object' &&
    analysis !== null &&
    Object.entries(analysis).every(
      ([name, text]) => (nutrients as readonly string[]).includes(name) && isText(text),
    ) &&
    Object.keys(texts).length === labelTexts.length &&
    labelTexts.every((name) => isText(texts[name]))
  )
}

/** A label as typed whose figures can be read; the message is that of its first bad field. */
export function IsReadableLabel(): Property {
  return (target, key) =>
    registerDecorator({
      name: 'isReadableLabel',
      target: target.constructor,
      propertyName: key,
      validator: {
        validate: (value: unknown) => isLabelDraft(value) && checkLabel(value).label !== undefined,
        defaultMessage(args) {
          const value: unknown = args?.value
          if (!isLabelDraft(value)) return 'Label: give its fields as texts.'
          return `Label: ${Object.values(checkLabel(value).problems).join(' ')}`
        },
      },
    })
}
