export { LeafMeterReadingDto, MeterQueryDto, MeterReadingDto } from './meter.dto.ts'
export type {
  LeafMeterService,
  LeafQuestion,
  MeterQuestion,
  MeterSample,
  MeterService,
} from './meter.dto.ts'
export { meterRoutes } from './meter.routes.ts'
