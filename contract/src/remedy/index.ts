export { ConditioningDto, CreateRemedyDto, RemedyDto, TankPartnerDto } from './remedy.dto.ts'
export type { FrozenCause } from './remedy.dto.ts'
