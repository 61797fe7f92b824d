import { changes, creates, json, nothing, one, reads } from '../route/index.ts'
import { PushStateDto, SubscribeDto } from './push.dto.ts'

/** What one's devices are told without being opened. */
export const pushRoutes = {
  state: reads({
    path: '/me/push',
    summary:
      'Which of one’s devices are told things by web push, and the key that they are told by',
    access: 'person',
    answers: one(PushStateDto),
    topic: 'me',
  }),
  subscribe: creates({
    path: '/me/push',
    summary: 'Tells this device too, or tells it of other things',
    access: 'person',
    sends: json(SubscribeDto),
    answers: one(PushStateDto),
    touches: ['me'],
  }),
  unsubscribe: changes({
    path: '/me/push/:subscriptionId',
    summary: 'Tells a device nothing any more',
    access: 'person',
    sends: nothing,
    answers: one(PushStateDto),
    touches: ['me'],
  }),
}
