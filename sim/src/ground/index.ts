export { groundOf } from './ground.ts'
export type { Ground } from './ground.ts'
