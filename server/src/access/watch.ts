import { isAccessToPlace } from '@spudder/contract/access'
import type { Route } from '@spudder/contract/route'
import type { Database } from '../database/connect.ts'
import type { Watch } from '../http/route.ts'
import { ServiceError } from '../problem/service-error.ts'
import { noteAudit } from './audit.ts'
import { selectPlace } from '../place/place.repository.ts'
import { requireAccess, requireReachable, type Reach } from './gate.ts'
import { placeOf, type Params } from './place-of.ts'

declare module 'express-serve-static-core' {
  interface Locals {
    reach: Reach | undefined
  }
}

/** Answers that take everything of a place out at once: that they were asked for is noted. */
const readsOut: ReadonlySet<string> = new Set(['/places/:placeId/archive'])

const isRefusal = (error: unknown): boolean =>
  error instanceof ServiceError && (error.code === 'not-allowed' || error.code === 'not-found')

/** The place that a request would have led to, where there is one: its owners see who tried. */
async function placeThatIs(db: Database, { access }: Route, params: Params) {
  if (!isAccessToPlace(access)) return undefined
  const placeId = await placeOf(db, params)
  return placeId === undefined ? undefined : (await selectPlace(db, placeId))?.id
}

/** Stands at the door of every route: asks for the right that it needs, and notes who did what. */
export function watchOver(db: Database, routes: readonly Route[]): Watch {
  for (const route of routes) requireReachable(route)
  return {
    admit: async (route, params, { visit }) => {
      const { visitor, from } = visit
      try {
        return await requireAccess(db, visitor, route, params)
      } catch (error) {
        const placeId = isRefusal(error) ? await placeThatIs(db, route, params) : undefined
        // That something is not there at all is nobody's refusal.
        if (visitor && placeId !== undefined) {
          const { id: personId, name: actor } = visitor.person
          const subject = `${route.method} ${route.path} ${Object.values(params).join(' ')}`
          const what = { act: 'refused', outcome: 'refused', subject, placeId } as const
          await noteAudit(db, from, { ...what, personId, actor })
        }
        throw error
      }
    },
    note: async (route, address, { visit, reach }) => {
      const { visitor, from } = visit
      const isNoted = route.method !== 'get' || readsOut.has(route.path)
      // What has no place is noted by whoever does it, in words of its own.
      if (!visitor || !reach || !isNoted) return
      await noteAudit(db, from, {
        act: route.method === 'get' ? 'read-out' : 'changed',
        personId: visitor.person.id,
        actor: visitor.person.name,
        placeId: reach.placeId,
        subject: `${route.method} ${address.split('?')[0] ?? ''}`,
      })
    },
  }
}
