export { judgeSteps, whereStepsGo } from './judge-steps.ts'
export type { JudgedSteps, StepsFacts, StepsWhere } from './judge-steps.ts'
