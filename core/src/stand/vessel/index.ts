export { volumeOf, volumeOfLoop } from './vessel.ts'
export type { Vessel } from './vessel.ts'
