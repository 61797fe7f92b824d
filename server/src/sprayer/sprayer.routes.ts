import { ChangeSprayerDto, CreateSprayerDto, SprayerDto } from '@spudder/contract/sprayer'
import type { Database } from '../database/connect.ts'
import { route, type AnyRoute } from '../http/route.ts'
import { changeSprayer, createSprayer, findSprayers } from './sprayer.service.ts'

export const sprayerRoutes = (db: Database): AnyRoute[] => [
  route({
    method: 'get',
    path: '/places/:placeId/sprayers',
    summary: 'What a place sprays and drenches with',
    answer: SprayerDto,
    isList: true,
    handle: ({ params }) => findSprayers(db, params['placeId'] ?? ''),
  }),
  route({
    method: 'post',
    path: '/places/:placeId/sprayers',
    summary: 'Adds a sprayer',
    body: CreateSprayerDto,
    answer: SprayerDto,
    handle: ({ params, body, recorder }) =>
      createSprayer(db, recorder, params['placeId'] ?? '', body),
  }),
  route({
    method: 'patch',
    path: '/sprayers/:sprayerId',
    summary: 'Changes a sprayer, keeps its calibration, or retires it',
    body: ChangeSprayerDto,
    answer: SprayerDto,
    handle: ({ params, body, recorder }) =>
      changeSprayer(db, recorder, params['sprayerId'] ?? '', body),
  }),
]
