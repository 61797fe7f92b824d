import { checkSteps } from './check-steps.ts'
import { runSteps } from './steps.ts'

process.exit((await runSteps(checkSteps)) ? 0 : 1)
