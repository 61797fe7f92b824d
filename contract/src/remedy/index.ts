export { CreateRemedyDto, RemedyDto } from './remedy.dto.ts'
export type { FrozenCause } from './remedy.dto.ts'
