export { bellDrawFor, drawFor, idFor } from './seeded.ts'
