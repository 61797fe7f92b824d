import {
  askWords,
  isAccessToPlace,
  rightsOf,
  rightWords,
  type Right,
  type Role,
} from '@spudder/contract/access'
import type { Route } from '@spudder/contract/route'
import { dateToDay } from '@spudder/core/base/calendar'
import type { Connection } from '../database/connect.ts'
import { ServiceError } from '../problem/service-error.ts'
import { selectMembership } from './membership.repository.ts'
import { leadsToPlace, placeOf, type Params } from './place-of.repository.ts'
import type { Visitor } from './visitor.ts'

/** What somebody may at the place that a request leads to. */
export interface Reach {
  readonly placeId: string
  readonly role: Role
  readonly rights: ReadonlySet<Right>
}

/** The same words for what is not there and for what is somebody else's: nobody learns which. */
const nothing = () => new ServiceError('not-found', 'There is nothing under this address for you.')

const namesIn = (path: string): readonly string[] =>
  [...path.matchAll(/:(\w+)/g)].map(([, name]) => String(name))

/**
 * A route that asks for a right has to lead to a place, by its path alone.
 * @throws {Error} a fault of ours
 */
export function requireReachable({ path, access }: Route): void {
  if (isAccessToPlace(access) && !leadsToPlace(namesIn(path)))
    throw new Error(`${path} asks for a right and leads to no place`)
}

function rightFor({ access }: Route, params: Params): Right {
  if (!isAccessToPlace(access)) throw new Error(`${access} is no right`)
  const right = typeof access === 'string' ? access : access.byKind[params['kind'] ?? '']
  if (right === undefined) throw nothing()
  return right
}

/**
 * Lets through whoever may call a route.
 * @returns what they may at the place that it leads to; undefined where it leads to none
 * @throws {ServiceError} sign-in-needed, not-found for a place that is not theirs, not-allowed
 */
export async function requireAccess(
  connection: Connection,
  visitor: Visitor | undefined,
  route: Route,
  params: Params,
): Promise<Reach | undefined> {
  const { access } = route
  if (access === 'everybody') return undefined
  if (!visitor) throw new ServiceError('sign-in-needed', 'Sign in, then do it again.')
  if (access === 'person') {
    // A program works at one place: what is a person's own is none of its business.
    if (visitor.key) throw new ServiceError('not-allowed', 'A key of a program cannot do that.')
    return undefined
  }
  const right = rightFor(route, params)
  const placeId = await placeOf(connection, params)
  const member =
    placeId === undefined
      ? undefined
      : await selectMembership(connection, visitor.person.id, placeId, dateToDay(new Date()))
  if (!member || (visitor.key && visitor.key.placeId !== member.placeId)) throw nothing()
  const ofRole = rightsOf(member.role)
  const { key } = visitor
  const rights = key ? new Set([...ofRole].filter((each) => key.rights.has(each))) : ofRole
  if (!rights.has(right)) throw notAllowed(right, member.role, key !== undefined)
  return { placeId: member.placeId, role: member.role, rights }
}

/**
 * Asks for more than the route does, where what is sent needs it.
 * @throws {ServiceError} not-allowed
 */
export function requireRight(reach: Reach | undefined, right: Right): void {
  if (!reach) throw new Error('the route leads to no place')
  if (!reach.rights.has(right)) throw notAllowed(right, reach.role, false)
}

function notAllowed(right: Right, role: Role, isProgram: boolean): ServiceError {
  const words = isProgram ? `This key was not made to ${rightWords[right]}.` : askWords(role, right)
  return new ServiceError('not-allowed', words)
}
