export { cautionsFor } from './cautions-for.ts'
export type { Caution, Hazard } from './data/cautions.ts'
