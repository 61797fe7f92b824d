export { planDose } from './plan-dose.ts'
export type { DosePlan, DoseWarning } from './plan-dose.ts'
