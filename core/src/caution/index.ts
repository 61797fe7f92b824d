export { cautionsFor } from './cautions-for.ts'
export type { Caution } from './data/cautions.ts'
