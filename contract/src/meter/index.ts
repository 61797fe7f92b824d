export { MeterQueryDto, MeterReadingDto } from './meter.dto.ts'
export type { MeterQuestion, MeterSample, MeterService } from './meter.dto.ts'
