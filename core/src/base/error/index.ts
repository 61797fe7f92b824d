export { CoreError } from './core-error.ts'
export type { CoreErrorCode, CoreErrorDetail } from './core-error.ts'
export { requireInRange } from './require-in-range.ts'
