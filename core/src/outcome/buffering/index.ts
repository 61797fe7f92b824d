export { groundReadings, newestOf, pHToStartFrom, retestsSince } from './ground-facts.ts'
export type { GroundStory } from './ground-facts.ts'
export { taughtPlan } from './taught-plan.ts'
export type { KeptPlan, PlanStory, TaughtPlan } from './taught-plan.ts'
export {
  bufferDerivation,
  bufferWords,
  groundAsLearnt,
  learnBuffering,
  saidWords,
} from './learn-buffering.ts'
export type { BufferAsked, BufferHere } from './learn-buffering.ts'
export { bufferRows } from './buffer-rows.ts'
export type { BufferRow } from './buffer-rows.ts'
