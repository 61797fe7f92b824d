import { roles, type Role } from './roles.ts'

/** What may be done at a place, as far as roles differ in it. */
export const rights = [
  'read-record',
  'see',
  'work',
  'look',
  'photograph',
  'apply',
  'advise',
  'plan',
  'own',
] as const
export type Right = (typeof rights)[number]

/** Each right, in words that follow "may" and "can". */
export const rightWords: Readonly<Record<Right, string>> = {
  'read-record': 'read the record and its papers',
  see: 'see stands, cases and plans',
  work: 'take jobs on, and say that one is at them',
  look: 'store looks and readings',
  photograph: 'keep photos',
  apply: 'record work that was done',
  advise: 'write a note beside a verdict',
  plan: 'decide on remedies, plan work, and keep stands, shelf and sprayers',
  own: 'say who comes in, and what becomes of the place as a whole',
}

const everyRight = new Set<Right>(rights)

/** What each role may do. A role without rights does not compile. */
const rightsByRole: Readonly<Record<Role, ReadonlySet<Right>>> = {
  owner: everyRight,
  manager: new Set(rights.filter((right) => right !== 'own')),
  applicator: new Set<Right>(['read-record', 'see', 'work', 'photograph', 'apply']),
  scout: new Set<Right>(['read-record', 'see', 'work', 'look', 'photograph']),
  adviser: new Set<Right>(['read-record', 'see', 'advise']),
  inspector: new Set<Right>(['read-record']),
}

export const rightsOf = (role: Role): ReadonlySet<Right> => rightsByRole[role]
export const roleMay = (role: Role, right: Right): boolean => rightsByRole[role].has(right)

/** The roles that may do something, the one that may most first. */
export const rolesThatMay = (right: Right): readonly Role[] =>
  roles.filter((role) => roleMay(role, right))

/** The right that is needed where a path names the kind of a thing, by kind. */
export interface KindRights {
  readonly byKind: Readonly<Record<string, Right>>
}

/**
 * Who may call a route: everybody, signed in or not; a person, for what is their own; or whoever has a
 * right at the place that the path leads to.
 */
export type Access = 'everybody' | 'person' | Right | KindRights

export const isAccessToPlace = (access: Access): access is Right | KindRights =>
  access !== 'everybody' && access !== 'person'
