export { ProblemDto, ProblemFieldDto } from './problem.dto.ts'
export type { ProblemCode } from './codes.ts'
