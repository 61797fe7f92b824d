import { meterRoutes } from '@spudder/contract/meter'
import { type LeafMeterService, type MeterService } from '@spudder/contract/meter'
import { greennessReading, isColourKind, onScale } from '@spudder/core/seen/colour'
import type { Database } from '../database/connect.ts'
import { serve } from '../http/route.ts'
import { readStory } from '../estate/estate.service.ts'
import { requirePractice } from '../place/practice.ts'

export const serveMeters = (db: Database, meter: MeterService & LeafMeterService) =>
  serve(meterRoutes, {
    pH: async ({ params, query, recorder }) => {
      const { stand, readings } = await readStory(db, params.standId)
      await requirePractice(db, stand.placeId, 'pHPen')
      const lastPH = readings.findLast(({ kind }) => kind === 'pH')?.value
      return meter.read({ standId: stand.id, in: query.in, lastPH, at: recorder.at })
    },
    leaf: async ({ params, recorder }) => {
      const { stand, readings } = await readStory(db, params.standId)
      await requirePractice(db, stand.placeId, 'leafMeter')
      const last = readings.findLast(({ kind, place }) => isColourKind(kind) && !place)
      const lastUnits =
        last && isColourKind(last.kind)
          ? onScale('chlorophyll', greennessReading({ ...last, kind: last.kind }).greenness)
          : undefined
      return meter.readLeaf({ standId: stand.id, lastUnits, at: recorder.at })
    },
  })
