export { PushStateDto, SubscribeDto } from './push.dto.ts'
export type { Pushed } from './pushed.ts'
export { pushRoutes } from './push.routes.ts'
