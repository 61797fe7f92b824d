import { CreateTrialDto, RatePlotsDto, TrialDto } from '@spudder/contract/trial'
import type { Database } from '../database/connect.ts'
import { route, type AnyRoute } from '../http/route.ts'
import { createTrial, findTrials, ratePlots } from './trial.service.ts'

export const trialRoutes = (db: Database): AnyRoute[] => [
  route({
    method: 'get',
    path: '/stands/:standId/trials',
    summary: 'The trials of a stand with their ratings',
    answer: TrialDto,
    isList: true,
    handle: ({ params }) => findTrials(db, params['standId'] ?? ''),
  }),
  route({
    method: 'post',
    path: '/stands/:standId/trials',
    summary: 'Lays out a trial on a stand',
    body: CreateTrialDto,
    answer: TrialDto,
    handle: ({ params, body, recorder }) =>
      createTrial(db, recorder, params['standId'] ?? '', body),
  }),
  route({
    method: 'post',
    path: '/trials/:trialId/ratings',
    summary: 'Keeps the ratings of one walk over the plots',
    body: RatePlotsDto,
    answer: TrialDto,
    handle: ({ params, body, recorder }) => ratePlots(db, recorder, params['trialId'] ?? '', body),
  }),
]
