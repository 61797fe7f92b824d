export { writtenCases } from './written-cases.ts'
export type { WrittenCase } from './written-case.ts'
