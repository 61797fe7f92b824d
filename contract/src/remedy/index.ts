export { ConditioningDto, CreateRemedyDto, RemedyDto, TankPartnerDto } from './remedy.dto.ts'
export type { FrozenCause } from './remedy.dto.ts'
export { applicationFacts, chosenOf, requestOf } from './application-facts.ts'
export type { KnownOfApplication } from './application-facts.ts'
