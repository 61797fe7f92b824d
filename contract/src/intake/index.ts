export { CreateIntakeDto, IntakeDto, IntakeProgressDto } from './intake.dto.ts'
export { intakeRoutes } from './intake.routes.ts'
