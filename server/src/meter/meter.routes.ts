import {
  LeafMeterReadingDto,
  MeterQueryDto,
  MeterReadingDto,
  type LeafMeterService,
  type MeterService,
} from '@spudder/contract/meter'
import { greennessReading, isColourKind, onScale } from '@spudder/core/seen/colour'
import type { Database } from '../database/connect.ts'
import { route, type AnyRoute } from '../http/route.ts'
import { readStory } from '../stand/stand.service.ts'

export const meterRoutes = (db: Database, meter: MeterService & LeafMeterService): AnyRoute[] => [
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
  route({
    method: 'get',
    path: '/stands/:standId/leaf-meter',
    summary: 'What the chlorophyll meter shows, clipped to one leaf of the stand',
    answer: LeafMeterReadingDto,
    handle: async ({ params, recorder }) => {
      const { stand, readings } = await readStory(db, params['standId'] ?? '')
      const last = readings.findLast(({ kind, place }) => isColourKind(kind) && !place)
      const lastUnits =
        last && isColourKind(last.kind)
          ? onScale('chlorophyll', greennessReading({ ...last, kind: last.kind }).greenness)
          : undefined
      return meter.readLeaf({ standId: stand.id, lastUnits, at: recorder.at })
    },
  }),
]
