export { isAccessToPlace, rights, rightsOf, rightWords, roleMay, rolesThatMay } from './rights.ts'
export type { Access, KindRights, Right } from './rights.ts'
export { roles, roleWords } from './roles.ts'
export type { Role } from './roles.ts'
