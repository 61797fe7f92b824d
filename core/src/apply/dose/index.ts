export { isSaltThatHurtsFish, planDose } from './plan-dose.ts'
export type { DosePlan, DoseWarning } from './plan-dose.ts'
export { loopStateOf } from './loop-state.ts'
export type { LoopState } from './loop-state.ts'
