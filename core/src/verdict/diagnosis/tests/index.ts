export { DrawnWorld } from './drawn-world.ts'
export { judgeDrawn } from './judge-drawn.ts'
export { writtenCases } from './written-cases.ts'
export type { WrittenCase } from './written-case.ts'
