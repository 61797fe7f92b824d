import { plainToInstance, type ClassConstructor } from 'class-transformer'
import { validateSync, type ValidationError } from 'class-validator'
import type { ProblemFieldDto } from '../problem/index.ts'

function fieldsOf(errors: readonly ValidationError[], parent = ''): ProblemFieldDto[] {
  return errors.flatMap((error) => {
    const field = parent === '' ? error.property : `${parent}.${error.property}`
    const [message] = Object.values(error.constraints ?? {})
    const own = message === undefined ? [] : [{ field, message }]
    return [...own, ...fieldsOf(error.children ?? [], field)]
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
  if (errors.length === 0) return { ok: true, value }
  return { ok: false, fields: fieldsOf(errors) }
}
