export { judgeWork, labelProblems } from './judge-work.ts'
export { jarTestOf } from './partner-problems.ts'
export type { GroundPH, JarTest, PlannedWork, TankPartner, WorkField, WorkProblem } from './work.ts'
