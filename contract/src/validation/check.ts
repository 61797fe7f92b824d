import { plainToInstance, type ClassConstructor } from 'class-transformer'
import {
  getMetadataStorage,
  validateSync,
  ValidationTypes,
  type ValidationError,
} from 'class-validator'
import type { ProblemFieldDto } from '../problem/index.ts'

function fieldsOf(errors: readonly ValidationError[], parent = ''): ProblemFieldDto[] {
  return errors.flatMap((error) => {
    const field = parent === '' ? error.property : `${parent}.${error.property}`
    const [message] = Object.values(error.constraints ?? {})
    const own = message === undefined ? [] : [{ field, message }]
    return [...own, ...fieldsOf(error.children ?? [], field)]
  })
}

/** A list where one object is wanted: checking each of none would let an empty one through. */
function listsForObjects(value: object, parent = ''): ProblemFieldDto[] {
  const nested = getMetadataStorage()
    .getTargetValidationMetadatas(value.constructor, '', false, false)
    .filter(({ type }) => type === ValidationTypes.NESTED_VALIDATION)
  return nested.flatMap(({ propertyName, each }): ProblemFieldDto[] => {
    const held: unknown = value[propertyName as keyof object]
    const field = parent === '' ? propertyName : `${parent}.${propertyName}`
    if (typeof held !== 'object' || held === null) return []
    if (each) {
      const items = Array.isArray(held) ? (held as readonly unknown[]) : []
      return items.flatMap((item, index): ProblemFieldDto[] => {
        const at = `${field}.${index}`
        if (Array.isArray(item))
          return [{ field: at, message: `${propertyName}: a list in a list.` }]
        return typeof item === 'object' && item !== null ? listsForObjects(item, at) : []
      })
    }
    return Array.isArray(held)
      ? [{ field, message: `${propertyName}: give one, not a list.` }]
      : listsForObjects(held, field)
  })
}

/** Either the checked object or what is wrong with it, field by field. */
export type Checked<Dto> =
  | { readonly ok: true; readonly value: Dto }
  | { readonly ok: false; readonly fields: readonly ProblemFieldDto[] }

/**
 * Checks a plain object against a request class, alike in the browser and on the server. Unknown
 * properties are refused, so that a misspelt field cannot be dropped in silence.
 */
export function checkDto<Dto extends object>(
  dto: ClassConstructor<Dto>,
  plain: unknown,
): Checked<Dto> {
  if (typeof plain !== 'object' || plain === null || Array.isArray(plain)) {
    return { ok: false, fields: [{ field: '', message: 'Give a JSON object.' }] }
  }
  const value = plainToInstance(dto, plain)
  const errors = validateSync(value, {
    whitelist: true,
    forbidNonWhitelisted: true,
    forbidUnknownValues: true,
    stopAtFirstError: true,
    validationError: { target: false, value: false },
  })
  const fields = errors.length > 0 ? fieldsOf(errors) : listsForObjects(value)
  return fields.length === 0 ? { ok: true, value } : { ok: false, fields }
}
