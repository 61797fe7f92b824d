export { practices } from './data/practices.ts'
export type { Practice } from './data/practices.ts'
export { findPractice, practicesFor, roundsOf } from './practices-for.ts'
