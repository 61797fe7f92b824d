export { guessIntake, intakeFields, intakeKinds } from './fields.ts'
export type { IntakeField, IntakeKind, IntakeMap } from './fields.ts'
export { mostIntakeRows, readIntake, readIntakeTable } from './read-intake.ts'
export type { IntakeError, IntakeKnown, IntakeRows, ReadIntake } from './read-intake.ts'
