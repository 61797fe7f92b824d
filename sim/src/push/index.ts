export { servePush } from './serve-push.ts'
export type { PracticeSubscription, SimulatedPush } from './serve-push.ts'
