import type { Right } from '@spudder/contract/access'
import { parse } from 'cookie'
import { dateToDay } from '@spudder/core/base/calendar'
import type { Request, RequestHandler, Response } from 'express'
import type { Database } from '../database/connect.ts'
import type { Again } from '../database/database-fault.ts'
import { identifyRequest } from '../recorder/recorder.ts'
import { ServiceError } from '../problem/service-error.ts'
import { Attempts } from './attempts.repository.ts'
import { noteAudit, type OfRequest } from './audit.ts'
import { fingerprintOf } from './secret.ts'
import { selectAlone, selectToken, touchToken, type PersonRow } from './session.repository.ts'
import { knownBySecret, sessionHolds } from './session.service.ts'
import { whereFrom } from './where-from.ts'

/** A key of a program, as far as it says what its request may do. */
interface KeyOf {
  readonly placeId: string
  readonly rights: ReadonlySet<Right>
}

/** Whoever is asking. */
export interface Visitor {
  readonly person: PersonRow
  /** Null for who works alone and was not asked, and for a program. */
  readonly sessionId: string | null
  readonly isAlone: boolean
  /** What a program may at most; undefined for a person. */
  readonly key: KeyOf | undefined
}

/** A request, as far as it has to do with who is asking. */
export interface Visit {
  readonly visitor: Visitor | undefined
  readonly from: OfRequest
  /** The name that the page was opened by: what passkeys are bound to. */
  readonly host: string
  readonly origin: string
  /** Gives the device a secret to show from now on, or takes it. */
  readonly keepSecret: (secret: string | null) => void
}

declare module 'express-serve-static-core' {
  interface Locals {
    visit: Visit
  }
}

/** How people are let in. */
export interface Doors {
  /** Whether only this machine can reach the server, so that who works alone need not sign in. */
  readonly isPrivate: boolean
  readonly again: Again
}

/** A name that begins so is taken by browsers only over TLS, from this host, for all of it. */
const cookieName = (isSecure: boolean) => (isSecure ? '__Host-spudder' : 'spudder')

function keepSecretIn(response: Response, isSecure: boolean) {
  return (secret: string | null) => {
    const options = { httpOnly: true, sameSite: 'lax', secure: isSecure, path: '/' } as const
    if (secret === null) response.clearCookie(cookieName(isSecure), options)
    else response.cookie(cookieName(isSecure), secret, { ...options, maxAge: sessionHolds.ever })
  }
}

const shownSecret = (request: Request): string | undefined =>
  parse(request.headers.cookie ?? '')[cookieName(request.secure)]

const bearer = /^Bearer ([\w-]{20,100})$/
/** The key that a program shows; undefined for a browser. */
function shownKey(request: Request): string | undefined {
  const head = request.get('authorization')
  if (head === undefined) return undefined
  const key = bearer.exec(head)?.[1]
  if (key === undefined)
    throw new ServiceError('sign-in-needed', 'Give the key as “Authorization: Bearer …”.')
  return key
}

async function byKey(
  db: Database,
  attempts: Attempts,
  from: OfRequest,
  key: string,
): Promise<Visitor> {
  await attempts.require('link', from.address)
  const known = await selectToken(db, fingerprintOf(key))
  if (!known || known.token.expiresOn < dateToDay(new Date())) {
    await attempts.failed('link', from.address)
    const who = { personId: known?.person.id ?? null, actor: known?.person.name ?? 'a program' }
    await noteAudit(db, from, { act: 'token-refused', outcome: 'refused', ...who })
    throw new ServiceError('sign-in-needed', 'This key opens nothing, or does so no more.')
  }
  const { token, person } = known
  await touchToken(db, token.id, new Date())
  const rights = new Set(token.rights)
  return { person, sessionId: null, isAlone: false, key: { placeId: token.placeId, rights } }
}

/**
 * Says who is asking: by the secret of a device, by the key of a program, or because they work here
 * alone. Nobody is turned away here: what a route asks for is asked where it is known.
 */
export function identifyVisitor(db: Database, { isPrivate, again }: Doors): RequestHandler {
  const attempts = new Attempts(db)
  async function visitorOf(
    request: Request,
    from: OfRequest,
    keepSecret: Visit['keepSecret'],
  ): Promise<Visitor | undefined> {
    const key = shownKey(request)
    if (key !== undefined) return byKey(db, attempts, from, key)
    const secret = shownSecret(request)
    if (secret !== undefined) {
      const known = await knownBySecret(db, secret)
      if (known === 'stolen' || known === undefined) keepSecret(null)
      else {
        if (known.turned !== undefined) keepSecret(known.turned)
        const { person, sessionId } = known
        return { person, sessionId, isAlone: false, key: undefined }
      }
    }
    const person = isPrivate ? await selectAlone(db) : undefined
    return person && { person, sessionId: null, isAlone: true, key: undefined }
  }
  return async (request, response, next) => {
    const from = { ...whereFrom(request), requestId: response.locals.requestId ?? '' }
    const keepSecret = keepSecretIn(response, request.secure)
    const visitor = await again(() => visitorOf(request, from, keepSecret))
    response.locals.visit = {
      visitor,
      from,
      host: request.hostname,
      origin: `${request.protocol}://${request.get('host') ?? ''}`,
      keepSecret,
    }
    response.locals.recorder = identifyRequest(request, visitor?.person)
    next()
  }
}
