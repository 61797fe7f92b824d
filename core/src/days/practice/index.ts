export { practices } from './data/practices.ts'
export type { Practice } from './data/practices.ts'
export { costWords, findPractice, isDoneOn, practicesFor, roundsOf } from './practices-for.ts'
