import { isAccessToPlace } from '@spudder/contract/access'
import { personRoutes } from '@spudder/contract/person'
import type { Route } from '@spudder/contract/route'
import type { Database } from '../database/connect.ts'
import type { Locals } from 'express'
import { ServiceError } from '../problem/service-error.ts'
import { noteAudit } from './audit.ts'
import { isPlace } from './membership.repository.ts'
import { requireAccess, requireReachable, type Reach } from './gate.ts'
import { placeOf, type Params } from './place-of.repository.ts'

/** Who stands at the door of every route: lets in, and notes what was done. */
export interface Watch {
  /** @throws {ServiceError} for who may not */
  readonly admit: (route: Route, params: Params, locals: Locals) => Promise<Reach | undefined>
  readonly note: (route: Route, params: Params, locals: Locals) => Promise<void>
}

declare module 'express-serve-static-core' {
  interface Locals {
    reach: Reach | undefined
  }
}

/** Answers that take everything of a place out at once: that they were asked for is noted. */
const readsOut: ReadonlySet<string> = new Set(['/places/:placeId/archive'])

/**
 * Whether a refusal is worth a line: who tries another place, or to change what is not theirs. What a page
 * asks for at one's own place and one may not see is no attempt.
 */
const isNoted = (error: unknown, { method }: Route): boolean =>
  error instanceof ServiceError &&
  (error.code === 'not-found' || (error.code === 'not-allowed' && method !== 'get'))

/** The place that a request would have led to, where there is one: its owners see who tried. */
async function placeThatIs(db: Database, { access }: Route, params: Params) {
  if (!isAccessToPlace(access)) return undefined
  const placeId = await placeOf(db, params)
  return placeId !== undefined && (await isPlace(db, placeId)) ? placeId : undefined
}

/** What is done of people is noted where it is done, with more than an address says. */
const notedThemselves: ReadonlySet<string> = new Set(
  Object.values(personRoutes).map(({ path }) => path),
)

/** What a route does, and to what. */
const subjectOf = ({ summary, path }: Route, params: Params): string =>
  `${summary} (${path.replace(/:(\w+)/g, (_, name: string) => params[name] ?? '')})`

/**
 * Stands at the door of every route: asks for the right that it needs, and notes who did what.
 * @param changed told of every place where something changed
 */
export function watchOver(
  db: Database,
  routes: readonly Route[],
  changed: (placeId: string) => Promise<void>,
): Watch {
  for (const route of routes) requireReachable(route)
  return {
    admit: async (route, params, { visit }) => {
      const { visitor, from } = visit
      try {
        return await requireAccess(db, visitor, route, params)
      } catch (error) {
        const placeId = isNoted(error, route) ? await placeThatIs(db, route, params) : undefined
        // That something is not there at all is nobody's refusal.
        if (visitor && placeId !== undefined) {
          const { id: personId, name: actor } = visitor.person
          const subject = subjectOf(route, params)
          const what = { act: 'refused', outcome: 'refused', subject, placeId } as const
          await noteAudit(db, from, { ...what, personId, actor })
        }
        throw error
      }
    },
    note: async (route, params, { visit, reach }) => {
      const { visitor, from } = visit
      const isChange = route.method !== 'get' && !notedThemselves.has(route.path)
      // What has no place is noted by whoever does it, in words of its own.
      // A change of people is none of how it stands at the place; all others may be.
      if (reach && isChange) await changed(reach.placeId)
      if (!visitor || !reach || !(isChange || readsOut.has(route.path))) return
      await noteAudit(db, from, {
        act: route.method === 'get' ? 'read-out' : 'changed',
        personId: visitor.person.id,
        actor: visitor.person.name,
        placeId: reach.placeId,
        subject: subjectOf(route, params),
      })
    },
  }
}
