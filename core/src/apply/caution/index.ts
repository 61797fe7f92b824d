export { cautionsFor } from './cautions-for.ts'
export type { Caution, CautionedWork } from './cautions-for.ts'
export type { Hazard } from './data/cautions.ts'
