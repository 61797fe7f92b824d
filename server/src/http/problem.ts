import { CoreError, type CoreErrorCode } from '@spudder/core/base/error'
import type { ProblemCode, ProblemDto } from '@spudder/contract/problem'
import { photoMostMB, tableMostMB, usualMostMB } from '@spudder/contract/route'
import type { ErrorRequestHandler, Request } from 'express'
import { databaseErrno } from '../database/insert-once.ts'
import { ServiceError } from '../problem/service-error.ts'

/** Status and title of every code. A code without a row does not compile. */
export const problems: Readonly<Record<ProblemCode, { status: number; title: string }>> = {
  'invalid-body': { status: 400, title: 'Some fields need another value' },
  'body-unreadable': { status: 400, title: 'The request could not be read' },
  'not-found': { status: 404, title: 'Not found' },
  conflict: { status: 409, title: 'Already recorded otherwise' },
  'too-large': { status: 413, title: 'Too much at once' },
  internal: { status: 500, title: 'Something went wrong on our side' },
  'out-of-range': { status: 400, title: 'A figure is out of range' },
  'not-a-number': { status: 400, title: 'A figure is not a number' },
  'quantity-unreadable': { status: 400, title: 'A quantity could not be read' },
  'unit-unknown': { status: 400, title: 'A unit is not known' },
  'unit-mismatch': { status: 400, title: 'A unit does not fit' },
  'unit-ambiguous': { status: 400, title: 'A unit could mean two things' },
  'date-unreadable': { status: 400, title: 'A day could not be read' },
  'not-applicable': { status: 400, title: 'That does not fit this stand' },
  'unknown-name': { status: 400, title: 'A name is not known' },
}

function problemOf(code: ProblemCode, detail: string, fields: ProblemDto['fields']): ProblemDto {
  const { status, title } = problems[code]
  return { type: `/problems/${code}`, title, status, detail, code, fields }
}

const bodyErrors: Readonly<Record<string, ProblemDto>> = {
  'entity.parse.failed': problemOf('body-unreadable', 'The body is not JSON.', []),
  'encoding.unsupported': problemOf('body-unreadable', 'The encoding is not known.', []),
  'charset.unsupported': problemOf('body-unreadable', 'The character set is not known.', []),
  'entity.too.large': problemOf(
    'too-large',
    `The body is larger than this takes: ${usualMostMB} MB, ${tableMostMB} MB for a file of a laboratory or a station, ${photoMostMB} MB for a photo.`,
    [],
  ),
}

function bodyProblem(error: unknown): ProblemDto | undefined {
  if (typeof error !== 'object' || error === null || !('type' in error)) return undefined
  return bodyErrors[String(error.type)]
}

function coreProblem(code: CoreErrorCode, error: CoreError): ProblemDto {
  const message = error.sentence()
  return problemOf(code, message, [{ field: error.parameter, message }])
}

/** The problem that an error is told as; undefined for what nobody foresaw. */
function toProblem(error: unknown): ProblemDto | undefined {
  if (error instanceof CoreError) return coreProblem(error.code, error)
  if (error instanceof ServiceError) return problemOf(error.code, error.message, [...error.fields])
  return bodyProblem(error)
}

/** What may be logged of an unforeseen error: never SQL, which carries people's data. */
function logged(error: unknown): object {
  const errno = databaseErrno(error)
  if (errno !== undefined) return { errno }
  return error instanceof Error
    ? { name: error.name, stack: error.stack }
    : { error: String(error) }
}

/** The one place where errors leave the server. */
export const problemHandler: ErrorRequestHandler = (
  error: unknown,
  request: Request,
  response,
  _next,
) => {
  const known = toProblem(error)
  const requestId = String(request.id ?? '')
  if (!known) request.log?.error({ requestId, ...logged(error) }, 'unforeseen error')
  const detail = `Nothing was stored. Try again; if it stays, look for ${requestId} in the log.`
  const problem = known ?? problemOf('internal', detail, [])
  response
    .status(problem.status)
    .type('application/problem+json')
    .send(JSON.stringify({ ...problem, requestId }))
}
