export { hazards } from './data/hazards.ts'
export { sourceFamilies } from './source-family.ts'
export type { HazardLimit } from './hazard-limit.ts'
export {
  hazardLimits,
  limitsFor,
  limitStandings,
  limitWords,
  standingWords,
} from './judge-limits.ts'
export type { LimitedWork, LimitStanding } from './judge-limits.ts'
