import { CoreError, type CoreErrorCode } from '@spudder/core/base/error'
import type { ProblemCode, ProblemDto } from '@spudder/contract/problem'
import { photoMostMB, stationMostMB, tableMostMB, usualMostMB } from '@spudder/contract/route'
import type { ErrorRequestHandler } from 'express'
import type { Logger } from 'pino'
import { databaseErrno, databaseFault } from '../database/database-fault.ts'
import { ServiceError } from '../problem/service-error.ts'

/** Status and title of every code. A code without a row does not compile. */
export const problems: Readonly<Record<ProblemCode, { status: number; title: string }>> = {
  'invalid-body': { status: 400, title: 'Some fields need another value' },
  'body-unreadable': { status: 400, title: 'The request could not be read' },
  'not-found': { status: 404, title: 'Not found' },
  conflict: { status: 409, title: 'Already recorded otherwise' },
  'too-large': { status: 413, title: 'Too much at once' },
  'wrong-host': { status: 403, title: 'Opened by another address' },
  'sign-in-needed': { status: 401, title: 'Sign in first' },
  'sign-in-failed': { status: 401, title: 'That is not right' },
  'code-needed': { status: 401, title: 'A code is asked for' },
  'not-allowed': { status: 403, title: 'That is for somebody else to do' },
  'too-often': { status: 429, title: 'Tried too often' },
  'practice-off': { status: 409, title: 'A practice device is not switched on' },
  'changed-meanwhile': { status: 409, title: 'Changed by somebody else meanwhile' },
  busy: { status: 503, title: 'Too much at once' },
  unavailable: { status: 503, title: 'The database does not answer' },
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
    `The body is larger than this takes: ${usualMostMB} MB, ${tableMostMB} MB for a file of a laboratory, ${stationMostMB} MB for one of a station, ${photoMostMB} MB for a photo.`,
    [],
  ),
}

/** What the framework has against a request: a body cut short, an address that is none. */
function requestProblem(error: unknown): ProblemDto | undefined {
  if (typeof error !== 'object' || error === null) return undefined
  const known = 'type' in error ? bodyErrors[String(error.type)] : undefined
  if (known) return known
  const status = 'status' in error ? Number(error.status) : Number.NaN
  if (!(status >= 400 && status < 500)) return undefined
  return problemOf('body-unreadable', 'The request could not be read.', [])
}

/** What a column does not take, where a class let it through: too long, too large, nothing, no parent. */
const refusedByColumns: ReadonlySet<number> = new Set([1048, 1264, 1265, 1292, 1366, 1406, 1452])
const faults = {
  away: problemOf('unavailable', 'Nothing was stored.', []),
  busy: problemOf('busy', 'Nothing was stored.', []),
  again: problemOf('busy', 'Nothing was stored.', []),
} as const

function databaseProblem(error: unknown): ProblemDto | undefined {
  const fault = databaseFault(error)
  if (fault) return faults[fault]
  const isRefused = refusedByColumns.has(databaseErrno(error) ?? 0)
  return isRefused
    ? problemOf('invalid-body', 'A value cannot be stored as it is; nothing was stored.', [])
    : undefined
}

/** The most that is said of a request that is wrong in many ways. */
const most = { fields: 20, message: 300, detail: 1200 } as const
const cut = (text: string, longest: number): string =>
  text.length > longest ? `${text.slice(0, longest)} …` : text

function bounded({ fields, detail, ...rest }: ProblemDto): ProblemDto {
  return {
    ...rest,
    detail: cut(detail, most.detail),
    fields: fields.slice(0, most.fields).map(({ field, message }) => ({
      field: cut(field, most.message),
      message: cut(message, most.message),
    })),
  }
}

function coreProblem(code: CoreErrorCode, error: CoreError): ProblemDto {
  const message = error.sentence()
  return problemOf(code, message, [{ field: error.parameter, message }])
}

/** The problem that an error is told as; undefined for what nobody foresaw. */
function toProblem(error: unknown): ProblemDto | undefined {
  if (error instanceof CoreError) return coreProblem(error.code, error)
  if (error instanceof ServiceError) {
    const problem = problemOf(error.code, error.message, [...error.fields])
    return error.version === undefined ? problem : { ...problem, version: error.version }
  }
  return requestProblem(error) ?? databaseProblem(error)
}

/** What may be logged of an unforeseen error: never SQL, which carries people's data. */
function logged(error: unknown): object {
  const errno = databaseErrno(error)
  if (errno !== undefined) return { errno }
  if (!(error instanceof Error)) return { error: typeof error }
  // Where it happened, and nothing of what it says: that may be a statement with its values.
  const where = (error.stack ?? '').split('\n').filter((line) => /^\s+at /.test(line))
  return { name: error.name, stack: where.join('\n') }
}

/** The one place where errors leave the server. */
export const problemHandler =
  (logger: Logger): ErrorRequestHandler =>
  (error: unknown, _request, response, _next) => {
    const known = toProblem(error)
    const { requestId = '' } = response.locals
    if (!known) logger.error({ requestId, ...logged(error) }, 'unforeseen error')
    else if (databaseErrno(error) !== undefined || known.status >= 500)
      logger.warn({ requestId, code: known.code, ...logged(error) }, 'the database refused')
    const detail = `Nothing was stored. Try again; if it stays, look for ${requestId} in the log.`
    const problem = known ?? problemOf('internal', detail, [])
    if (problem.status === 503) response.set('retry-after', '2')
    if (problem.status === 429) response.set('retry-after', '60')
    response
      .status(problem.status)
      .type('application/problem+json')
      .send(JSON.stringify({ ...bounded(problem), requestId }))
  }
