import { pushRoutes } from '@spudder/contract/push'
import { serve } from '../http/route.ts'
import { findPush, subscribe, unsubscribe, type PushStage } from './push.service.ts'

export const servePush = (stage: PushStage) =>
  serve(pushRoutes, {
    state: ({ visit }) => findPush(stage, visit),
    subscribe: ({ visit, body }) => subscribe(stage, visit, body),
    unsubscribe: ({ visit, params }) => unsubscribe(stage, visit, params.subscriptionId),
  })
