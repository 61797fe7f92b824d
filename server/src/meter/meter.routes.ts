import { MeterQueryDto, MeterReadingDto, type MeterService } from '@spudder/contract/meter'
import type { Database } from '../database/connect.ts'
import { route, type AnyRoute } from '../http/route.ts'
import { readStory } from '../stand/stand.service.ts'

export const meterRoutes = (db: Database, meter: MeterService): AnyRoute[] => [
  route({
    method: 'get',
    path: '/stands/:standId/meter',
    summary: 'What the electrode of the pH meter gives now, in a buffer or a sample of the stand',
    query: MeterQueryDto,
    answer: MeterReadingDto,
    handle: async ({ params, query, recorder }) => {
      const { stand, readings } = await readStory(db, params['standId'] ?? '')
      const lastPH = readings.findLast(({ kind }) => kind === 'pH')?.value
      return meter.read({ standId: stand.id, in: query.in, lastPH, at: recorder.at })
    },
  }),
]
