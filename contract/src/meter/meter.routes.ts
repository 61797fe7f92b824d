import { one, reads } from '../route/index.ts'
import { LeafMeterReadingDto, MeterQueryDto, MeterReadingDto } from './meter.dto.ts'

export const meterRoutes = {
  pH: reads({
    path: '/stands/:standId/meter',
    summary: 'What the electrode of the pH meter gives now, in a buffer or a sample of the stand',
    access: 'look',
    query: MeterQueryDto,
    answers: one(MeterReadingDto),
    topic: undefined,
  }),
  leaf: reads({
    path: '/stands/:standId/leaf-meter',
    summary: 'What the chlorophyll meter shows, clipped to one leaf of the stand',
    access: 'look',
    answers: one(LeafMeterReadingDto),
    topic: undefined,
  }),
}
